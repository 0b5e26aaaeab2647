import { present } from '../kernel';
import type { Drill } from '../vocabulary';
import { type DrillMinutes, doseOf, exactBenefit, leastMinutesOf, mostMinutesOf } from './benefit';
import { benefitGroups, piecesOf } from './benefitGroups';
import type { ChoiceProblem } from './choiceProblem';
import type { Candidate } from './eligibility';
import { lockOutHopeless } from './hopeless';
import { termsOf } from './lessonTerms';
import type { Constraint, LinearModel, LinearSolution, Solve, Terms } from './linearModel';
import { mostFrequentFirst } from './mostFrequent';
import { usualNumbers } from './numbers';
import { themeKey, themeOf, themesAmong } from './themes';

export interface Choice {
  readonly drills: readonly (DrillMinutes & { readonly alternativeId?: string })[];
  /** Exact benefit of the chosen drills. */
  readonly benefit: number;
  /** What the solver reported for its piecewise model. */
  readonly modelBenefit: number;
  readonly gap: number;
  readonly optimal: boolean;
  /** Exact benefit of the plan that takes the most frequent error first: the yardstick. */
  readonly frequencyBenefit: number;
}

/**
 * The mixed-integer program of the choice: which lessons and for how many whole minutes, so that the expected benefit is largest within
 * the minutes, all of them of so few themes, each between its least and most minutes, and all locks kept.
 */
export function buildChoiceModel(problem: ChoiceProblem): LinearModel {
  const { candidates, matShare } = problem;
  const groups = benefitGroups(candidates, problem.attendees);
  const use = (index: number) => `x${index}`;
  const minutes = (index: number) => `m${index}`;
  const indexOf = new Map(candidates.map((one, index) => [one.drill.id, index]));
  const constraints: Constraint[] = [];
  const add = (terms: Terms, relation: Constraint['relation'], bound: number) =>
    constraints.push({ name: `c${constraints.length}`, terms, relation, bound });
  for (const [index, { drill }] of candidates.entries()) {
    add(
      [
        [1, minutes(index)],
        [-leastMinutesOf(drill), use(index)],
      ],
      '>=',
      0,
    );
    add(
      [
        [1, minutes(index)],
        [-mostMinutesOf(drill), use(index)],
      ],
      '<=',
      0,
    );
  }
  add(
    candidates.map((_, index) => [1, minutes(index)]),
    '<=',
    problem.minutes,
  );
  add(
    candidates.map((_, index) => [1, use(index)]),
    '<=',
    problem.mostLessons,
  );
  const themes = themesAmong(candidates.map((one) => one.drill)).map(themeKey);
  for (const [index, { drill }] of candidates.entries()) {
    const theme = themeOf(drill);
    if (!theme) continue;
    add(
      [
        [1, use(index)],
        [-1, `t${themes.indexOf(themeKey(theme))}`],
      ],
      '<=',
      0,
    );
  }
  add(
    themes.map((_, index) => [1, `t${index}`]),
    '<=',
    problem.mostThemes,
  );
  // Each group's dose is cut into pieces of falling worth: with so much less in every row the program is solved in a fraction of the time.
  const pieces = piecesOf(problem.numbers ?? usualNumbers);
  for (const group of groups)
    add(
      [
        ...pieces.map((_, piece) => [1, `${group.name}_${piece}`] as const),
        ...group.members.flatMap(({ candidate, strength }): Terms => {
          const index = present(indexOf.get(candidate.drill.id));
          const each = strength * matShare;
          return [
            [-each, minutes(index)],
            [each * termsOf(candidate.drill).changeOverMinutes, use(index)],
          ];
        }),
      ],
      '<=',
      0,
    );
  addLocks(problem, indexOf, add);
  return {
    direction: 'maximize',
    objective: groups.flatMap((group) =>
      pieces.map(({ slope }, piece) => [group.weight * slope, `${group.name}_${piece}`] as const),
    ),
    constraints,
    upperBounds: groups.flatMap((group) =>
      pieces.map(({ width }, piece) => [`${group.name}_${piece}`, width] as const),
    ),
    integers: candidates.map((_, index) => minutes(index)),
    binaries: [...candidates.map((_, index) => use(index)), ...themes.map((_, index) => `t${index}`)],
  };
}

