import type { Span } from '@/core/clock';

/** One stretch that is to become a round: proposed by the tool, or cut by hand, or proposed and confirmed. */
export interface Cut extends Span {
  readonly key: string;
  readonly state: 'proposed' | 'confirmed';
  readonly reason?: 'bell-to-bell' | 'bell-to-early-bell' | 'bell-to-stillness' | 'movement-only';
  readonly confidenceRatio?: number;
  readonly plannedSeconds?: number;
}

export interface CutState {
  readonly cuts: readonly Cut[];
  readonly chosenKey?: string;
  readonly past: readonly (readonly Cut[])[];
  readonly future: readonly (readonly Cut[])[];
  readonly said?: string;
}

export type CutAction =
  | { readonly kind: 'choose'; readonly key: string | undefined }
  | { readonly kind: 'step-choice'; readonly by: 1 | -1 }
  | { readonly kind: 'begin-here' | 'end-here'; readonly atSeconds: number; readonly newKey: string }
  | { readonly kind: 'move'; readonly key: string; readonly span: Span }
  | { readonly kind: 'confirm' }
  | { readonly kind: 'confirm-all' }
  | { readonly kind: 'drop' }
  | { readonly kind: 'merge' }
  | { readonly kind: 'split'; readonly atSeconds: number; readonly newKey: string }
  | { readonly kind: 'undo' | 'redo' }
  | { readonly kind: 'restore'; readonly cuts: readonly Cut[] }
  | { readonly kind: 'cut-out'; readonly keys: readonly string[] };

/** A shorter stretch is no round. @source own decision */
export const LEAST_SECONDS = 10;
const NEW_SECONDS = 300;

export interface CutLimits {
  readonly durationSeconds: number;
  /** Rounds that were cut out before: nothing may lie over them. */
  readonly kept: readonly Span[];
}

const byStart = (cuts: readonly Cut[]): Cut[] =>
  [...cuts].sort((one, other) => one.startSeconds - other.startSeconds || one.key.localeCompare(other.key));
/** Whether two stretches share more than the width of a press. */
export const overlaps = (one: Span, other: Span): boolean =>
  one.startSeconds < other.endSeconds - 0.01 && other.startSeconds < one.endSeconds - 0.01;

/** All that happens to the cuts of a file. Every step but choosing can be undone. A step that cannot be done says why and changes nothing. */
export function createCutReducer(limits: CutLimits) {
  const problemOf = (span: Span, cuts: readonly Cut[]) => problemOfCut(limits, span, cuts);
  const edit = createCutEdits(limits);
  return (state: CutState, action: CutAction): CutState => {
    const index = state.cuts.findIndex((one) => one.key === state.chosenKey);
    switch (action.kind) {
      case 'choose':
        return { ...state, chosenKey: action.key, said: undefined };
      case 'step-choice': {
        const next = index < 0 ? (action.by === 1 ? 0 : state.cuts.length - 1) : index + action.by;
        return { ...state, chosenKey: state.cuts[next]?.key ?? state.chosenKey, said: undefined };
      }
      case 'undo':
      case 'redo':
        return walkHistory(state, action.kind);
      case 'restore': {
        const cuts = byStart(action.cuts.filter((one) => !problemOf(one, [])));
        return { cuts, chosenKey: cuts[0]?.key, past: [], future: [] };
      }
      case 'cut-out':
        // They are rounds now: going back would make them a second time.
        return { cuts: state.cuts.filter((one) => !action.keys.includes(one.key)), past: [], future: [] };
      default:
        return edit(state, action);
    }
  };
}

function walkHistory(state: CutState, direction: 'undo' | 'redo'): CutState {
  const [from, to] = direction === 'undo' ? [state.past, state.future] : [state.future, state.past];
  const cuts = from.at(-1);
  if (!cuts) return state;
  const [left, added] = [from.slice(0, -1), [...to, state.cuts]];
  const [past, future] = direction === 'undo' ? [left, added] : [added, left];
  return { ...state, cuts, past, future, said: undefined };
}

function problemOfCut(limits: CutLimits, span: Span, cuts: readonly Cut[]): string | undefined {
  if (span.startSeconds < 0 || span.endSeconds > limits.durationSeconds + 0.01) return 'A round lies within the file.';
  if (span.endSeconds - span.startSeconds < LEAST_SECONDS) return `A round lasts at least ${LEAST_SECONDS} seconds.`;
  if (limits.kept.some((one) => overlaps(one, span)))
    return 'A round was cut out here before. Choose it with ↑ and ↓ to change its ends.';
  return cuts.some((one) => overlaps(one, span))
    ? 'That would lie over another round. Merge the two with M.'
    : undefined;
}

type CutEdit = Exclude<
  CutAction,
  { readonly kind: 'choose' | 'step-choice' | 'undo' | 'redo' | 'restore' | 'cut-out' }
>;

