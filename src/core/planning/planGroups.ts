import { present, type Result } from '../kernel';
import { drills as catalogueDrills, type Drill } from '../vocabulary';
import type { Attendee } from './attendee';
import { workOn } from './benefit';
import type { ClassPlanProblem, ClassProblem } from './classProblem';
import { listCandidates } from './eligibility';
import type { Solve } from './linearModel';
import { usualNumbers } from './numbers';
import { type ClassPlan, type GroupOfPlan, planClass } from './planClass';
import { firstNeeds } from './runGains';
import { isAbout, type Theme, themeKey, themesAmong } from './themes';

/** Themes and partings that are weighed. @source own decisions: more change nothing that can be seen */
const WEIGHED_THEMES = 6;
const PLANNED_PARTINGS = 2;

/** A class with a plan for all, or for two groups side by side where a second coach is there and that serves clearly more people. */
export function planClassOrGroups(problem: ClassProblem, solve: Solve): Result<ClassPlan, ClassPlanProblem> {
  const whole = planClass(problem, solve);
  const grouped = whole.ok && (problem.coaches ?? 1) > 1 ? planGroups(problem, whole.value, solve) : undefined;
  return grouped ? { ok: true, value: grouped } : whole;
}

/**
 * Two groups side by side, each with a theme and lessons of its own on its part of the mats; undefined where that does not serve clearly more people than one
 * plan for all (the academy says how much is clearly), leaves more of them without a partner, or a group would be too small. A lesson that the coach keeps
 * stays in the group of its theme; a theme that the coach set leaves the class whole.
 */
function planGroups(problem: ClassProblem, whole: ClassPlan, solve: Solve): ClassPlan | undefined {
  const { groupPeople, twoGroupsPercent } = problem.numbers ?? usualNumbers;
  if (problem.theme || problem.attendees.length < 2 * groupPeople) return undefined;
  const asOne: Planned[] = [{ plan: whole, people: problem.attendees }];
  const servedAsOne = servedIn(asOne, problem);
  let best: readonly Planned[] | undefined;
  for (const parting of partingsOf(problem, groupPeople).slice(0, PLANNED_PARTINGS)) {
    const planned = parting.flatMap((one): Planned[] => {
      const plan = planClass(problemOf(problem, one), solve);
      return plan.ok ? [{ plan: plan.value, people: one.people }] : [];
    });
    const isClear = servedIn(planned, problem) >= servedAsOne * (1 + twoGroupsPercent / 100);
    const isBetter = benefitOf(planned) > benefitOf(best ?? asOne);
    if (planned.length === 2 && isClear && isBetter && idleIn(planned) <= idleIn(asOne)) best = planned;
  }
  return best && joined(best, { served: servedIn(best, problem), servedAsOne, whole });
}

const benefitOf = (planned: readonly Planned[]): number => planned.reduce((sum, { plan }) => sum + plan.benefit, 0);

/** The plans of two groups as one plan: what reads a plan for all finds the first group's blocks, and the lessons and pairs of both. */
function joined(
  planned: readonly Planned[],
  { whole, ...served }: { readonly served: number; readonly servedAsOne: number; readonly whole: ClassPlan },
): ClassPlan {
  const groups = planned.map(
    ({ plan: { themes = [], blocks, drills, pairings }, people }): GroupOfPlan => ({
      ...{ themes, blocks, drills, pairings, personIds: people.map((one) => one.personId) },
    }),
  );
  return {
    ...{ groups, ...served, themes: groups.flatMap((one) => one.themes) },
    blocks: present(groups[0]).blocks,
    drills: groups.flatMap((one) => one.drills),
    pairings: groups.flatMap((one) => one.pairings),
    benefit: benefitOf(planned),
    frequencyBenefit: whole.frequencyBenefit,
    modelBenefit: planned.reduce((sum, { plan }) => sum + plan.modelBenefit, 0),
    gap: Math.max(...planned.map(({ plan }) => plan.gap)),
    // Each group's lessons are proved; who is in which is not.
    optimal: false,
  };
}

interface Part {
  readonly theme: Theme;
  readonly people: readonly Attendee[];
}
type Parting = readonly [Part, Part];

/** The class as one of its groups has it. */
function problemOf(problem: ClassProblem, { theme, people }: Part): ClassProblem {
  const { attendees, pairsOnMats, locks, drills = catalogueDrills } = problem;
  const isOther = (drillId: string) => {
    const drill = drills.find((one) => one.id === drillId);
    return drill !== undefined && !isAbout(drill, theme);
  };
  return {
    ...{ ...problem, theme, attendees: people },
    pairsOnMats: Math.max(1, Math.floor((pairsOnMats * people.length) / attendees.length)),
    locks: locks.filter((lock) => lock.kind === 'drop' || !isOther(lock.drillId)),
  };
}

