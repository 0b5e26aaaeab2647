import { present } from '../kernel';
/** A round that could be reviewed: what it costs in seconds of the coach's time, and what it is worth. */
export interface Choosable {
  readonly roundId: string;
  readonly costSeconds: number;
  readonly worth: number;
}

/** Costs are counted in this step, rounded up, so that the chosen rounds never need more than the time there is. */
const STEP_SECONDS = 5;

/**
 * The rounds of most worth that fit into the time: an exact 0–1 knapsack over steps of 5 s, so never more time than there is. Among equal
 * worths the one that costs less. Returned in the order of `rounds`; rounds without worth are never chosen.
 * @source R. Bellman, "Dynamic Programming" (1957), the knapsack recurrence
 */
export function chooseRounds<Round extends Choosable>(rounds: readonly Round[], availableSeconds: number): Round[] {
  const room = Math.floor(Math.max(0, availableSeconds) / STEP_SECONDS);
  const steps = rounds.map((one) => Math.max(1, Math.ceil(one.costSeconds / STEP_SECONDS)));
  const best = new Float64Array(room + 1);
  const taken = rounds.map(() => new Uint8Array(room + 1));
  for (const [index, round] of rounds.entries()) {
    if (round.worth <= 0) continue;
    const cost = present(steps[index]);
    for (let space = room; space >= cost; space -= 1) {
      const withIt = present(best[space - cost]) + round.worth;
      if (withIt > present(best[space]) + 1e-12) {
        best[space] = withIt;
        present(taken[index])[space] = 1;
      }
    }
  }
  let space = best.findIndex((worth) => worth >= present(best[room]) - 1e-12);
  const chosen: Round[] = [];
  for (let index = rounds.length - 1; index >= 0; index -= 1) {
    if (!present(taken[index])[space]) continue;
    chosen.unshift(present(rounds[index]));
    space -= present(steps[index]);
  }
  return chosen;
}