/** The steps that change cuts, each of them one to undo. */
function createCutEdits(limits: CutLimits) {
  const step = (state: CutState, cuts: readonly Cut[], chosenKey = state.chosenKey): CutState => ({
    cuts: byStart(cuts),
    chosenKey: cuts.some((one) => one.key === chosenKey) ? chosenKey : undefined,
    past: [...state.past, state.cuts].slice(-200),
    future: [],
  });
  const refuse = (state: CutState, said: string): CutState => ({ ...state, said });
  const problemOf = (span: Span, cuts: readonly Cut[]) => problemOfCut(limits, span, cuts);
  const place = (state: CutState, cut: Cut): CutState => {
    const others = state.cuts.filter((one) => one.key !== cut.key);
    const problem = problemOf(cut, others);
    return problem ? refuse(state, problem) : step(state, [...others, cut], cut.key);
  };
  const begin = (state: CutState, chosen: Cut | undefined, atSeconds: number, newKey: string): CutState => {
    if (chosen && atSeconds < chosen.endSeconds)
      return place(state, { ...chosen, startSeconds: atSeconds, state: 'confirmed' });
    const next = [...state.cuts, ...limits.kept].map((one) => one.startSeconds).filter((at) => at > atSeconds);
    const endSeconds = Math.min(atSeconds + NEW_SECONDS, limits.durationSeconds, ...next);
    return place(state, { key: newKey, startSeconds: atSeconds, endSeconds, state: 'confirmed' });
  };
  const merge = (state: CutState, chosen: Cut | undefined, next: Cut | undefined): CutState => {
    if (!chosen || !next) return refuse(state, 'Choose a round that has another after it: the two become one.');
    const { key, startSeconds } = chosen;
    const merged: Cut = { key, startSeconds, endSeconds: next.endSeconds, state: 'confirmed' };
    const others = state.cuts.filter((one) => one !== chosen && one !== next);
    const problem = problemOf(merged, others);
    return problem ? refuse(state, problem) : step(state, [...others, merged], merged.key);
  };
  const split = (state: CutState, atSeconds: number, newKey: string): CutState => {
    const target = state.cuts.find((one) => one.startSeconds < atSeconds && atSeconds < one.endSeconds);
    if (!target) return refuse(state, 'Go to a moment inside a round: it is split there.');
    const { key, startSeconds, endSeconds } = target;
    const first: Cut = { key, startSeconds, endSeconds: atSeconds, state: 'confirmed' };
    const second: Cut = { key: newKey, startSeconds: atSeconds, endSeconds, state: 'confirmed' };
    const problem = problemOf(first, []) ?? problemOf(second, []);
    if (problem) return refuse(state, problem);
    return step(state, [...state.cuts.filter((one) => one !== target), first, second], second.key);
  };

  return (state: CutState, action: CutEdit): CutState => {
    const index = state.cuts.findIndex((one) => one.key === state.chosenKey);
    const chosen = state.cuts[index];
    switch (action.kind) {
      case 'begin-here':
        return begin(state, chosen, action.atSeconds, action.newKey);
      case 'end-here':
        if (!chosen) return refuse(state, 'Choose a round first, with ↑ and ↓, or begin one with B.');
        if (action.atSeconds <= chosen.startSeconds) return refuse(state, 'The end lies after the beginning.');
        return place(state, { ...chosen, endSeconds: action.atSeconds, state: 'confirmed' });
      case 'move': {
        const cut = state.cuts.find((one) => one.key === action.key);
        return cut ? place(state, { ...cut, ...action.span, state: 'confirmed' }) : state;
      }
      case 'confirm': {
        if (!chosen) return refuse(state, 'Choose a round first, with ↑ and ↓.');
        const cuts = state.cuts.map((one): Cut => (one === chosen ? { ...one, state: 'confirmed' } : one));
        return step(state, cuts, state.cuts[index + 1]?.key ?? chosen.key);
      }
      case 'confirm-all':
        return step(
          state,
          state.cuts.map((one) => ({ ...one, state: 'confirmed' as const })),
        );
      case 'drop': {
        if (!chosen) return refuse(state, 'Choose a round first, with ↑ and ↓.');
        const others = state.cuts.filter((one) => one !== chosen);
        return step(state, others, (state.cuts[index + 1] ?? state.cuts[index - 1])?.key);
      }
      case 'merge':
        return merge(state, chosen, state.cuts[index + 1]);
      case 'split':
        return split(state, action.atSeconds, action.newKey);
    }
  };
}

/** The cuts a file opens with: what is proposed and lies over nothing that was cut out before. */
export function firstCuts(
  proposals: readonly (Span & Pick<Cut, 'reason' | 'confidenceRatio' | 'plannedSeconds'>)[],
  kept: readonly Span[],
): CutState {
  const free = proposals.filter((one) => !kept.some((round) => overlaps(round, one)));
  const cuts = free.map((one) => ({
    ...one,
    key: `proposal-${Math.round(one.startSeconds * 10)}`,
    state: 'proposed' as const,
  }));
  return { cuts: byStart(cuts), chosenKey: cuts[0]?.key, past: [], future: [] };
}

const reasonWords: Readonly<Record<NonNullable<Cut['reason']>, string>> = {
  'bell-to-bell': 'from bell to bell',
  'bell-to-early-bell': 'from bell to bell, not a usual length',
  'bell-to-stillness': 'from the bell until everybody stops',
  'movement-only': 'movement, no bell',
};

/** "from bell to bell · sure", or nothing for what was cut by hand. */
export function whyWords(cut: Cut): string {
  if (!cut.reason || cut.confidenceRatio === undefined) return 'cut by hand';
  const sure = cut.confidenceRatio >= 0.85 ? 'sure' : cut.confidenceRatio >= 0.5 ? 'likely' : 'a guess';
  return `${reasonWords[cut.reason]} · ${sure}`;
}
