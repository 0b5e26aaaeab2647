import type { Athlete, ChanceMark, ErrorMark, Mark } from '../marks';
import { findError, findTechnique } from '../vocabulary';
import type { Restriction } from './circumstances';

/** What a theme in the coach's words asks for, by phrases that stand for a restriction; "both" where it names nobody. */
const themePhrases: readonly (readonly [RegExp, readonly Restriction[]])[] = [
  [
    /\b(from (the )?(bottom|below)|bottom only|guard only|play(s|ing)? (from )?(the )?guard)\b/i,
    ['a-from-below', 'b-from-below'],
  ],
  [/\b(from (the )?(top|above)|top only)\b/i, ['a-from-above', 'b-from-above']],
  [/\bno (submissions?|taps?|finish(es)?)\b|\bpositional only\b/i, ['no-submissions']],
  [/\bno (leg ?locks?|foot ?locks?|legs)\b/i, ['no-leg-locks']],
  [/\bfrom (the |their )?knees\b/i, ['from-knees']],
  [/\blet(s|ting)? (them |him |her |partner )?work\b/i, ['partner-lets-work']],
];

/** What the theme of a round asks for, as far as its words tell. */
export const restrictionsInTheme = (theme: string): readonly Restriction[] =>
  themePhrases.flatMap(([phrase, restrictions]) => (phrase.test(theme) ? restrictions : []));

export interface AgreedProposal {
  readonly markId: string;
  readonly restriction: Restriction;
}

/**
 * Errors and missed chances that what was agreed before the round may cover, in order of time: they look like wrong choices and may have been asked for. Proposals
 * only; marks with a verdict are settled. Whoever was to work from below is not blamed for staying there, a partner who lets work is not blamed for letting.
 * @source own decision after common practice: what a restriction takes away nobody can be blamed for
 */
export function proposeAgreed(
  marks: readonly Mark[],
  restrictions: readonly Restriction[],
  theme: string,
): AgreedProposal[] {
  const agreed = [...new Set([...restrictions, ...restrictionsInTheme(theme)])];
  if (agreed.length === 0) return [];
  return marks.flatMap((mark) => {
    if ((mark.kind !== 'error' && mark.kind !== 'chance') || mark.verdict || mark.unsure) return [];
    const restriction = agreed.find((one) => covers(one, mark));
    return restriction ? [{ markId: mark.id, restriction }] : [];
  });
}

function covers(restriction: Restriction, mark: ErrorMark | ChanceMark): boolean {
  const { family, submission, classOf } = natureOf(mark);
  const own = (athlete: Athlete) => mark.athlete === athlete;
  const stayedBelow = family === 'standing' || classOf === 'sweeps' || classOf === 'takedowns';
  const stayedAbove = classOf === 'guard-pulls' || classOf === 'leg-entries';
  switch (restriction) {
    case 'a-from-below':
      return own('a') && stayedBelow;
    case 'b-from-below':
      return own('b') && stayedBelow;
    case 'a-from-above':
      return own('a') && stayedAbove;
    case 'b-from-above':
      return own('b') && stayedAbove;
    case 'no-submissions':
      return submission;
    case 'no-leg-locks':
      return submission && family === 'leg-entanglement';
    case 'from-knees':
      return family === 'standing' || classOf === 'takedowns';
    case 'partner-lets-work':
      return own('b');
  }
}

function natureOf(mark: ErrorMark | ChanceMark) {
  if (mark.kind === 'chance') {
    const technique = findTechnique(mark.techniqueId);
    const submission = technique?.class === 'submissions';
    return { family: technique?.fromFamilies[0], submission, classOf: technique?.class };
  }
  const error = findError(mark.errorId);
  const attacks = error?.family === 'submission-hold' || error?.family === 'leg-entanglement';
  return { family: error?.family, submission: attacks && error?.role === 'attacker', classOf: undefined };
}
