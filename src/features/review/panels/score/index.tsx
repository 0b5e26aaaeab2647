import dynamic from 'next/dynamic';
import { plain } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

const ScorePanel = dynamic(() => import('./ScorePanel').then((one) => one.ScorePanel), { ssr: false });

export const score = definePanel({
  id: 'score',
  key: { shown: 'B', matches: plain('b'), does: 'the score, its holds and the official board' },
  toggles: true,
  refuse: (desk) => (desk.score ? undefined : 'This round is sparring without score. Its card can give it a rule set.'),
  Component: ({ desk }) => {
    const { names, playhead, span, round, toLedger } = desk;
    return desk.score ? (
      <ScorePanel
        {...desk.score}
        {...{ names, playhead, startSeconds: span.startSeconds, roundId: round.id }}
        onLook={playhead.seek}
        onLeave={toLedger}
      />
    ) : null;
  },
});
