import { exposureUnit } from '@/core/figures';
import { kindCalled } from '@/core/round';
import {
  FOLLOWS_WITHIN_SECONDS,
  type SearchedAnswer,
  type SearchedCount,
  type SearchedFollows,
  type SearchedLength,
  type SearchQuery,
} from '@/core/search';
import { findError } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { times } from '@/terms/times';

/** "against heavier partners with a higher belt". */
export const partnerWords = ({ weight, belt }: SearchQuery['partner']): string =>
  `against ${weight ? `${weight} partners` : 'partners'}${belt ? ` with a ${belt} belt` : ''}`;

/** What the search says of how it went: "errors, punished", "attempts, escaped". */
export const howWords = ({ kind, fields }: SearchQuery['how']): string =>
  [kind && kindCalled(kind).many.toLowerCase(), ...Object.values(fields)].filter(Boolean).join(', ');

/** "Sat 1 Nov to Sun 30 Nov"; empty where no days are asked for. */
export function daysWords({ fromDay, toDay }: Pick<SearchQuery, 'fromDay' | 'toDay'>): string {
  if (!fromDay) return '';
  return fromDay === toDay ? dayWords(fromDay) : `${dayWords(fromDay)} to ${dayWords(toDay ?? fromDay)}`;
}

/** "14 times in 9 of 17 reviewed rounds, 12.4 minutes of chances: about 1.1 a minute". */
export function countWords({ marks, rounds, isCut, seenIn, exposure }: SearchedCount): string {
  const often = isCut ? `more than ${marks} times` : marks === 0 ? 'Not once' : capital(times(marks));
  const where = marks === 0 ? '' : ` in ${rounds === 1 ? 'one round' : `${rounds} rounds`}`;
  if (!seenIn) return `${often}${where}.`;
  const of = ` of ${seenIn.rounds === 1 ? 'one' : seenIn.rounds} reviewed`;
  const error = exposure && findError(exposure.errorId);
  if (error && exposure.amount > 0) {
    const isTime = exposureUnit(error.exposure) === 'minutes';
    const amount = isTime
      ? `${exposure.amount.toFixed(1)} minutes in which it can happen`
      : `${exposure.amount} chances`;
    const rate = marks / exposure.amount;
    return `${often}${where}${of}, in ${amount}: ${rate.toFixed(2)} ${isTime ? 'a minute' : 'of each'}.`;
  }
  if (seenIn.minutes <= 0) return `${often}${where}${of}.`;
  return `${often}${where}${of}, ${seenIn.minutes.toFixed(0)} live minutes: ${((marks / seenIn.minutes) * 10).toFixed(1)} in ten minutes.`;
}

/** "After “scissor sweep”: “arm drag” within 30 seconds 9 of 10 times, 90 % (60 to 98 %)". */
export function followsWords({ first, second, isNot, marks, followed, isCut, interval }: SearchedFollows): string {
  const what = `“${second}” ${isNot ? 'did not follow' : 'followed'} within ${FOLLOWS_WITHIN_SECONDS} seconds`;
  if (!interval) return `“${first}” is not marked yet.`;
  const percent = (share: number) => Math.round(share * 100);
  const of = isCut ? `${followed} of the first ${marks}` : `${followed} of ${marks}`;
  return `After “${first}”, ${what} ${of} times: ${percent(followed / marks)} % (between ${percent(interval.low)} and ${percent(interval.high)} %).`;
}

/** "On top 4.2 of 21.0 live minutes, 20 %, in 9 of 12 reviewed rounds; in half of the rounds between 5 and 41 %." */
function lengthWords(length: SearchedLength, nameOf: (id: string) => string): string {
  const { place, positionIds, minutes, liveMinutes, rounds, roundsWith, usual } = length;
  const side = place === 'over' ? 'on top' : place === 'under' ? 'below' : '';
  const where = capital([positionIds.map(nameOf).join(' or '), side].filter(Boolean).join(', '));
  if (rounds === 0 || liveMinutes <= 0) return `${where}: no reviewed round fits.`;
  const share = Math.round((minutes / liveMinutes) * 100);
  const spread =
    usual && rounds > 3
      ? `; half of the rounds lie between ${Math.round(usual.low * 100)} and ${Math.round(usual.high * 100)} %`
      : '';
  return `${where}: ${minutes.toFixed(1)} of ${liveMinutes.toFixed(1)} live minutes, ${share} %, in ${roundsWith} of ${rounds === 1 ? 'one reviewed round' : `${rounds} reviewed rounds`}${spread}.`;
}

/** The answer to a question in one sentence. */
export function answerWords(
  { count, follows, length, needsName }: SearchedAnswer,
  nameOf: (id: string) => string,
): string {
  if (needsName) return 'Time is somebody’s: add a name to the question.';
  if (length) return lengthWords(length, nameOf);
  return follows ? followsWords(follows) : count ? countWords(count) : '';
}

/** The answer of one round in a few words: "2 times", "1 of 3", "31 %". */
export function newestWords({ count, follows, length }: SearchedAnswer): string {
  if (length) return `${Math.round((length.minutes / (length.liveMinutes || 1)) * 100)} %`;
  if (follows) return follows.marks === 0 ? 'not marked' : `${follows.followed} of ${follows.marks}`;
  return count && count.marks > 0 ? times(count.marks) : 'not once';
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
