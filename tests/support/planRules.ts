import {
  drillMinutesIn,
  findExclusion,
  fitsTheme,
  leastMinutesOf,
  mostMinutesOf,
  type RunPlan,
  type RunProblem,
  themesAmong,
} from '@/core/planning';
import { findDrill } from '@/core/vocabulary';

/** Every rule that a planned run breaks, in words; written down from the rules, not from the planner. */
export function brokenRulesOf(problem: RunProblem, { classes, benefit, bound = 0 }: RunPlan): string[] {
  const broken: string[] = [];
  const rule = (holds: boolean, words: string) => {
    if (!holds) broken.push(words);
  };
  rule(benefit >= -1e-9, 'a run does harm');
  rule(bound >= benefit - 1e-9, 'the bound lies below the run');
  const taught = new Map<string, number>();
  for (const [at, { lessons, themes }] of classes.entries()) {
    const one = problem.classes[at];
    if (!one) return ['more classes than there are'];
    const kept = one.locks.filter((lock) => lock.kind === 'keep').map((lock) => lock.drillId);
    const dropped = one.locks.filter((lock) => lock.kind === 'drop').map((lock) => lock.drillId);
    const drills = lessons.flatMap((lesson) => findDrill(lesson.drillId) ?? []);
    const minutes = lessons.reduce((sum, lesson) => sum + lesson.minutes, 0);
    rule(lessons.length <= Math.max(3, kept.length), 'more than three lessons');
    rule(kept.length > 0 || themes.length <= (one.minutes >= 85 ? 2 : 1), 'too many themes');
    rule(themes.length === themesAmong(drills).length, 'a theme that no lesson has');
    rule(minutes <= Math.max(0, drillMinutesIn(one.minutes) - (one.ownMinutes ?? 0)) || kept.length > 0, 'too long');
    for (const { drillId, minutes: given, excludedIds } of lessons) {
      const drill = findDrill(drillId);
      if (!drill) return [`a drill that there is not: ${drillId}`];
      rule(given >= leastMinutesOf(drill) && given <= mostMinutesOf(drill), 'minutes out of bounds');
      rule(drill.uniform === 'both' || drill.uniform === one.uniform, 'the wrong uniform');
      rule(kept.includes(drillId) || fitsTheme(drill, one.theme), 'not the theme that is set');
      rule(!dropped.includes(drillId), 'left out, and taught');
      rule(kept.includes(drillId) || one.day - (taught.get(drillId) ?? -99) >= 2, 'again within two days');
      taught.set(drillId, one.day);
      for (const attendee of one.attendees)
        rule(
          (findExclusion(drill, attendee) !== undefined) === excludedIds.includes(attendee.personId),
          'somebody does what they may not, or is kept out of what they may',
        );
    }
  }
  return broken;
}
