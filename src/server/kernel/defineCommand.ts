import { randomBytes } from 'node:crypto';
import { unstable_rethrow } from 'next/navigation';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import type { AuditKind } from '@/data/accounts/audit';
import type { Coach } from '@/data/accounts/coaches';
import type { TouchedKind } from '@/data/accounts/touched';
import { isOutage } from '@/data/outage';
import { log } from '../../log/log';
import { requireCoach } from '../accounts/currentCoach';
import { noteDone } from '../accounts/noteDone';
import { noteTouched } from '../accounts/noteTouched';
import { isDataError } from './dataError';
import { isUuid } from './isUuid';
import { refusalOf } from './refusalOf';

type Shapes = readonly [z.ZodType, ...z.ZodType[]] | readonly [];
type Arguments<Given extends Shapes> = { -readonly [Place in keyof Given]: z.output<Given[Place]> };
type Sent<Given extends Shapes> = { -readonly [Place in keyof Given]: z.input<Given[Place]> };
/** Trailing arguments that may be absent can be left out by the caller. */
type Callable<Args extends unknown[]> = Args extends [...infer Rest, infer Last]
  ? undefined extends Last
    ? Callable<Rest> | Args
    : Args
  : Args;

export interface CommandOf<Given extends Shapes, Value extends object> {
  /** Who may give it; a helper is refused what is for coaches, an assistant what only the head coach may do. */
  readonly actor: 'helper' | 'coach' | 'head-coach';
  /** The shape of each argument: anybody can send anything, and what reaches `run` has passed. */
  readonly args: Given;
  /** What is said when arguments do not fit that no form of ours sends, such as the id of something that is gone; absent tells what is wrong with each field. */
  readonly misfit?: string;
  /** Under what it is put on record once it is done; about its first argument where that is an id. */
  readonly noted?: AuditKind;
  /** What it changes: put on record once a day, about the first thing that its arguments name by an id. */
  readonly changes?: TouchedKind;
  readonly run: (coach: Coach, ...args: Arguments<Given>) => Promise<Outcome<Value>>;
}

const ONLY_COACHES = 'Only coaches can do this. Ask one of them.';
const ONLY_HEAD = 'Only the head coach can do this.';
const NOT_STORABLE = 'Something in it cannot be kept. Check the fields, then try again.';

/** A use case that a page calls: a signed-in coach, checked arguments, one outcome. Anything thrown becomes one line of the log, under a reference that the page shows. */
export function defineCommand<const Given extends Shapes, Value extends object = object>(
  command: CommandOf<Given, Value>,
) {
  const { actor, args, misfit, noted, changes, run } = command;
  const shape = z.tuple(args as unknown as [z.ZodType, ...z.ZodType[]]);
  return async (
    ...sent: Callable<Sent<Given>> extends infer Called extends unknown[] ? Called : never
  ): Promise<Outcome<Value>> => {
    const coach = await requireCoach('helper');
    if (actor !== 'helper' && coach.role === 'helper') return refuse(ONLY_COACHES);
    if (actor === 'head-coach' && coach.role !== 'head') return refuse(ONLY_HEAD);
    // Arguments that were left out come as absent ones; more than there are places is no call of ours.
    const padded = [...sent, ...Array.from({ length: Math.max(0, args.length - sent.length) }, () => undefined)];
    const input = shape.safeParse(padded);
    if (!input.success) return misfit === undefined ? refusalOf(input.error, 1) : refuse(misfit);
    try {
      const outcome = await run(coach, ...(input.data as Arguments<Given>));
      if (noted && outcome.ok) await noteDone(coach.id, noted, idAmong((input.data as readonly unknown[])[0]));
      if (changes && outcome.ok)
        noteTouched({ coachId: coach.id, did: 'changed', kind: changes, about: firstIdIn(input.data) ?? ALL_OF_IT });
      return outcome;
    } catch (error) {
      unstable_rethrow(error);
      // A value that the database cannot hold although its shape fits (class 22) is the sender's, not a fault of ours.
      if (isDataError(error)) return refuse(misfit ?? NOT_STORABLE);
      // A database that is away is no failure of a command: the page tells of it in its own words.
      if (isOutage(error)) throw error;
      const reference = randomBytes(4).toString('hex');
      log.error({ reference, coach: coach.id, err: error }, 'a command failed');
      return refuse(
        `Something went wrong here, and nothing was changed. Try again; the log tells more under ${reference}.`,
      );
    }
  };
}

/** What stands for the academy as a whole, which has no id. */
const ALL_OF_IT = '00000000-0000-0000-0000-000000000000';

/** The first id that arguments name a thing by: as themselves, as `{ id }` or `{ roundId }`, or as the first of a list of such. */
function firstIdIn(args: unknown): string | undefined {
  for (const one of Array.isArray(args) ? args : []) {
    const { id, roundId } = (typeof one === 'object' && one !== null ? one : {}) as Record<string, unknown>;
    const found = [one, id, roundId].find((text) => typeof text === 'string' && isUuid(text));
    if (typeof found === 'string') return found;
    const inside = Array.isArray(one) ? firstIdIn(one) : undefined;
    if (inside) return inside;
  }
  return undefined;
}

const idAmong = (argument: unknown): string | undefined =>
  typeof argument === 'string' && isUuid(argument) ? argument : undefined;

/** The card of a thing that somebody may have changed meanwhile: its id and the version that the page saw. */
export const seenVersion = z.object({ id: z.uuid(), version: z.number().int().min(0).max(2_000_000_000) });