function addLocks(
  problem: ChoiceProblem,
  indexOf: ReadonlyMap<string, number>,
  add: (terms: Terms, relation: '<=' | '>=' | '=', bound: number) => void,
) {
  for (const lock of problem.locks) {
    const index = indexOf.get(lock.drillId);
    if (index === undefined) continue;
    if (lock.kind === 'drop') add([[1, `x${index}`]], '=', 0);
    else {
      add([[1, `x${index}`]], '=', 1);
      add([[1, `m${index}`]], '=', clampMinutes(present(problem.candidates[index]).drill, lock.minutes));
    }
  }
}

const clampMinutes = (drill: Drill, minutes: number): number =>
  Math.min(mostMinutesOf(drill), Math.max(leastMinutesOf(drill), Math.round(minutes)));

/** A choice in whole minutes that is no worse than the best one in parts of minutes by more than this share is not searched for further. @source own decision: under a thousandth of a benefit nobody can tell */
const SAME_BENEFIT = 0.0005;

/**
 * The best choice in whole minutes. Most of the search is about which lessons: those are chosen with minutes in any parts, which is proved several times sooner,
 * then the same lessons get whole minutes. Only where that costs something the whole program is solved.
 */
function solveChoice(problem: ChoiceProblem, solve: Solve): LinearSolution {
  const model = buildChoiceModel(problem);
  const inParts = solve({ ...model, integers: [] });
  if (inParts.status !== 'optimal') return inParts.status === 'infeasible' ? inParts : solve(model);
  const taken = model.binaries.map((name, at) => ({
    name: `taken${at}`,
    terms: [[1, name]] as Terms,
    relation: '=' as const,
    bound: Math.round(inParts.values.get(name) ?? 0),
  }));
  const inWhole = solve({ ...model, constraints: [...model.constraints, ...taken] });
  const isAsGood =
    inWhole.status === 'optimal' && inWhole.objective >= inParts.objective - SAME_BENEFIT * Math.abs(inParts.objective);
  return isAsGood ? inWhole : solve(model);
}

/** Solves the choice to optimality (within a two-thousandth) and reports its exact benefit beside the yardstick's; undefined when no plan keeps the locks. */
export function chooseDrills(problem: ChoiceProblem, solve: Solve): Choice | undefined {
  const solution = solveChoice(lockOutHopeless(problem), solve);
  if (solution.status === 'infeasible') return undefined;
  const drills = problem.candidates.flatMap((candidate, index) => {
    const minutes = Math.round(solution.values.get(`m${index}`) ?? 0);
    return minutes > 0 ? [chosen(candidate, minutes)] : [];
  });
  const kept = withoutUseless(drills, problem);
  return {
    drills: kept,
    benefit: benefitOf(problem, kept),
    modelBenefit: solution.objective,
    gap: solution.gap,
    optimal: solution.status === 'optimal',
    frequencyBenefit: benefitOf(problem, mostFrequentFirst(problem)),
  };
}

/** Exact benefit of a choice among the candidates of a problem, each with its own κ. */
export function benefitOf(problem: ChoiceProblem, choice: readonly DrillMinutes[]): number {
  const byId = new Map(problem.candidates.map(({ drill }) => [drill.id, drill]));
  return exactBenefit(choice, problem.attendees, problem.matShare, (id) => byId.get(id), problem.numbers);
}

const chosen = ({ drill, excludedIds, alternativeId }: Candidate, minutes: number) => ({
  drillId: drill.id,
  minutes,
  excludedIds,
  alternativeId,
});

/** A drill that adds nothing, and that nobody locked, only costs time. */
function withoutUseless(drills: readonly (DrillMinutes & { alternativeId?: string })[], problem: ChoiceProblem) {
  const isLocked = (id: string) => problem.locks.some((lock) => lock.kind === 'keep' && lock.drillId === id);
  const needed = new Set(
    problem.attendees.flatMap((attendee) =>
      attendee.needs.filter((need) => need.priority > 0).map((need) => need.errorId),
    ),
  );
  return drills.filter(({ drillId }) => {
    const drill = present(problem.candidates.find((one) => one.drill.id === drillId)).drill;
    return (
      isLocked(drillId) ||
      (doseOf(drill, mostMinutesOf(drill), 1) > 0 && drill.targetErrorIds.some((id) => needed.has(id)))
    );
  });
}
