import { addDays } from '@/core/kernel';
import type { WorkCandidate } from '@/core/reviewing';
import {
  beltName,
  cueOf,
  drillOf,
  findError,
  type HouseWords,
  houseNameOf,
  type Principle,
  principleWords,
} from '@/core/vocabulary';
import type { ReviewContent } from './closingInput';

/** Homework is looked for on footage of three weeks later. @source own decision */
const HOMEWORK_DAYS = 21;

const timesWords = (count: number): string => ['never', 'once', 'twice'][count] ?? `${count} times`;

/** "twice in this round", "five times in three rounds, with two people". */
function whereWords({ markIds, rounds, people }: WorkCandidate): string {
  const where = rounds > 1 ? ` in ${rounds} rounds` : ' in this round';
  return `${timesWords(markIds.length)}${where}${people > 1 ? `, with ${people} people` : ''}`;
}

/** What it cost, as far as the marks say; nothing where they say nothing. */
function costWords({ damage, unlinked, unpunished, punishedFrom }: WorkCandidate): string {
  if (damage >= 0.5) return `, and it cost about ${damage.toFixed(0)} points’ worth`;
  if (unlinked > 0) return ', and it was punished';
  if (punishedFrom) return `; not punished here, from ${beltName(punishedFrom)} belt on it is`;
  return unpunished > 0 ? ', so far without a price' : '';
}

/** Something to work on as a point of a review, written out for the coach to change. */
export function pointOf(candidate: WorkCandidate, house: HouseWords, day: string): ReviewContent['points'][number] {
  const { kind, conceptId } = candidate;
  const markIds = [...candidate.markIds];
  const plain = { instead: '', branch: '', homework: '', homeworkDue: '', cue: '', markIds };
  if (kind === 'chance') {
    const name = houseNameOf(house, conceptId);
    return { ...plain, aboutId: conceptId, title: `${name} was there`, text: `It lay open ${whereWords(candidate)}.` };
  }
  if (kind === 'principle') {
    const name = principleWords[conceptId as Principle];
    const title = `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
    const text = `Several things come down to this: ${whereWords(candidate)}${costWords(candidate)}.`;
    return { ...plain, aboutId: conceptId, title, text };
  }
  const drillId = findError(conceptId)?.drillIds.find((id) => !house.hiddenIds.includes(id));
  const branch = drillId ? drillOf(house, drillId)?.branches[0] : undefined;
  const cue = cueOf(house, conceptId);
  const follows = kind === 'symptom' ? ' It followed from something earlier.' : '';
  return {
    ...plain,
    errorId: conceptId,
    title: houseNameOf(house, conceptId),
    text: `It happened ${whereWords(candidate)}${costWords(candidate)}.${follows}`,
    cue,
    branch: branch ? `If ${branch.when}, then ${branch.answer}.` : '',
    drillId,
    homework: cue ? `To be seen on your next footage: ${cue}` : '',
    homeworkDue: addDays(day, HOMEWORK_DAYS),
  };
}
