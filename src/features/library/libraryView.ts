import {
  beltWords,
  type CatalogueKind,
  findDrill,
  findError,
  findGrip,
  findPosition,
  findStrength,
  findTechnique,
  type PositionFamily,
  type Role,
  type SubmissionTechnique,
} from '@/core/vocabulary';

export const kindTitles: Readonly<Record<CatalogueKind, string>> = {
  position: 'Positions',
  grip: 'Grips',
  attempt: 'Techniques',
  error: 'Errors',
  strength: 'Well done',
  drill: 'Drills',
};

const familyWords: Readonly<Record<PositionFamily | 'any', string>> = {
  standing: 'on the feet',
  scramble: 'scramble',
  'closed-guard': 'closed guard',
  'open-guard': 'open guard',
  'half-guard': 'half guard',
  'leg-entanglement': 'leg entanglements',
  'side-pin': 'side pins',
  'knee-on-belly': 'knee on belly',
  mount: 'mount',
  back: 'the back',
  turtle: 'turtle',
  'front-headlock': 'front headlock',
  'submission-hold': 'holds before the tap',
  any: 'anywhere',
};

/** The heading under which an entry stands in its list. */
export function groupOf(id: string): string {
  const technique = findTechnique(id);
  if (technique) return technique.class.replace('-', ' ');
  const family = (findPosition(id) ?? findError(id) ?? findStrength(id) ?? findDrill(id))?.family;
  if (family) return familyWords[family];
  return findGrip(id)?.uniform === 'gi' ? 'in the cloth' : 'without cloth';
}

/** The entries of a list under their headings, headings in the catalogue's order. */
export function groupEntries(ids: readonly string[]): { readonly title: string; readonly ids: readonly string[] }[] {
  const groups = new Map<string, string[]>();
  for (const id of ids) groups.set(groupOf(id), [...(groups.get(groupOf(id)) ?? []), id]);
  return [...groups].map(([title, members]) => ({ title, ids: members }));
}

const roleWords: Readonly<Record<Role, string>> = {
  top: 'the one on top',
  bottom: 'the one below',
  attacker: 'the one attacking',
  defender: 'the one defending',
  neutral: 'either of the two',
};
export const roleOf = (role: Role): string => roleWords[role];

/** What an error is counted against, in words. */
export function exposureSentence(id: string): string {
  const error = findError(id);
  if (!error) return '';
  const { exposure } = error;
  if (exposure.kind === 'live-time') return 'Counted per minute of live time.';
  if ('family' in exposure) {
    const place = `${familyWords[exposure.family]}, ${roleOf(exposure.role)}`;
    return exposure.kind === 'time-in' ? `Counted per minute in ${place}.` : `Counted per entry into ${place}.`;
  }
  const what = exposure.of.replace(/-/g, ' ');
  return exposure.kind === 'attempts-of' ? `Counted per attempt of ${what}.` : `Counted per ${what} faced.`;
}

const severityWords = ['', 'a moment', 'a grip or a sweep', 'a pass', 'mount or back', 'a tap or an injury'];
export const severityOf = (severity: number): string => severityWords[severity] ?? '';

/** Who may try a submission, in words. @source the main gi federation's rule book, from memory */
export function allowedWords(technique: SubmissionTechnique): string[] {
  const belt = (lowest: SubmissionTechnique['lowestBeltGi']) =>
    lowest === 'never' ? 'not allowed at all' : `from ${beltWords(lowest, 0)}`;
  const young = { allowed: 'allowed', 'from-13': 'from 13', 'not-allowed': 'not allowed' }[technique.under16];
  return [
    `In the gi: ${belt(technique.lowestBeltGi)}`,
    `Without it: ${belt(technique.lowestBeltNoGi)}`,
    `Under 16: ${young}`,
  ];
}

/** The cautions that belong to an entry. */
export function hazardIdsOf(id: string): string[] {
  const technique = findTechnique(id);
  if (technique?.hazardId) return [technique.hazardId];
  return [...(findDrill(id)?.hazardIds ?? [])];
}
