import { type ClassProblem, planClass, planRun, type RunProblem } from '@/core/planning';
import { createSolver } from './solver';

/** What is to be planned: one class, or a run with the problem of each of its classes. */
export type Planning =
  | { readonly kind: 'class'; readonly problem: ClassProblem }
  | { readonly kind: 'run'; readonly run: RunProblem; readonly classes: readonly ClassProblem[] };

/** A process of its own for one plan: the solver keeps whatever it runs in busy for seconds, and its memory is given back as a whole. */
process.once('disconnect', () => process.exit());
process.once('message', async (asked) => {
  process.send?.(await plan(asked as Planning), () => process.exit());
});

async function plan(asked: Planning) {
  if (asked.kind === 'class') return planClass(asked.problem, await createSolver());
  const run = planRun(asked.run);
  const plans = [];
  // Each class is laid out with the lessons that the run gives it, and paired.
  for (const [at, problem] of asked.classes.entries()) {
    const lessons = run.classes[at]?.lessons ?? [];
    const chosen = new Set(lessons.map((one) => one.drillId));
    const locks = [
      ...problem.locks.filter((lock) => !chosen.has(lock.drillId)),
      ...lessons.map(({ drillId, minutes }) => ({ kind: 'keep' as const, drillId, minutes })),
    ];
    plans.push(
      lessons.length > 0
        ? planClass({ ...problem, locks, restingDrillIds: new Set() }, await createSolver())
        : undefined,
    );
  }
  return { run, plans };
}
