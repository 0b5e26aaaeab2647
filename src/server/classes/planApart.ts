import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { Result } from '@/core/kernel';
import type { ClassPlan, ClassPlanProblem, ClassProblem, FoundRun, RunPlan, RunProblem } from '@/core/planning';
import { calm } from '../jobs/calm';
import type { Planning, PlanningSays } from './planProcess';

type Planned = Result<ClassPlan, ClassPlanProblem>;

/** Plans a class in a process of its own, so that this one goes on giving its signs of life; ended when `signal` says so. */
export const planApart = (problem: ClassProblem, signal: AbortSignal): Promise<Planned> =>
  ask<Planned>({ kind: 'class', problem }, signal);

/** A planned run, with the plan of each class that has lessons in it. */
export interface PlannedRun {
  readonly run: RunPlan;
  readonly plans: readonly (Planned | undefined)[];
}

/** The same for a run and each of its classes; better runs that are found on the way are told. */
export const planRunApart = (
  run: RunProblem,
  classes: readonly ClassProblem[],
  signal: AbortSignal,
  onBetter: (run: FoundRun) => void,
) => ask<PlannedRun>({ kind: 'run', run, classes }, signal, onBetter);

function ask<Answer>(
  planning: Planning,
  signal: AbortSignal,
  onBetter: (run: FoundRun) => void = () => undefined,
): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const child = fork(fileURLToPath(new URL('./planProcess.ts', import.meta.url)), {
      execArgv: ['--import', 'tsx'],
      serialization: 'advanced',
      signal,
    });
    const standBack = () => {
      if (child.pid !== undefined) calm(child.pid);
    };
    // The first run is soon there and somebody waits for it; what makes it better stands back.
    if (planning.kind === 'class') standBack();
    else child.once('message', standBack);
    child.on('message', (message) => {
      const said = message as PlanningSays<Answer>;
      if (said.kind === 'better') onBetter(said.run);
      else resolve(said.answer);
    });
    child.once('error', reject);
    child.once('exit', () => reject(new Error('planApart: the process ended without a plan')));
    child.send(planning);
  });
}
