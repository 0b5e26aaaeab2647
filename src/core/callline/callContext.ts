import type { Athlete, Mark, RoundState } from '../round';
import type { Uniform } from '../vocabulary';

/** What a call is read against: where and when it is said, and how the athletes are called. */
export interface CallContext {
  readonly uniform: Uniform;
  /** Where they are at the moment of the call. */
  readonly state: RoundState;
  /** Where they are at another moment, for calls that name one; without it they are taken to be where they are now. */
  readonly stateAt?: (seconds: number) => RoundState;
  /** Words by which each athlete may be called besides the letters: names, initials, kit colour. Lower case. */
  readonly calledBy: Readonly<Record<Athlete, readonly string[]>>;
  /** The coach who writes, where that is one of the two: "I" and "my". */
  readonly speaks?: Athlete;
  /** Media time of the call. */
  readonly atSeconds: number;
  /** Media time of the round's in point, for "at 2:41" in round time. */
  readonly roundStartSeconds: number;
  /** The marks around, for "led to …" and "after …". */
  readonly marks?: readonly Mark[];
}
