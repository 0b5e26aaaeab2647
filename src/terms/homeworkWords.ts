import { formatClock } from '@/core/clock';
import type { HomeworkCheck } from '@/core/reviewing';
import { times } from './times';

/** What this round says about homework. */
export function homeworkWords({ shows, count, exposure, unit }: HomeworkCheck, countThen: number): string {
  const chance =
    unit === 'minutes'
      ? `${formatClock(exposure * 60)} in the position`
      : `${Math.round(exposure)} chances to go wrong`;
  const then = countThen > 0 ? `; ${times(countThen)} then` : '';
  if (shows === 'not-tested') return 'This round did not put it to the test.';
  if (shows === 'kept') return `It shows: not once in ${chance}${then}.`;
  return `Again: ${times(count)} in ${exposure > 0 ? chance : 'this round'}${then}.`;
}
