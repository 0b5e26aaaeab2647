import { type CatalogueError, conceptName, type Role, techniqueClasses } from '@/core/vocabulary';
import { familyWord } from './familyWords';

const roleWord = (role: Role): string =>
  ({ top: 'on top', bottom: 'below', attacker: 'attacking', defender: 'defending', neutral: '' })[role];

/** What an error is counted against, as the end of "… per": "minute of half guard below". */
export function exposureWords(error: CatalogueError, plural: boolean): string {
  const { exposure } = error;
  if (exposure.kind === 'live-time') return plural ? 'live minutes' : 'live minute';
  if ('family' in exposure) {
    const place = `${familyWord(exposure.family)} ${roleWord(exposure.role)}`.trim();
    const minutes = plural ? 'minutes' : 'minute';
    // "on the feet" says where by itself.
    if (exposure.kind === 'time-in')
      return exposure.family === 'standing' ? `${minutes} ${place}` : `${minutes} of ${place}`;
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
