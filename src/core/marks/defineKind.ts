import type { z } from 'zod';
import type { Athlete } from './athlete';

/** Everything that a kind of mark is: one file each. */
export interface MarkKindOf<Name extends string, Schema extends z.ZodObject> {
  readonly kind: Name;
  /** One shape for the wire, for what is stored, and for the type. */
  readonly schema: Schema;
  /** What such a mark is called, and several of them at the head of a list. */
  readonly called: { readonly one: string; readonly many: string };
  /** Its place in reading order among marks of one moment. */
  readonly rank: number;
  /** The field that names an entry of the vocabulary, where it has one. */
  readonly concept?: keyof z.output<Schema> & string;
  /** The fields that change when the athletes are exchanged; `athlete` need not be named. */
  readonly exchange?: (mark: z.output<Schema>, other: (athlete: Athlete) => Athlete) => Partial<z.output<Schema>>;
}

export const defineKind = <const Name extends string, Schema extends z.ZodObject>(
  kind: MarkKindOf<Name, Schema>,
): MarkKindOf<Name, Schema> => kind;
