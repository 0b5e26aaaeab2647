import type { Span } from '../clock';
import { isStorableText } from '../kernel';
import { conceptIdOf, type Mark, type MarkKind } from '../marks';
import { findError, findGrip, findPosition, findStrength, findTechnique } from '../vocabulary';

/** Longest note in characters (own decision: two screens of text; longer remarks belong in a document). */
export const MOST_NOTE_CHARACTERS = 4000;

export type MarkProblem =
  | { readonly code: 'outside-round'; readonly atSeconds: number; readonly round: Span }
  | { readonly code: 'ends-before-start'; readonly endSeconds: number }
  | { readonly code: 'unknown-concept'; readonly conceptId: string }
  | { readonly code: 'note-too-long'; readonly characters: number; readonly most: number }
  | { readonly code: 'empty-note' }
  | { readonly code: 'unstorable-text' };

/** Everything that keeps a mark from being stored; empty when it may be. A mark exactly on either end of the round is inside. */
export function checkMark(mark: Mark, round: Span): MarkProblem[] {
  const problems: MarkProblem[] = [];
  const outside = (seconds: number) => seconds < round.startSeconds - 1e-6 || seconds > round.endSeconds + 1e-6;
  if (outside(mark.atSeconds)) problems.push({ code: 'outside-round', atSeconds: mark.atSeconds, round });
  if ('endSeconds' in mark && mark.endSeconds !== undefined) {
    if (mark.endSeconds < mark.atSeconds) problems.push({ code: 'ends-before-start', endSeconds: mark.endSeconds });
    else if (outside(mark.endSeconds)) problems.push({ code: 'outside-round', atSeconds: mark.endSeconds, round });
  }
  const conceptId = conceptIdOf(mark);
  if (conceptId !== undefined && !isKnown(mark.kind, conceptId)) problems.push({ code: 'unknown-concept', conceptId });
  if (mark.kind === 'attempt' && mark.orElse !== undefined && !isKnown('attempt', mark.orElse))
    problems.push({ code: 'unknown-concept', conceptId: mark.orElse });
  const characters = mark.note?.length ?? 0;
  if (characters > MOST_NOTE_CHARACTERS)
    problems.push({ code: 'note-too-long', characters, most: MOST_NOTE_CHARACTERS });
  if (mark.kind === 'note' && mark.note.trim() === '') problems.push({ code: 'empty-note' });
  if (!textsOf(mark).every(isStorableText)) problems.push({ code: 'unstorable-text' });
  return problems;
}

/** Everything that a coach wrote into a mark. */
const textsOf = (mark: Mark): string[] => [
  mark.note ?? '',
  ...(mark.drawing ?? []).flatMap((stroke) => (stroke.kind === 'label' ? stroke.text : [])),
];

function isKnown(kind: MarkKind, conceptId: string): boolean {
  const find: Partial<Record<MarkKind, (id: string) => unknown>> = {
    position: findPosition,
    grip: findGrip,
    attempt: findTechnique,
    // An opening may be about anything that can be done or held.
    chance: (id) => findTechnique(id) ?? findGrip(id) ?? findPosition(id) ?? findStrength(id),
    error: findError,
    strength: findStrength,
  };
  return find[kind]?.(conceptId) !== undefined;
}
