import { formatClock, type Span } from '@/core/clock';
import { type Cut, LEAST_SECONDS, overlaps } from './cutReducer';

/** A round that was cut out of the file before. */
export interface KeptRound extends Span {
  readonly id: string;
  readonly version: number;
  readonly a: string;
  readonly b: string;
  readonly markCount: number;
}

/** A part of a round that is cut anew. */
export interface Part extends Span {
  readonly id: string;
}

/** How a change of rounds that are there is asked of the server, what takes it back, and what is said of it. */
export interface KeptStep {
  readonly does:
    | { readonly kind: 'cut'; readonly id: string; readonly parts: readonly Part[] }
    | {
        readonly kind: 'join';
        readonly id: string;
        readonly otherIds: readonly string[];
        readonly span: Span;
        readonly markGaps: boolean;
      };
  /** Absent where it cannot be taken back. */
  readonly undo?: KeptStep['does'];
  readonly said: string;
}

export type KeptPlan = { readonly step: KeptStep } | { readonly problem: string };
const CANNOT_LIE_OVER = 'That would lie over another round.';

const spanOf = ({ startSeconds, endSeconds }: Span): Span => ({ startSeconds, endSeconds });

/** A round with another beginning or end; its marks stay. */
export function planRecut(round: KeptRound, span: Span, others: readonly Span[], durationSeconds: number): KeptPlan {
  if (span.startSeconds < 0 || span.endSeconds > durationSeconds + 0.01)
    return { problem: 'A round lies within the file.' };
  if (span.endSeconds - span.startSeconds < LEAST_SECONDS)
    return { problem: `A round lasts at least ${LEAST_SECONDS} seconds.` };
  if (others.some((one) => overlaps(one, span))) return { problem: CANNOT_LIE_OVER };
  const cut = (to: Span) => ({ kind: 'cut' as const, id: round.id, parts: [{ id: round.id, ...spanOf(to) }] });
  return {
    step: {
      does: cut(span),
      undo: cut(round),
      said: `The round of ${round.a} and ${round.b} goes from ${formatClock(span.startSeconds)} to ${formatClock(span.endSeconds)} now. Z takes it back.`,
    },
  };
}

/** A round split where the playhead stands: each part keeps the marks that lie in it. */
export function planSplit(round: KeptRound, atSeconds: number, newId: string): KeptPlan {
  const first = { id: round.id, startSeconds: round.startSeconds, endSeconds: atSeconds };
  const second = { id: newId, startSeconds: atSeconds, endSeconds: round.endSeconds };
  if ([first, second].some((part) => part.endSeconds - part.startSeconds < LEAST_SECONDS))
    return {
      problem: `Go to a moment inside a round: it is split there, at least ${LEAST_SECONDS} seconds from its ends.`,
    };
  return intoParts(round, [first, second]);
}

/** A round cut into what is proposed inside it: for a file that was taken as one round. */
export function planByProposals(round: KeptRound, proposals: readonly Span[], newIds: readonly string[]): KeptPlan {
  const inside = proposalsWithin(round, proposals);
  if (inside.length < 2) return { problem: 'No two rounds were found inside it to cut it by.' };
  return intoParts(
    round,
    inside.map((span, index) => ({ id: index === 0 ? round.id : (newIds[index] ?? round.id), ...span })),
  );
}

/** What is proposed inside a round, cut off at its ends. */
export const proposalsWithin = (round: Span, proposals: readonly Span[]): Span[] =>
  proposals.flatMap((one) => {
    const startSeconds = Math.max(one.startSeconds, round.startSeconds);
    const endSeconds = Math.min(one.endSeconds, round.endSeconds);
    return endSeconds - startSeconds >= LEAST_SECONDS ? [{ startSeconds, endSeconds }] : [];
  });

const intoParts = (round: KeptRound, parts: readonly Part[]): KeptPlan => ({
  step: {
    does: { kind: 'cut', id: round.id, parts },
    undo: {
      kind: 'join',
      id: round.id,
      otherIds: parts.flatMap((part) => (part.id === round.id ? [] : part.id)),
      span: spanOf(round),
      markGaps: false,
    },
    said: `${parts.length} rounds now, each with a card like the first and the marks that lie in it. Z takes it back.`,
  },
});

/** A round and the one after it as one. */
export function planJoin(round: KeptRound, next: KeptRound | undefined): KeptPlan {
  if (!next) return { problem: 'No round was cut out after it. Choose the earlier of the two.' };
  return {
    step: {
      does: {
        kind: 'join',
        id: round.id,
        otherIds: [next.id],
        span: { startSeconds: round.startSeconds, endSeconds: next.endSeconds },
        markGaps: true,
      },
      said: `They are one round now; the time between them is a stoppage. Split it with S to part them again.`,
    },
  };
}

/** Cuts and rounds of a file as one sequence, in the order of time: what the arrow keys walk through. */
export const sequenceOf = (cuts: readonly Cut[], kept: readonly KeptRound[]): string[] =>
  [
    ...cuts.map(({ key, startSeconds }) => ({ key, startSeconds })),
    ...kept.map(({ id, startSeconds }) => ({ key: id, startSeconds })),
  ]
    .sort((one, other) => one.startSeconds - other.startSeconds)
    .map((one) => one.key);
