import dynamic from 'next/dynamic';
import { plain } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

const ClocksPanel = dynamic(() => import('./ClocksPanel').then((one) => one.ClocksPanel), { ssr: false });

export const clocks = definePanel({
  id: 'clocks',
  key: { shown: 'K', matches: plain('k'), does: 'clocks seen in the footage' },
  toggles: true,
  Component: ({ desk }) => {
    const { playhead, span, clockGround, toLedger } = desk;
    const { clocks: shown, problem, save, remove } = desk.clocks;
    return (
      <ClocksPanel
        {...{ problem, playhead }}
        clocks={shown}
        round={span}
        ground={clockGround}
        onSave={save}
        onRemove={remove}
        onLeave={toLedger}
      />
    );
  },
});
