import type { ClassRun, RunProblemCode } from '@/data/classes/runs';

const problems: Readonly<Record<RunProblemCode['code'], string>> = {
  'no-class-ahead':
    'There is no class in the next three weeks with two people expected. Set one up and tick who comes.',
  'nothing-to-work-on':
    'There is nothing to work on yet: no errors are marked for those who come. Review a round of one of them.',
  stopped: 'Stopped. What was planned before stands.',
  interrupted: 'Planning broke off several times. Ask again; if it breaks off again, the log says why.',
};

/** How far the coming weeks are planned, as the page shows it: what was asked for last, and the last that came to something. */
export const runState = ({ latest, ready }: { readonly latest?: ClassRun; readonly ready?: ClassRun }) => ({
  id: latest?.id,
  soFar: latest?.soFar,
  isUnderway: latest?.state === 'waiting' || latest?.state === 'working',
  askedBy: latest?.askedBy,
  message: latest?.state === 'failed' && latest.problem ? problems[latest.problem.code] : undefined,
  ready: ready?.content,
});
