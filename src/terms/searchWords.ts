import { exposureUnit } from '@/core/figures';
import { kindCalled } from '@/core/round';
import {
  FOLLOWS_WITHIN_SECONDS,
  type SearchedAnswer,
  type SearchedCount,
  type SearchedFollows,
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

/** The answer to a question in one sentence. */
export const answerWords = ({ count, follows }: SearchedAnswer): string =>
  follows ? followsWords(follows) : count ? countWords(count) : '';

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
