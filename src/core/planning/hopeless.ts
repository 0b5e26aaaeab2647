import { present } from '../kernel';
import { leastMinutesOf, mostMinutesOf } from './benefit';
import { type BenefitGroup, benefitGroups, type Piece, piecesOf } from './benefitGroups';
import type { ChoiceProblem } from './choiceProblem';
import type { Candidate } from './eligibility';
import { termsOf } from './lessonTerms';
import { usualNumbers } from './numbers';
import { themeKey, themeOf } from './themes';

/** Minutes by the place of a candidate. */
type Plan = ReadonlyMap<number, number>;

/** What so many minutes may be worth, between none and what the best minute brings: prices with which the bound is drawn. @source own decision */
const PRICES = [0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.65, 0.8, 1, 1.25, 1.5];

/**
 * The problem with those candidates locked out that no best plan can hold. A plan with one of them is worth at most what it brings alone, the others of the most lessons bring
 * alone, and what is left of the minutes at a price: doses add up under a concave curve, so that together they bring less than alone. Where the least of these bounds
 * is below the worth of a plan that is known, no best plan holds it. Nothing more is locked where lessons are.
 * @source Lagrangian relaxation of the minutes, e.g. Fisher, The Lagrangian relaxation method for solving integer programming problems (1981), from memory
 */
export function lockOutHopeless(problem: ChoiceProblem): ChoiceProblem {
  const { candidates, mostLessons, minutes } = problem;
  if (candidates.length <= mostLessons || problem.locks.some((lock) => lock.kind === 'keep')) return problem;
  const dropped = new Set(problem.locks.map((lock) => lock.drillId));
  const worth = worthOf(problem);
  const alone = candidates.map(({ drill }, at) =>
    dropped.has(drill.id)
      ? []
      : minutesOf(candidates, at, minutes).map((some) => ({ some, worth: worth(new Map([[at, some]])) })),
  );
  const known = worth(quickPlan(problem, worth, dropped));
  const themes = candidates.map(({ drill }) => {
    const theme = themeOf(drill);
    return theme ? themeKey(theme) : '';
  });
  const best = Math.max(...alone.flat().map((one) => one.worth / one.some), 0);
  const bounds = candidates.map(() => Number.POSITIVE_INFINITY);
  for (const price of PRICES.map((share) => share * best)) {
    const gains = alone.map((ways) => Math.max(0, ...ways.map((one) => one.worth - price * one.some)));
    const ranked = gains
      .map((gain, at) => ({ gain, at, theme: present(themes[at]) }))
      .sort((one, other) => other.gain - one.gain);
    for (const [at, gain] of gains.entries()) {
      const beside = themeSets(present(themes[at]), themes, problem.mostThemes).map((taught) =>
        ranked
          .filter((one) => one.at !== at && (one.theme === '' || taught === 'any' || taught.includes(one.theme)))
          .slice(0, mostLessons - 1)
          .reduce((sum, one) => sum + one.gain, 0),
      );
      // A gain of nothing would be a plan without it: with it the least loss counts.
      const own = Math.max(...present(alone[at]).map((one) => one.worth - price * one.some), Number.NEGATIVE_INFINITY);
      const bound = price * minutes + (gain > 0 ? gain : own) + Math.max(...beside);
      bounds[at] = Math.min(present(bounds[at]), bound);
    }
  }
  const hopeless = candidates.filter((_, at) => present(bounds[at]) < known - SLACK);
  return {
    ...problem,
    locks: [...problem.locks, ...hopeless.map(({ drill }) => ({ kind: 'drop', drillId: drill.id }) as const)],
  };
}

/** Which themes may be taught beside a lesson of one: with one theme only its own, with two each other one too; more are not told apart. */
function themeSets(own: string, themes: readonly string[], most: number): readonly (readonly string[] | 'any')[] {
  if (most > 2) return ['any'];
  const others = [...new Set(themes)].filter((one) => one !== '' && one !== own);
  const chosen = own === '' ? [] : [own];
  const room = most - chosen.length;
  if (room === 0 || others.length === 0) return [chosen];
  if (room === 1) return others.map((one) => [...chosen, one]);
  return others.flatMap((one) => others.map((other) => [one, other]));
}

/** Sums of many parts are off by so much. */
const SLACK = 1e-9;

