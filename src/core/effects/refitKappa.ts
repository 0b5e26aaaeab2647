import { type LearnedKappa, type PlanNumbers, usualNumbers } from '../planning';
import { didDrill, dosesLeft, type Worker } from './drilled';

const MOST_KAPPA = 0.95;
/** Rate ratios that are weighed, from nearly gone to twice as often. */
const STEP = 0.01;
const MOST_RATIO = 2;

/**
 * κ of a drill from what happened to its errors: the rate of a student is one gamma-distributed number (the prior is that of comparable students), times what
 * doses leave of it in each round: 1 − κ̄ × (1 − e^(−D/τ)), D what is left of doses by then, κ̄ their mean weighted by dose. The rate integrates out in closed
 * form; the ratio of a full dose, 1 − κ, has a gamma prior about the catalogue's and is summed over a grid. The shape of that prior says how much the catalogue
 * weighs: 16 takes it to be off by about half of what it says; at 8 a few lessons moved κ further than they could tell. One entry of `byError` holds everybody for one error.
 * @source gamma–Poisson marginal likelihood (Gelman et al., Bayesian Data Analysis, from memory); the prior is a house estimate
 */
export function refitKappa(
  drill: { readonly id: string; readonly kappa: number },
  byError: readonly (readonly Worker[])[],
  numbers: PlanNumbers = usualNumbers,
): LearnedKappa {
  const shape = numbers.catalogueWeight;
  const all = byError.flatMap((workers) =>
    workers
      .filter((one) => didDrill(one, drill.id))
      .map((worker) => ({ worker, cells: cellsOf(worker, drill.id, numbers) })),
  );
  const seen = all.filter(({ cells }) => cells.some((one) => one.share > 0 && one.exposure > 0));
  const expected = 1 - drill.kappa;
  let [weight, sum] = [0, 0];
  const ratios = Array.from({ length: Math.round(MOST_RATIO / STEP) }, (_, at) => (at + 1) * STEP);
  const logs = ratios.map(
    (ratio) =>
      (shape - 1) * Math.log(ratio) -
      (shape / expected) * ratio +
      seen.reduce((total, { worker, cells }) => total + logLikelihood(worker, cells, ratio), 0),
  );
  const most = Math.max(...logs);
  for (const [at, ratio] of ratios.entries()) {
    const density = Math.exp((logs[at] ?? most) - most);
    weight += density;
    sum += density * ratio;
  }
  return {
    drillId: drill.id,
    kappa: seen.length === 0 ? drill.kappa : Math.min(MOST_KAPPA, Math.max(0, 1 - sum / weight)),
    before: drill.kappa,
    people: new Set(seen.map(({ worker }) => worker.personId)).size,
  };
}

interface Cell {
  readonly count: number;
  readonly exposure: number;
  /** What part of the error's rate this drill would remove by then with κ of 1, and what the others remove with theirs. */
  readonly share: number;
  readonly byOthers: number;
}

function cellsOf({ rounds, doses }: Worker, drillId: string, numbers: PlanNumbers): Cell[] {
  return rounds.map(({ day, count, exposure }): Cell => {
    const { left, all, filled } = dosesLeft(doses, day, numbers);
    if (all === 0) return { count, exposure, share: 0, byOthers: 0 };
    const own = left.filter((one) => one.drillId === drillId).reduce((sum, one) => sum + one.left, 0);
    const others = left.filter((one) => one.drillId !== drillId).reduce((sum, one) => sum + one.left * one.kappa, 0);
    return { count, exposure, share: (own / all) * filled, byOthers: (others / all) * filled };
  });
}

function logLikelihood({ prior }: Worker, cells: readonly Cell[], ratio: number): number {
  let [exposure, events, log] = [prior.rate, prior.shape, 0];
  for (const cell of cells) {
    const left = Math.max(1e-6, 1 - (1 - ratio) * cell.share - cell.byOthers);
    exposure += cell.exposure * left;
    events += cell.count;
    log += cell.count * Math.log(left);
  }
  return log - events * Math.log(exposure);
}
