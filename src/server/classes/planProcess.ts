import { type ClassProblem, planClass } from '@/core/planning';
import { createSolver } from './solver';

/** A process of its own for one plan: the solver keeps whatever it runs in busy for seconds, and its memory is given back as a whole. */
process.once('disconnect', () => process.exit());
process.once('message', async (problem) => {
  const planned = planClass(problem as ClassProblem, await createSolver());
  process.send?.(planned, () => process.exit());
});
