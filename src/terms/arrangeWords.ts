import type { ArrangeProblem } from '@/core/planning';

/** Why a plan cannot be arranged so, with what to do. */
export function arrangeWords(problem: ArrangeProblem, wordOf: (id: string) => string): string {
  switch (problem.code) {
    case 'lesson-length':
      return `${wordOf(problem.drillId)} takes ${problem.least} to ${problem.most} minutes.`;
    case 'rounds-too-short':
      return `Only ${problem.left} minutes would be left for rounds, and they have at least ${problem.least}. Take minutes from another lesson first.`;
    case 'other-lessons':
      return 'These are not the lessons of this plan. Reload the page.';
  }
}
