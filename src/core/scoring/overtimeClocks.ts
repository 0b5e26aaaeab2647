import {
  type ClockPair,
  compareClocks,
  type DisplayedClock,
  elapsedOn,
  type Span,
  spanSeconds,
  tiedOver,
} from '../clock';
import type { TurnMark } from '../round';
import { SAME_TIME_SECONDS } from './overtimeOfficials';

/** What one displayed clock says about a turn, over the part of it for which the clock is tied. */
export interface ClockOverTurn {
  readonly name: string;
  readonly over: Span;
  readonly elapsedSeconds: number;
  /** Whether that is not what the presses give for the same part. */
  readonly differs: boolean;
}

export interface TurnClocks {
  readonly alone: readonly ClockOverTurn[];
  /** Every two clocks over the part of the turn that both are tied for. */
  readonly pairs: readonly (ClockPair & { readonly differs: boolean })[];
}

/** The displayed clocks beside the presses of a turn that is over, and beside each other; each counts where it is tied. */
export function clocksOverTurn(turn: TurnMark, clocks: readonly DisplayedClock[]): TurnClocks {
  if (turn.endSeconds === undefined) return { alone: [], pairs: [] };
  const stretch = { startSeconds: turn.atSeconds, endSeconds: turn.endSeconds };
  const apart = (one: number, other: number) => Math.abs(one - other) >= SAME_TIME_SECONDS - 1e-9;
  return {
    alone: clocks.flatMap((clock): ClockOverTurn[] => {
      const over = tiedOver(clock, stretch);
      if (!over) return [];
      const elapsedSeconds = elapsedOn(clock, over);
      return [{ name: clock.name, over, elapsedSeconds, differs: apart(elapsedSeconds, spanSeconds(over)) }];
    }),
    pairs: compareClocks(clocks, stretch).map((pair) => ({ ...pair, differs: apart(...pair.elapsedSeconds) })),
  };
}
