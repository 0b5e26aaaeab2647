import {
  type ClassProblem,
  type FoundRun,
  planClass,
  planClassOrGroups,
  planRun,
  type RunProblem,
} from '@/core/planning';
import { createSolver } from './solver';

/** What is to be planned: one class, or a run with the problem of each of its classes. */
export type Planning =
  | { readonly kind: 'class'; readonly problem: ClassProblem }
  | { readonly kind: 'run'; readonly run: RunProblem; readonly classes: readonly ClassProblem[] };

/** What the process says: a better run that it found on the way, and at the end what was asked for. */
export type PlanningSays<Answer> =
  | { readonly kind: 'better'; readonly run: FoundRun }
  | { readonly kind: 'done'; readonly answer: Answer };

/** A process of its own for one plan: the solver keeps whatever it runs in busy for seconds, and its memory is given back as a whole. */
process.once('disconnect', () => process.exit());
process.once('message', async (asked) => {
  process.send?.({ kind: 'done', answer: await plan(asked as Planning) }, () => process.exit());
});

async function plan(asked: Planning) {
  if (asked.kind === 'class') return planClassOrGroups(asked.problem, await createSolver());
  const run = planRun(asked.run, (better) => process.send?.({ kind: 'better', run: better }));
  const plans = [];
  // Each class is laid out with the lessons that the run gives it, and paired; one whose plan stays has it already.
  for (const [at, problem] of asked.classes.entries()) {
    const lessons = run.classes[at]?.lessons ?? [];
    const isKept = asked.run.classes[at]?.isKept === true;
    const chosen = new Set(lessons.map((one) => one.drillId));
    const locks = [
      ...problem.locks.filter((lock) => !chosen.has(lock.drillId)),
      ...lessons.map(({ drillId, minutes }) => ({ kind: 'keep' as const, drillId, minutes })),
    ];
    plans.push(
      !isKept && (lessons.length > 0 || problem.theme)
        ? planClass({ ...problem, locks, restingDrillIds: new Set() }, await createSolver())
        : undefined,
    );
  }
  return { run, plans };
}