/** Ways to part the class by two themes, the most promising first: everybody goes where more of theirs is answered, and whoever loses least moves until both groups are large enough. */
function partingsOf(problem: ClassProblem, least: number): Parting[] {
  const { attendees, uniform, restingDrillIds, locks, drills = catalogueDrills } = problem;
  const here = new Set(attendees.map((one) => one.personId));
  const keptPairs = (problem.keptPairs ?? []).filter((pair) => pair.every((id) => here.has(id)));
  const candidates = listCandidates(drills, attendees, uniform, restingDrillIds).map((one) => one.drill);
  const kept = themesAmong(
    locks.flatMap((lock) => (lock.kind === 'keep' ? (drills.find((one) => one.id === lock.drillId) ?? []) : [])),
  ).map(themeKey);
  const worths = themesAmong(candidates)
    .map((theme) => {
      const own = candidates.filter((drill) => isAbout(drill, theme));
      const each = attendees.map((one) => worthOf(one, own));
      return { theme, each, all: each.reduce((sum, one) => sum + one, 0), isKept: kept.includes(themeKey(theme)) };
    })
    .filter((one) => one.all > 0 || one.isKept)
    .sort((one, other) => Number(other.isKept) - Number(one.isKept) || other.all - one.all)
    .slice(0, Math.max(WEIGHED_THEMES, kept.length));
  const partings = worths.flatMap((one, at) =>
    worths.slice(at + 1).flatMap((other) => {
      // What the coach keeps is taught in one of the two.
      if (kept.some((key) => key !== themeKey(one.theme) && key !== themeKey(other.theme))) return [];
      return [part(attendees, one, other, least)];
    }),
  );
  return partings
    .filter(({ parting }) => keptPairs.every((pair) => parting.some(({ people }) => holdsAll(people, pair))))
    .sort((one, other) => other.worth - one.worth)
    .map((one) => one.parting);
}

const holdsAll = (people: readonly Attendee[], ids: readonly string[]): boolean =>
  ids.every((id) => people.some((one) => one.personId === id));

interface ThemeWorth {
  readonly theme: Theme;
  /** By place among those who come. */
  readonly each: readonly number[];
}

function part(attendees: readonly Attendee[], one: ThemeWorth, other: ThemeWorth, least: number) {
  const gains = attendees.map((person, at) => ({ person, at, gain: present(one.each[at]) - present(other.each[at]) }));
  const ranked = [...gains].sort((left, right) => right.gain - left.gain || left.at - right.at);
  const wanted = ranked.filter(({ gain }) => gain > 0).length;
  const first = Math.min(attendees.length - least, Math.max(least, wanted));
  const [there, here] = [ranked.slice(0, first), ranked.slice(first)];
  const worth =
    there.reduce((sum, { at }) => sum + present(one.each[at]), 0) +
    here.reduce((sum, { at }) => sum + present(other.each[at]), 0);
  const parting: Parting = [
    { theme: one.theme, people: there.map((each) => each.person) },
    { theme: other.theme, people: here.map((each) => each.person) },
  ];
  return { worth, parting };
}

/** What the lessons of a theme could do for somebody: each error by the best of them. */
const worthOf = ({ needs, chance }: Attendee, lessons: readonly Drill[]): number =>
  needs.reduce((sum, need) => {
    const kappas = lessons.map((drill) => {
      const work = workOn(drill, need);
      return work?.as === 'learner' ? work.kappa : 0;
    });
    return sum + chance * need.priority * Math.max(0, ...kappas);
  }, 0);

interface Planned {
  readonly plan: ClassPlan;
  readonly people: readonly Attendee[];
}

/** How many of those who come get a lesson on one of their first errors, each by the chance of coming. */
function servedIn(planned: readonly Planned[], { drills = catalogueDrills }: ClassProblem): number {
  const byId = new Map(drills.map((drill) => [drill.id, drill]));
  const isServed = (plan: ClassPlan, { personId, needs }: Attendee) => {
    const wanted = new Set(firstNeeds(needs).map((need) => need.errorId));
    return plan.blocks.some(({ drillId = '', excludedIds }) => {
      const answered = excludedIds.includes(personId) ? [] : (byId.get(drillId)?.targetErrorIds ?? []);
      return answered.some((id) => wanted.has(id));
    });
  };
  return planned.reduce(
    (sum, { plan, people }) => sum + people.reduce((all, one) => all + (isServed(plan, one) ? one.chance : 0), 0),
    0,
  );
}

/** Turns in which somebody has no partner. */
const idleIn = (planned: readonly Planned[]): number =>
  planned.reduce((sum, { plan }) => sum + plan.pairings.reduce((all, one) => all + one.sittingOut.length, 0), 0);
