import dynamic from 'next/dynamic';
import { shifted } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

const FiguresPanel = dynamic(() => import('./FiguresPanel').then((one) => one.FiguresPanel), { ssr: false });

export const figures = definePanel({
  id: 'figures',
  key: { shown: 'Shift V', matches: shifted('v'), does: 'the round in figures: chances, answers, waiting' },
  toggles: true,
  Component: ({ desk }) => {
    const { reading, names, tide, round, homework, playhead, toLedger } = desk;
    return (
      <FiguresPanel
        {...{ reading, names, tide, homework }}
        roundId={round.id}
        onLook={playhead.seek}
        onLeave={toLedger}
      />
    );
  },
});
