import { formatClock } from '@/core/clock';
import type { PatternStatus, RecurringError } from '@/core/patterns';
import { placeOfRole } from '@/core/round';
import type { CatalogueError, Role } from '@/core/vocabulary';
import { exposureWords } from '@/terms/exposureWords';
import { times } from '@/terms/times';

export const statusWords: Readonly<Record<PatternStatus, string>> = {
  'too-little-footage': 'too little footage',
  gone: 'gone',
  'back-again': 'back again',
  new: 'new',
  fading: 'getting less',
  recurring: 'keeps coming',
  occasional: 'now and then',
};

const figure = (value: number): string =>
  value >= 10 ? value.toFixed(0) : value >= 1 ? value.toFixed(1) : value.toFixed(2);

/** What an error is counted over here, as the end of "… per": its own chances, or live minutes where its chances were hardly marked. */
export const basisWords = (error: CatalogueError, found: Pick<RecurringError, 'basis'>, plural: boolean): string =>
  found.basis === 'live' ? (plural ? 'live minutes' : 'live minute') : exposureWords(error, plural);

/** "about once every 4 minutes of half guard below". */
export function rateWords(error: CatalogueError, found: RecurringError): string {
  if (found.rate === undefined || found.exposure === 0) return `seen ${times(found.count)}`;
  if (found.count === 0) return `not once in ${amountWords(found)} ${basisWords(error, found, true)}`;
  if (found.unit === 'times' && found.count <= found.exposure) {
    // Of ten where that says it; of more where one in ten would be too many.
    const tenths = Math.min(10, Math.round(found.rate * 10));
    const share = found.rate < 0.15 ? `1 of ${Math.round(1 / found.rate)}` : `${tenths} of 10`;
    return `in about ${share} ${basisWords(error, found, true)}`;
  }
  const every = found.exposure / found.count;
  return every >= 1.5
    ? `about once every ${Math.round(every)} ${basisWords(error, found, true)}`
    : `about ${figure(found.rate)} times a ${basisWords(error, found, false)}`;
}

/** "about once every 4 minutes of half guard below, mostly punished". */
export function frequencySentence(error: CatalogueError, found: RecurringError): string {
  const punished = punishedWords(found.punishedShare);
  const bad = found.dispersion === undefined ? '' : ', in bad days';
  if (found.rate === undefined || found.exposure === 0)
    return `seen ${times(found.count)}; how often that is shows once its positions are marked${punished}`;
  return `${rateWords(error, found)}${bad}${punished}`;
}

function punishedWords(share: number | undefined): string {
  if (share === undefined) return '';
  if (share >= 0.75) return ', mostly punished';
  if (share >= 0.4) return ', punished about every other time';
  return share > 0 ? ', seldom punished' : ', not punished so far';
}

const amountWords = ({ unit, exposure }: RecurringError): string =>
  unit === 'minutes' ? exposure.toFixed(exposure >= 20 ? 0 : exposure >= 1 ? 1 : 2) : String(exposure);

/** The exact figures: "4 in 3.8 minutes: 1.06 a minute, between 0.29 and 2.70 (95 %)". */
export function exactWords(error: CatalogueError, found: RecurringError): string {
  if (found.rate === undefined || !found.interval) return `${found.count} seen`;
  const per = basisWords(error, found, false);
  const where = `${found.count} in ${amountWords(found)} ${basisWords(error, found, found.exposure !== 1)}`;
  const basis = found.basis === 'live' ? '; its own chances were hardly marked' : '';
  if (found.count === 0) return `${where}: at most ${figure(found.interval.high)} per ${per} (95 %)${basis}`;
  return `${where}: ${figure(found.rate)} per ${per}, between ${figure(found.interval.low)} and ${figure(found.interval.high)} (95 %)${basis}`;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export const percent = (ratio: number | undefined): string =>
  ratio === undefined ? '–' : `${Math.round(ratio * 100)} %`;

export const minutesWords = (minutes: number): string => formatClock(Math.round(minutes * 60));

export const isOver = (role: Role): boolean => placeOfRole(role) === 'over';

/** A tide figure with its sign: "+1.2", "−0.4". */
export const tideFigure = (value: number | undefined): string =>
  value === undefined ? '–' : `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(value).toFixed(1)}`;
