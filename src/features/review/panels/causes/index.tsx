import dynamic from 'next/dynamic';
import { shifted } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

const CausesPanel = dynamic(() => import('./CausesPanel').then((one) => one.CausesPanel), { ssr: false });

export const causes = definePanel({
  id: 'causes',
  key: { shown: 'Shift C', matches: shifted('c'), does: 'first causes and what they cost' },
  toggles: true,
  Component: ({ desk }) => {
    const { reading, chains, names, span, round, goTo, toLedger } = desk;
    return (
      <CausesPanel
        {...{ reading, chains, names, startSeconds: span.startSeconds }}
        roundId={round.id}
        onLook={goTo}
        onWalk={(last) => {
          goTo(last);
          desk.setSaid('The last of the chain. Shift R goes to what led to it.');
        }}
        onLeave={toLedger}
      />
    );
  },
});
