import { type Athlete, type Contradiction, conceptIdOf, listUnjudged, type Mark, type MarkKind } from '@/core/round';

export const filterKinds = ['errors', 'attempts', 'positions', 'grips', 'else'] as const;
export type FilterKind = (typeof filterKinds)[number];
export const filterStates = ['to-judge', 'to-ask', 'doubtful', 'drawn'] as const;
export type FilterState = (typeof filterStates)[number];

/** What the ledger shows; everything when nothing is set. */
export interface LedgerFilter {
  readonly athlete?: Athlete;
  readonly kind?: FilterKind;
  readonly state?: FilterState;
  readonly text: string;
}
export const everything: LedgerFilter = { text: '' };
export const isEverything = ({ athlete, kind, state, text }: LedgerFilter): boolean =>
  !athlete && !kind && !state && text.trim() === '';

const kindsOf: Readonly<Record<FilterKind, readonly MarkKind[]>> = {
  errors: ['error'],
  attempts: ['attempt', 'chance'],
  positions: ['position', 'stoppage'],
  grips: ['grip'],
  else: ['strength', 'hazard', 'ruling', 'board', 'turn', 'measure', 'note'],
};

/** The marks that a filter lets through, in the order given. Words are looked for in the name of the concept and in the remark. */
export function filterMarks(
  marks: readonly Mark[],
  filter: LedgerFilter,
  contradictions: readonly Contradiction[],
  wordOf: (conceptId: string) => string,
): readonly Mark[] {
  if (isEverything(filter)) return marks;
  const { athlete, kind, state } = filter;
  const wanted = filter.text.trim().toLowerCase();
  const unjudged = state === 'to-judge' ? new Set(listUnjudged(marks).map((one) => one.markId)) : undefined;
  const doubtful = state === 'doubtful' ? new Set(contradictions.flatMap((one) => one.markIds)) : undefined;
  const inState = (mark: Mark): boolean => {
    if (state === 'to-judge') return unjudged!.has(mark.id);
    if (state === 'doubtful') return doubtful!.has(mark.id);
    if (state === 'to-ask') return mark.unsure === true || (mark.kind === 'attempt' && mark.orElse !== undefined);
    return state !== 'drawn' || mark.drawing !== undefined;
  };
  const saysText = (mark: Mark): boolean => {
    const conceptId = conceptIdOf(mark);
    return `${conceptId ? wordOf(conceptId) : ''} ${mark.note ?? ''}`.toLowerCase().includes(wanted);
  };
  return marks.filter(
    (mark) =>
      (!athlete || isOf(mark, athlete)) &&
      (!kind || kindsOf[kind].includes(mark.kind)) &&
      inState(mark) &&
      (wanted === '' || saysText(mark)),
  );
}

/** Whose mark it is; a position is the one's who holds it, and nobody's when it is level. */
const isOf = (mark: Mark, athlete: Athlete): boolean =>
  mark.kind === 'position' ? mark.holder === athlete : 'athlete' in mark && mark.athlete === athlete;
