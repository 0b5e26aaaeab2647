import { certaintyOf, type Dose, type RecurringError, type RoundCount } from '@/core/patterns';
import { type CatalogueError, findError } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { times } from '@/terms/times';
import { basisWords } from './studentView';

const kindWords = {
  gone: 'gone',
  less: 'less often',
  more: 'more often',
  back: 'back again',
} as const;

/** What became of an error, as a coach would say it: "gone since about Sat 12 Sep", "no change that could be told since the class of Wed 3 Oct". */
export function changeWords(found: RecurringError): string {
  const certainty = certaintyOf(found);
  const { change, history, doses } = found;
  if (certainty === undefined || change.kind === 'same') {
    if (found.status === 'new') return 'new: it was not there before';
    if (found.status === 'too-little-footage') return `too little footage to say more${lackingWords(found)}`;
    const last = doses.findLast((one) => one.kind === 'class');
    return last && history.some((one) => one.heldOn > last.day)
      ? `no change that could be told since the class of ${dayWords(last.day)}`
      : 'no change that could be told';
  }
  const first = change.at === undefined ? undefined : history[change.at];
  const since = first ? ` since about ${dayWords(first.heldOn)}` : '';
  return `${certainty === 'sure' ? '' : 'probably '}${kindWords[change.kind]}${since}`;
}

/** ": about 4 more minutes of half guard below would tell". */
function lackingWords(found: RecurringError): string {
  const error = findError(found.errorId);
  const lacking = Math.ceil(found.lacking);
  return error && lacking > 0 ? `: about ${lacking} more ${basisWords(error, found, lacking > 1)} would tell` : '';
}

const sumOf = (rounds: readonly RoundCount[]) => ({
  count: rounds.reduce((sum, one) => sum + one.count, 0),
  exposure: rounds.reduce((sum, one) => sum + one.exposure, 0),
});

/** What was seen before and since: "7 times in 34 minutes of half guard below before, not once in 41 since"; empty where nothing changed. */
export function beforeAndSince(error: CatalogueError, found: RecurringError): string {
  const { change, history, unit } = found;
  if (change.at === undefined) return '';
  const parts = [history.slice(change.goneAt ?? 0, change.at), history.slice(change.at)].map(sumOf);
  const [before, since] = parts.map(({ count, exposure }) => {
    const amount = unit === 'minutes' ? exposure.toFixed(exposure < 5 ? 1 : 0) : String(exposure);
    return { often: count === 0 ? 'not once' : times(count), amount };
  });
  if (!before || !since) return '';
  return `${before.often} in ${before.amount} ${basisWords(error, found, true)} ${change.kind === 'back' ? 'while it was gone' : 'before'}, ${since.often} in ${since.amount} since`;
}

/** Days before a change within which something done about an error counts as done then. @source own decision: a fortnight */
const DONE_THEN_DAYS = 14;

/** What was done about an error just before it changed: the last of it. */
export function doneThen({ change, history, doses }: RecurringError): Dose | undefined {
  const from = change.kind === 'back' ? undefined : change.at;
  const day = from === undefined ? undefined : history[from]?.heldOn;
  if (day === undefined) return undefined;
  const apart = (one: string) => (Date.parse(day) - Date.parse(one)) / 86_400_000;
  return doses.findLast((one) => one.day <= day && apart(one.day) <= DONE_THEN_DAYS);
}