/** The lengths that a lesson may have within so many minutes. */
function minutesOf(candidates: readonly Candidate[], at: number, minutes: number): number[] {
  const { drill } = present(candidates[at]);
  const least = leastMinutesOf(drill);
  const most = Math.min(mostMinutesOf(drill), minutes);
  return Array.from({ length: Math.max(0, most - least + 1) }, (_, more) => least + more);
}

/** What the program of the choice counts for a plan. */
function worthOf({ candidates, attendees, matShare, numbers = usualNumbers }: ChoiceProblem) {
  const groups = benefitGroups(candidates, attendees);
  const pieces = piecesOf(numbers);
  const placeOf = new Map(candidates.map(({ drill }, at) => [drill.id, at]));
  const memberships = candidates.map((): { readonly group: BenefitGroup; readonly strength: number }[] => []);
  for (const group of groups)
    for (const { candidate, strength } of group.members)
      memberships[present(placeOf.get(candidate.drill.id))]?.push({ group, strength });
  return (plan: Plan): number => {
    const doses = new Map<BenefitGroup, number>();
    for (const [at, minutes] of plan) {
      const worked = matShare * (minutes - termsOf(present(candidates[at]).drill).changeOverMinutes);
      for (const { group, strength } of present(memberships[at]))
        doses.set(group, (doses.get(group) ?? 0) + strength * worked);
    }
    let sum = 0;
    for (const [{ weight }, dose] of doses) sum += weight * filledInPieces(dose, pieces);
    return sum;
  };
}

function filledInPieces(dose: number, pieces: readonly Piece[]): number {
  let left = Math.max(0, dose);
  let filled = 0;
  for (const { slope, width } of pieces) {
    if (left <= 0) break;
    filled += slope * Math.min(left, width);
    left -= width;
  }
  return filled;
}

/** A good plan, quickly: the lesson that adds most with an even share of the minutes, again and again; then minute by minute from one lesson to another while that helps. */
function quickPlan(
  { candidates, minutes, mostLessons, mostThemes }: ChoiceProblem,
  worth: (plan: Plan) => number,
  dropped: ReadonlySet<string>,
): Plan {
  let plan: Plan = new Map();
  const share = Math.floor(minutes / mostLessons);
  for (let lesson = 0; lesson < mostLessons; lesson += 1) {
    const left = minutes - [...plan.values()].reduce((sum, one) => sum + one, 0);
    const longer = candidates.flatMap(({ drill }, at) => {
      const some = Math.min(mostMinutesOf(drill), Math.max(leastMinutesOf(drill), Math.min(share, left)));
      const next = new Map([...plan, [at, some] as const]);
      return plan.has(at) || dropped.has(drill.id) || some > left || themesOf(next, candidates) > mostThemes
        ? []
        : [next];
    });
    plan = bestOf([plan, ...longer], worth);
  }
  for (;;) {
    const better = bestOf([plan, ...shifted(plan, candidates, minutes)], worth);
    if (better === plan) return plan;
    plan = better;
  }
}

const bestOf = (plans: readonly Plan[], worth: (plan: Plan) => number): Plan =>
  plans
    .map((plan) => ({ plan, worth: worth(plan) }))
    .reduce((one, other) => (other.worth > one.worth + SLACK ? other : one)).plan;

function themesOf(plan: Plan, candidates: readonly Candidate[]): number {
  const themes = [...plan.keys()].flatMap((at) => themeOf(present(candidates[at]).drill) ?? []);
  return new Set(themes.map(themeKey)).size;
}

/** Plans with one minute more in a lesson, taken from what is left or from another one. */
function shifted(plan: Plan, candidates: readonly Candidate[], minutes: number): Plan[] {
  const used = [...plan.values()].reduce((sum, one) => sum + one, 0);
  return [...plan].flatMap(([to, some]) => {
    if (some >= mostMinutesOf(present(candidates[to]).drill)) return [];
    const more = new Map([...plan, [to, some + 1] as const]);
    if (used < minutes) return [more];
    return [...plan].flatMap(([from, other]) =>
      from === to || other <= leastMinutesOf(present(candidates[from]).drill)
        ? []
        : [new Map([...more, [from, other - 1] as const])],
    );
  });
}
