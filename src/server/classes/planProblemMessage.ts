import type { ClassPlanProblem } from '@/core/planning';

/** What a coach reads, and can do, when no plan comes out. */
export function planProblemMessage(problem: ClassPlanProblem | { readonly code: 'interrupted' }): string {
  switch (problem.code) {
    case 'interrupted':
      return 'Planning broke off several times. Generate again; if it breaks off again, the log says why.';
    case 'nobody-expected':
      return 'Nobody is expected yet. Tick who comes, then generate.';
    case 'one-person':
      return 'Only one person is expected. Tick at least one partner.';
    case 'too-short':
      return `A class needs at least ${problem.leastMinutes} minutes for a plan. Make it longer.`;
    case 'nothing-to-work-on':
      return 'There is nothing to work on yet: no errors are marked for those who come. Review a round of one of them, or lock a drill of your choice.';
    case 'own-blocks-do-not-fit':
      return `Your own blocks take ${problem.ownMinutes} minutes and there are ${problem.minutes} beside warm-up, rounds and close. Shorten one, or make the class longer.`;
    case 'theme-does-not-fit':
      return 'No drill of the theme that is set may be done by those who come in this time. Set another theme, or leave it to the plan.';
    case 'no-drill-fits':
      return 'No drill of the library fits: each is kept out by the uniform, the belts, the ages, a sore joint, or because it was drilled in the class before. Change who comes or the uniform, or lock a drill.';
    case 'locks-do-not-fit':
      return `The locked drills take ${problem.lockedMinutes} minutes and there are ${problem.minutes} for lessons, at most three of them. Unlock one, or make the class longer.`;
  }
}
