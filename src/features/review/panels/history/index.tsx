import dynamic from 'next/dynamic';
import { shifted } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

const HistoryPanel = dynamic(() => import('./HistoryPanel').then((one) => one.HistoryPanel), { ssr: false });

export const history = definePanel({
  id: 'history',
  key: { shown: 'Shift E', matches: shifted('e'), does: 'the history of the chosen mark: who, when, what' },
  toggles: true,
  Component: ({ desk }) => (
    <HistoryPanel
      address={desk.address.marks.replace('/marks', '/marks/{mark}/history')}
      mark={desk.moves.selected}
      names={desk.names}
      timeOf={desk.face.timeOf}
      onPutBack={desk.marks.replace}
      onLeave={desk.toLedger}
    />
  ),
});
