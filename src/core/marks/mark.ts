import { z } from 'zod';
import type { Span } from '../clock';
import { type Athlete, opponentOf } from './athlete';
import type { MarkKindOf } from './defineKind';
import { type AttemptMark, type ErrorMark, markKinds } from './kinds';

type Kinds = typeof markKinds;
/** One thing a coach saw at one moment. */
export type Mark = { readonly [Name in keyof Kinds]: Readonly<z.output<Kinds[Name]['schema']>> }[keyof Kinds];
export type MarkKind = Mark['kind'];

const all = Object.values(markKinds);
const schemas = all.map((one) => one.schema);
/** The shape of a mark, on the wire and in the store; what it means is checked by `checkMark`. */
export const markSchema = z.discriminatedUnion(
  'kind',
  schemas as unknown as [z.ZodObject, ...z.ZodObject[]],
) as unknown as z.ZodType<Mark>;

/** In which shape marks are stored now. Raise it with a change that older programs would misread, and read the older shapes here. */
export const MARK_SHAPE = 1;
/** A mark as it lies in the store, with the number of its shape; those that were stored before there was one have the first. */
export const storedMarkSchema: z.ZodType<Mark> = z
  .looseObject({ shape: z.literal(MARK_SHAPE).default(MARK_SHAPE) })
  .transform(({ shape: _shape, ...mark }) => mark)
  .pipe(markSchema as z.ZodType<Mark, Record<string, unknown>>);
export const storedMark = (mark: Mark) => ({ ...mark, shape: MARK_SHAPE });

const kindOf = (mark: Mark) => markKinds[mark.kind] as unknown as MarkKindOf<MarkKind, z.ZodObject>;

/** What a kind of mark is called, one of it and several. */
export const kindCalled = (kind: MarkKind): { readonly one: string; readonly many: string } => markKinds[kind].called;

/** The catalogue id that a mark names; undefined for those that name none, such as stoppages and notes. */
export function conceptIdOf(mark: Mark): string | undefined {
  const field = kindOf(mark).concept;
  return field === undefined ? undefined : (mark as unknown as Record<string, string>)[field];
}

// A finished attempt comes before the position that it led to, so that the marked position has the last word.
/** The one order in which marks are read: time, then kind, then id; so the order in which they were written never matters. */
export function compareMarks(one: Mark, other: Mark): number {
  return (
    one.atSeconds - other.atSeconds ||
    markKinds[one.kind].rank - markKinds[other.kind].rank ||
    (one.id < other.id ? -1 : one.id > other.id ? 1 : 0)
  );
}

/** The same marks with the athletes exchanged. */
export function swapAthletes<Kind extends Mark>(mark: Kind): Kind {
  const athlete = 'athlete' in mark && mark.athlete ? { athlete: opponentOf(mark.athlete as Athlete) } : {};
  return { ...mark, ...athlete, ...kindOf(mark).exchange?.(mark, opponentOf) } as Kind;
}

/** The same mark naming another concept of its kind. */
export function withConcept<Kind extends Mark>(mark: Kind, conceptId: string): Kind {
  const field = kindOf(mark).concept;
  return field === undefined ? mark : { ...mark, [field]: conceptId };
}

/** Ids of what a mark led to. */
export const linksOf = (mark: Mark): readonly string[] => mark.ledTo ?? [];

/** Whether an attempt succeeded: it came to its end, and nothing is said against it. */
export const isFinished = (mark: AttemptMark): boolean =>
  mark.stage === 'finished' && (mark.end ?? 'finished') === 'finished';

/** Where nothing was live: play stopped, or off camera. */
export const stoppageSpans = (marks: readonly Mark[]): Span[] =>
  marks.flatMap((mark) =>
    mark.kind === 'stoppage' ? [{ startSeconds: mark.atSeconds, endSeconds: mark.endSeconds }] : [],
  );

/** Whether an error counts: not given on purpose, not excused, not waiting for an answer. */
export const countsAsError = (mark: ErrorMark): boolean => mark.verdict === undefined && mark.unsure !== true;
