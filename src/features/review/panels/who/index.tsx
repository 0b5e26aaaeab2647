import dynamic from 'next/dynamic';
import { plain } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

const WhoPanel = dynamic(() => import('./WhoPanel').then((one) => one.WhoPanel), { ssr: false });

export const who = definePanel({
  id: 'who',
  key: { shown: 'W', matches: plain('w'), does: 'who is who: pictures, exchange the two' },
  toggles: true,
  Component: ({ desk }) => {
    const { stills, playhead, round, span, filmed, likelySwap, moves, toLedger } = desk;
    return (
      <WhoPanel
        athletes={round}
        stills={stills.stills}
        drawing={stills.drawing}
        {...{ filmed, likelySwap, startSeconds: span.startSeconds }}
        problem={stills.problem}
        now={playhead.now}
        onDraw={(athlete) => {
          playhead.pause();
          stills.draw(athlete);
        }}
        onForget={stills.forget}
        onSwapFrom={moves.swapAthletes}
        onLook={playhead.seek}
        onLeave={toLedger}
      />
    );
  },
});
