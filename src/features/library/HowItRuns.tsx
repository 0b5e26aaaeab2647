import Link from 'next/link';
import { leastMinutesOf, mostMinutesOf, type PlanNumbers, splitMinutes, taughtHere } from '@/core/planning';
import { beltWords, type Drill, type HouseWords, houseNameOf } from '@/core/vocabulary';
import { gameWords, phaseTitles } from '@/terms/drillWords';
import { Quiet } from '@/ui/layout/Page';

export interface HowItRunsProps {
  readonly drill: Drill;
  readonly house: HouseWords;
  readonly numbers: PlanNumbers;
}

/** A drill as the lesson that it is: how it begins and goes on, the partner's task, easier and harder, its game, its minutes, and for whom it is. */
export function HowItRuns({ drill, house, numbers }: HowItRunsProps) {
  return (
    <>
      <p>{drill.start}</p>
      <p>
        <em>{drill.constraint}</em>
      </p>
      <ul>
        {drill.branches.map((branch) => (
          <li key={branch.when}>
            If {branch.when}: {branch.answer}.
          </li>
        ))}
      </ul>
      {drill.counterpart ? <p>Partner: {drill.counterpart}.</p> : null}
      {drill.easier || drill.harder ? (
        <p>
          {drill.easier ? `Too hard: ${drill.easier}. ` : ''}
          {drill.harder ? `Too easy: ${drill.harder}.` : ''}
        </p>
      ) : null}
      {drill.game ? <p>Played: {gameWords(drill.game).join(' ')}</p> : null}
      {drill.needs.length > 0 ? (
        <p>
          To be known before:{' '}
          {drill.needs.map((id, at) => (
            <span key={id}>
              {at > 0 ? ', ' : ''}
              <Link href={`/library/${id}`}>{houseNameOf(house, id)}</Link>
            </span>
          ))}
          .
        </p>
      ) : null}
      <Quiet>{minutesWords(drill, numbers)}</Quiet>
      <Quiet>
        From {beltWords(drill.lowestBelt, 0)}
        {drill.under16 ? '' : ', not under 16'}
        {drill.loads.length > 0 ? `; loads ${drill.loads.join(', ')}` : ''}.
      </Quiet>
    </>
  );
}

/** "8 to 25 minutes, both sides. In 16: show it 2, repeat 4, against rising answers 5, play it 5." */
function minutesWords(drill: Drill, numbers: PlanNumbers): string {
  const [taught = drill] = taughtHere([drill], numbers);
  const [least, most] = [leastMinutesOf(taught), mostMinutesOf(taught)];
  const middle = Math.round((least + most) / 2);
  const parts = splitMinutes(taught, middle).map(
    ({ phase, minutes }) => `${phaseTitles[phase].toLowerCase()} ${minutes}`,
  );
  return `${least} to ${most} minutes${drill.sided ? ', both sides' : ''}. In ${middle}: ${parts.join(', ')}.`;
}
