import { randomBytes } from 'node:crypto';
import { unstable_rethrow } from 'next/navigation';
import { z } from 'zod';
import type { Coach } from '@/data/accounts/coaches';
import { isOutage } from '@/data/outage';
import { log } from '../../log/log';
import { requireCoach } from '../accounts/currentCoach';
import { isDataError } from './dataError';

type Shapes = readonly [z.ZodType, ...z.ZodType[]] | readonly [];
type Arguments<Given extends Shapes> = { -readonly [Place in keyof Given]: z.output<Given[Place]> };
type Sent<Given extends Shapes> = { -readonly [Place in keyof Given]: z.input<Given[Place]> };
/** Trailing arguments that may be absent can be left out by the caller. */
type Callable<Args extends unknown[]> = Args extends [...infer Rest, infer Last]
  ? undefined extends Last
    ? Callable<Rest> | Args
    : Args
  : Args;

export interface ActionOf<Given extends Shapes, Outcome> {
  /** The shape of each argument: anybody can send anything, and what reaches `run` has passed. */
  readonly args: Given;
  /** The answer to arguments that do not fit: in the action's own form, so that the page shows it as any other refusal. */
  readonly refused: (error: z.ZodError) => Outcome;
  readonly run: (coach: Coach, ...args: Arguments<Given>) => Promise<Outcome>;
}

/** A use case that a page calls: a signed-in coach, checked arguments, one outcome. */
export function defineAction<const Given extends Shapes, Outcome>({ args, refused, run }: ActionOf<Given, Outcome>) {
  const shape = z.tuple(args as unknown as [z.ZodType, ...z.ZodType[]]);
  return async (
    ...sent: Callable<Sent<Given>> extends infer Called extends unknown[] ? Called : never
  ): Promise<Outcome> => {
    const coach = await requireCoach();
    // Arguments that were left out come as absent ones; more than there are places is no call of ours.
    const padded = [...sent, ...Array.from({ length: Math.max(0, args.length - sent.length) }, () => undefined)];
    const input = shape.safeParse(padded);
    if (!input.success) return refused(input.error);
    try {
      return await run(coach, ...(input.data as Arguments<Given>));
    } catch (error) {
      unstable_rethrow(error);
      // A value that the database cannot hold although its shape fits (class 22) is the sender's, not a fault of ours.
      if (isDataError(error)) return refused(withMessage(NOT_STORABLE));
      // A database that is away is no failure of an action: the page tells of it in its own words.
      if (isOutage(error)) throw error;
      const reference = randomBytes(4).toString('hex');
      log.error({ reference, coach: coach.id, err: error }, 'an action failed');
      const told = refused(
        withMessage(
          `Something went wrong here, and nothing was changed. Try again; the log tells more under ${reference}.`,
        ),
      );
      // An action whose answer holds no words: its page says that it did not work.
      if (told === undefined) throw error;
      return told;
    }
  };
}

const withMessage = (message: string): z.ZodError =>
  new z.ZodError([{ code: 'custom', path: [], message, input: undefined }]);

const NOT_STORABLE = 'Something in it cannot be kept. Check the fields, then try again.';

/** The first message of a failed check. */
export const firstMessage = (error: z.ZodError): string => error.issues[0]?.message ?? 'Check the fields.';

/** The card of a thing that somebody may have changed meanwhile: its id and the version that the page saw. */
export const seenVersion = z.object({ id: z.uuid(), version: z.number().int().min(0).max(2_000_000_000) });
