import highsLoader from 'highs';
import { formatLinearModel, type LinearModel, type LinearSolution, type Solve } from '@/core/planning';

/** A solver ready for use. A new one for each plan: its memory is given back as a whole, and a crash in one harms no other. */
export async function createSolver(): Promise<Solve> {
  const highs = await highsLoader();
  return (model: LinearModel): LinearSolution => {
    const result = highs.solve(formatLinearModel(model), { time_limit: 20, mip_rel_gap: 0, random_seed: 1 });
    if (result.Status === 'Infeasible') return { status: 'infeasible', objective: 0, gap: 0, values: new Map() };
    const values = new Map(
      Object.entries(result.Columns).map(([name, column]) => [name, 'Primal' in column ? Number(column.Primal) : 0]),
    );
    const optimal = result.Status === 'Optimal';
    return {
      status: optimal ? 'optimal' : 'stopped',
      objective: result.ObjectiveValue,
      gap: optimal ? 0 : Number.NaN,
      values,
    };
  };
}
