import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { Result } from '@/core/kernel';
import type { ClassPlan, ClassPlanProblem, ClassProblem, RunPlan, RunProblem } from '@/core/planning';
import type { Planning } from './planProcess';

type Planned = Result<ClassPlan, ClassPlanProblem>;

/** Plans a class in a process of its own, so that this one goes on giving its signs of life; ended when `signal` says so. */
export const planApart = (problem: ClassProblem, signal: AbortSignal): Promise<Planned> =>
  ask<Planned>({ kind: 'class', problem }, signal);

/** A planned run, with the plan of each class that has lessons in it. */
export interface PlannedRun {
  readonly run: RunPlan;
  readonly plans: readonly (Planned | undefined)[];
}

/** The same for a run and each of its classes. */
export const planRunApart = (run: RunProblem, classes: readonly ClassProblem[], signal: AbortSignal) =>
  ask<PlannedRun>({ kind: 'run', run, classes }, signal);

function ask<Answer>(planning: Planning, signal: AbortSignal): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const child = fork(fileURLToPath(new URL('./planProcess.ts', import.meta.url)), {
      execArgv: ['--import', 'tsx'],
      serialization: 'advanced',
      signal,
    });
    child.once('message', (planned) => resolve(planned as Answer));
    child.once('error', reject);
    child.once('exit', () => reject(new Error('planApart: the process ended without a plan')));
    child.send(planning);
  });
}
