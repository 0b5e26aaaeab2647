import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { Result } from '@/core/kernel';
import type { ClassPlan, ClassPlanProblem, ClassProblem } from '@/core/planning';

/** Plans a class in a process of its own, so that this one goes on giving its signs of life; ended when `signal` says so. */
export function planApart(problem: ClassProblem, signal: AbortSignal): Promise<Result<ClassPlan, ClassPlanProblem>> {
  return new Promise((resolve, reject) => {
    const child = fork(fileURLToPath(new URL('./planProcess.ts', import.meta.url)), {
      execArgv: ['--import', 'tsx'],
      serialization: 'advanced',
      signal,
    });
    child.once('message', (planned) => resolve(planned as Result<ClassPlan, ClassPlanProblem>));
    child.once('error', reject);
    child.once('exit', () => reject(new Error('planApart: the process ended without a plan')));
    child.send(problem);
  });
}
