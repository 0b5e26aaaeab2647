import { formatClock } from '@/core/clock';
import { clockIn } from '@/core/kernel';
import type { PatternStatus, RecurringError } from '@/core/patterns';
import { placeOfRole } from '@/core/round';
import { type CatalogueError, conceptName, type Role, techniqueClasses } from '@/core/vocabulary';

const familyWords: Readonly<Record<string, string>> = {
  standing: 'on the feet',
  scramble: 'scramble',
  'closed-guard': 'closed guard',
  'open-guard': 'open guard',
  'half-guard': 'half guard',
  'leg-entanglement': 'leg entanglement',
  'side-pin': 'side pin',
  'knee-on-belly': 'knee on belly',
  mount: 'mount',
  back: 'back control',
  turtle: 'turtle',
  'front-headlock': 'front headlock',
  'submission-hold': 'a submission hold',
  any: 'any position',
};

export const roleWord = (role: Role): string =>
  ({ top: 'on top', bottom: 'below', attacker: 'attacking', defender: 'defending', neutral: '' })[role];

/** What an error is counted against, as the end of "… per": "minute of half guard below". */
export function exposureWords(error: CatalogueError, plural: boolean): string {
  const { exposure } = error;
  if (exposure.kind === 'live-time') return plural ? 'live minutes' : 'live minute';
  if ('family' in exposure) {
    const place = `${familyWords[exposure.family] ?? exposure.family} ${roleWord(exposure.role)}`.trim();
    if (exposure.kind === 'time-in') return `${plural ? 'minutes' : 'minute'} of ${place}`;
    return `${plural ? 'entries' : 'entry'} into ${place}`;
  }
  const isClass =
    (techniqueClasses as readonly string[]).includes(exposure.of) ||
    ['chokes', 'arm-locks', 'leg-locks'].includes(exposure.of);
  const what = isClass ? exposure.of.replace(/-/g, ' ') : conceptName(exposure.of);
  const attempts = isClass
    ? plural
      ? what
      : what
          .replace(/sses$/, 'ss')
          .replace(/ies$/, 'y')
          .replace(/([^s])s$/, '$1')
    : plural
      ? `${what} attempts`
      : `${what} attempt`;
  return exposure.kind === 'attempts-of' ? `own ${attempts}` : `${attempts} faced`;
}

export const statusWords: Readonly<Record<PatternStatus, string>> = {
  'too-little-footage': 'too little footage',
  gone: 'gone',
  'back-again': 'back again',
  new: 'new',
  fading: 'fading',
  recurring: 'keeps coming',
  occasional: 'now and then',
};

const figure = (value: number): string =>
  value >= 10 ? value.toFixed(0) : value >= 1 ? value.toFixed(1) : value.toFixed(2);

/** "about once every 4 minutes of half guard below, mostly punished". */
export function frequencySentence(error: CatalogueError, found: RecurringError): string {
  const punished = punishedWords(found.punishedShare);
  if (found.rate === undefined || found.exposure === 0)
    return `seen ${times(found.count)}; how often that is shows once its positions are marked${punished}`;
  if (found.unit === 'times') {
    const tenths = Math.min(10, Math.max(1, Math.round((found.count / Math.max(found.count, found.exposure)) * 10)));
    return `in about ${tenths} of 10 ${exposureWords(error, true)}${punished}`;
  }
  const every = found.exposure / found.count;
  const often =
    every >= 1.5
      ? `about once every ${Math.round(every)} ${exposureWords(error, true)}`
      : `about ${figure(found.rate)} times a ${exposureWords(error, false)}`;
  return `${often}${punished}`;
}

function punishedWords(share: number | undefined): string {
  if (share === undefined) return '';
  if (share >= 0.75) return ', mostly punished';
  if (share >= 0.4) return ', punished about every other time';
  return share > 0 ? ', seldom punished' : ', not punished so far';
}

export const times = (count: number): string => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`);

/** The exact figures: "4 in 3.8 minutes: 1.06 a minute (0.29 to 2.70)". */
export function exactWords(error: CatalogueError, found: RecurringError): string {
  if (found.rate === undefined || !found.interval) return `${found.count} seen`;
  const exposure = found.unit === 'minutes' ? found.exposure.toFixed(2) : String(found.exposure);
  const per = exposureWords(error, false);
  return `${found.count} in ${exposure} ${exposureWords(error, found.exposure !== 1)}: ${figure(found.rate)} per ${per}, between ${figure(found.interval.low)} and ${figure(found.interval.high)} (95 %)`;
}

export const percent = (ratio: number | undefined): string =>
  ratio === undefined ? '–' : `${Math.round(ratio * 100)} %`;

export const minutesWords = (minutes: number): string => formatClock(Math.round(minutes * 60));

export const isOver = (role: Role): boolean => placeOfRole(role) === 'over';

/** A tide figure with its sign: "+1.2", "−0.4". */
export const tideFigure = (value: number | undefined): string =>
  value === undefined ? '–' : `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(value).toFixed(1)}`;

/** Which way it goes, in words, from the later half against the earlier one. */
export function trendWords(found: RecurringError): string {
  const { trend } = found;
  if (!trend || !Number.isFinite(trend.ratio)) return 'not sure yet which way it goes';
  if (trend.interval.high < 1) return 'less often than before';
  if (trend.interval.low > 1) return 'more often than before';
  return 'no clear change';
}

/** What a page says while figures are on their way; where they are long in coming, from when those are that it shows. */
export function figuresDueWords(rounds: number, since: string | undefined, nowMs: number, timeZone: string): string {
  const what = rounds === 1 ? 'One round is still being worked out' : `${rounds} rounds are still being worked out`;
  const waitedMs = since === undefined ? 0 : nowMs - Date.parse(since);
  if (since === undefined || waitedMs < 60_000) return `${what}; this page shows them when they are.`;
  return `${what}: these are the figures of ${clockIn(timeZone, since)}.`;
}
