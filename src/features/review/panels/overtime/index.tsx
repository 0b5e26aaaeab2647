import dynamic from 'next/dynamic';
import { shifted } from '@/ui/keys/keyEntry';
import { readable } from '../clocks/clockView';
import { definePanel } from '../definePanel';

const OvertimePanel = dynamic(() => import('./OvertimePanel').then((one) => one.OvertimePanel), { ssr: false });

export const overtime = definePanel({
  id: 'overtime',
  key: { shown: 'Shift H', matches: shifted('h'), does: 'overtime: turns, sums, what is needed next' },
  toggles: true,
  refuse: (desk) =>
    desk.overtime.rules
      ? undefined
      : 'This round has no overtime by escape time. Its card can give it a rule set that has.',
  Component: ({ desk }) => {
    const { names, playhead, span, round, clocks, clockGround, reading, toLedger } = desk;
    return (
      <OvertimePanel
        {...{ names, playhead, startSeconds: span.startSeconds, overtime: desk.overtime }}
        clocks={clocks.clocks.flatMap((one) => readable(one, clockGround) ?? [])}
        notes={reading.marks.filter((mark) => mark.kind === 'note')}
        roundId={round.id}
        onLeave={toLedger}
      />
    );
  },
});
