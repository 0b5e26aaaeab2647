import { present } from '../kernel';
import type { RoundReading, RoundState } from '../round';
import { findIntervalAt } from '../round';
import { cohenKappa, type Kappa } from './kappa';

const nameOf = (state: RoundState): string =>
  state.kind === 'position' ? `${state.positionId} ${state.holder ?? 'level'}` : state.kind;

/**
 * Cohen's kappa over the states that two readings of the same round give to each of its seconds, taken in the middle of the second. Seconds that either of
 * them saw stopped, or off camera, are left out.
 * @source Cohen 1960, see `cohenKappa`; seconds as units: own decision
 */
export function agreementOfStates(one: RoundReading, other: RoundReading): Kappa {
  const first: string[] = [];
  const second: string[] = [];
  const { startSeconds, endSeconds } = one.round;
  for (let at = startSeconds + 0.5; at < endSeconds; at += 1) {
    const states = [one, other].map((reading) => findIntervalAt(reading, at)?.state ?? { kind: 'unmarked' as const });
    if (states.some((state) => state.kind === 'stopped')) continue;
    first.push(nameOf(present(states[0])));
    second.push(nameOf(present(states[1])));
  }
  return cohenKappa(first, second);
}
