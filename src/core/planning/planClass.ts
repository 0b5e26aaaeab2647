import { fail, present, type Result, succeed } from '../kernel';
import { drills as catalogueDrills, type Drill, findDrill } from '../vocabulary';
import type { Attendee } from './attendee';
import { type DrillMinutes, type DrillPhase, leastMinutesOf, mostMinutesOf, splitMinutes, workOn } from './benefit';
import type { ChoiceProblem, DrillLock } from './choiceProblem';
import { benefitOf, type Choice, chooseDrills } from './chooseDrills';
import type { ClassPlanProblem, ClassProblem, OwnBlock } from './classProblem';
import { drillMinutesIn, fixedMinutes, LEAST_CLASS_MINUTES, mostThemesIn } from './classShape';
import { listCandidates } from './eligibility';
import type { Solve } from './linearModel';
import { usualNumbers } from './numbers';
import { orderLessons } from './order';
import { type PhasePairing, pairLessons } from './pairLessons';
import { fitsTheme, isAbout, type Theme, themeKey, themeOf, themesAmong } from './themes';

export type BlockKind = 'warm-up' | 'own' | DrillPhase | 'rounds' | 'close';

export interface Reason {
  readonly errorId: string;
  /** Worked on as the partner, on the other side of the position. Absent in older plans. */
  readonly asPartner?: true;
  readonly people: readonly {
    readonly personId: string;
    readonly count: number;
    readonly lastSeenOn?: string;
    readonly markIds: readonly string[];
  }[];
}

export interface PlanBlock {
  readonly kind: BlockKind;
  /** Minutes after the class begins. */
  readonly startMinute: number;
  readonly minutes: number;
  readonly drillId?: string;
  /** Of a coach's own block: its words, and the entry that is meant. */
  readonly title?: string;
  readonly conceptId?: string;
  readonly excludedIds: readonly string[];
  readonly alternativeId?: string;
  /** For the rounds: the lesson from whose beginning the first third of them starts. */
  readonly fromDrillId?: string;
  /** Repetitions of each partner, per side when the drill has sides; undefined where time, not count, leads. */
  readonly repetitions?: number;
  readonly reasons: readonly Reason[];
}

export interface ChosenDrill {
  readonly drillId: string;
  readonly minutes: number;
  readonly locked: boolean;
  /** Drills that would come in without it, and the share of the benefit that would be lost. */
  readonly displaced: readonly string[];
  readonly benefitLostRatio: number;
  /** The next best in its place and minutes, best first, with what the class would be worth then, as a share of what it is. Absent in older plans. */
  readonly instead?: readonly { readonly drillId: string; readonly benefitRatio: number }[];
}

/** κ of a drill as the academy's own lessons let one think, in the place of `before`, the catalogue's. */
export interface LearnedKappa {
  readonly drillId: string;
  readonly kappa: number;
  readonly before: number;
  readonly people: number;
}

/** One of two groups that have a class side by side, each with a coach of its own. */
export interface GroupOfPlan {
  readonly personIds: readonly string[];
  readonly themes: readonly Theme[];
  readonly blocks: readonly PlanBlock[];
  readonly drills: readonly ChosenDrill[];
  readonly pairings: readonly PhasePairing[];
}

export interface ClassPlan {
  /** What the class is about. Absent in older plans. */
  readonly themes?: readonly Theme[];
  /** Two groups side by side; absent where one plan is for all. Its blocks are then the first group's, its lessons and pairs those of both. */
  readonly groups?: readonly GroupOfPlan[];
  /** How many of those who come get a lesson on one of their first errors in two groups, and in one; only where there are two. */
  readonly served?: number;
  readonly servedAsOne?: number;
  /** The unit of the curriculum that its theme comes from; absent where errors or the coach decided. */
  readonly fromUnit?: { readonly id: string; readonly title: string };
  /** The coach moved its lessons or changed their minutes. */
  readonly isArranged?: true;
  /** Its lessons come from a run: they are the best together with those of the other classes. */
  readonly isOfRun?: true;
  /** What earlier lessons here taught of its drills: κ in the place of the catalogue's, and by how many people. Absent in older plans. */
  readonly learned?: readonly LearnedKappa[];
  readonly blocks: readonly PlanBlock[];
  readonly drills: readonly ChosenDrill[];
  readonly pairings: readonly PhasePairing[];
  readonly benefit: number;
  readonly modelBenefit: number;
  readonly frequencyBenefit: number;
  readonly gap: number;
  readonly optimal: boolean;
}

/** A plan as each of its groups has it, in their order; the plan itself where it is for all. */
export const partsOf = (plan: ClassPlan): readonly ClassPlan[] =>
  plan.groups?.map((group) => ({ ...plan, ...group, groups: undefined })) ?? [plan];

/**
 * A plan for one class: a theme with one to three lessons, chosen by the mixed-integer program, each run whole with one partner: shown, repeated, answered, played.
 * With reasons, repetitions and pairs. The blocks tile the class from its first to its last minute; time that no lesson needs goes to the rounds.
 */
export function planClass(problem: ClassProblem, solve: Solve): Result<ClassPlan, ClassPlanProblem> {
  const { attendees, minutes, locks } = problem;
  if (attendees.length === 0) return fail({ code: 'nobody-expected' });
  if (attendees.length === 1) return fail({ code: 'one-person' });
  if (minutes < LEAST_CLASS_MINUTES) return fail({ code: 'too-short', leastMinutes: LEAST_CLASS_MINUTES });
  const keeps = locks.filter((lock) => lock.kind === 'keep');
  if (keeps.length === 0 && !problem.theme && attendees.every((one) => one.needs.every((need) => need.priority <= 0)))
    return fail({ code: 'nothing-to-work-on' });
  const room = drillMinutesIn(minutes, problem.numbers);
  const ownMinutes = ownMinutesIn(problem.ownBlocks);
  if (ownMinutes > room) return fail({ code: 'own-blocks-do-not-fit', ownMinutes, minutes: room });
  const choiceProblem = toChoiceProblem(problem);
  const lockedMinutes = keeps.reduce((sum, lock) => sum + (lock.kind === 'keep' ? lock.minutes : 0), 0);
  if (lockedMinutes > choiceProblem.minutes)
    return fail({ code: 'locks-do-not-fit', lockedMinutes, minutes: choiceProblem.minutes });
  if (choiceProblem.candidates.length === 0)
    return fail({ code: problem.theme ? 'theme-does-not-fit' : 'no-drill-fits' });
  const choice = chooseDrills(choiceProblem, solve);
  if (!choice) return fail({ code: 'locks-do-not-fit', lockedMinutes, minutes: choiceProblem.minutes });
  if (choice.drills.length === 0) {
    const taught = problem.theme ? lessonsOfTheme(choiceProblem) : [];
    if (taught.length === 0) return fail({ code: problem.theme ? 'theme-does-not-fit' : 'no-drill-fits' });
    return planClass({ ...problem, locks: [...locks, ...taught] }, solve);
  }
  const opening = openingOf(problem, choiceProblem, choice);
  if (opening) return planClass({ ...problem, locks: [...locks, opening] }, solve);
  const lessons = lessonsOf(problem, choice);
  return succeed({
    themes: themesAmong(lessons.map((one) => one.drill)),
    fromUnit: problem.fromUnit,
    blocks: layOut(problem, lessons),
    drills: explainChoice(choiceProblem, choice, solve),
    pairings: pairLessons(problem, lessons, solve),
    benefit: choice.benefit,
    modelBenefit: choice.modelBenefit,
    frequencyBenefit: choice.frequencyBenefit,
    gap: choice.gap,
    optimal: choice.optimal,
  });
}

function toChoiceProblem(problem: ClassProblem): ChoiceProblem {
  const fixed = fixedMinutes(problem.minutes, problem.numbers);
  const kept = new Set(problem.locks.filter((lock) => lock.kind === 'keep').map((lock) => lock.drillId));
  const resting = new Set([...problem.restingDrillIds].filter((id) => !kept.has(id)));
  const pairs = Math.floor(problem.attendees.length / 2);
  const candidates = listCandidates(problem.drills ?? catalogueDrills, problem.attendees, problem.uniform, resting);
  const wanted = problem.attendees.flatMap((one) => one.needs.filter((need) => need.priority > 0));
  const needed = new Set(wanted.map((need) => need.errorId));
  return {
    candidates: candidates.filter(
      ({ drill }) =>
        kept.has(drill.id) ||
        (fitsTheme(drill, problem.theme) &&
          (isAbout(drill, problem.theme) || drill.targetErrorIds.some((id) => needed.has(id)))),
    ),
    attendees: problem.attendees,
    minutes: Math.max(
      0,
      problem.minutes - fixed['warm-up'] - fixed.rounds - fixed.close - ownMinutesIn(problem.ownBlocks),
    ),
    mostThemes: Math.max(mostThemesIn(problem.minutes, problem.numbers), lockedThemes(kept, problem)),
    mostLessons: Math.max((problem.numbers ?? usualNumbers).mostLessons, kept.size),
    matShare: Math.min(1, Math.max(1, problem.pairsOnMats) / Math.max(1, pairs)),
    locks: problem.locks,
    numbers: problem.numbers,
  };
}

/** Minutes of all blocks of the coach's own together. */
export const ownMinutesIn = (blocks: readonly OwnBlock[] = []): number =>
  blocks.reduce((sum, one) => sum + one.minutes, 0);

/** The easiest lesson of a theme that is set, where what was chosen has none of it and there is room: a class that is about something teaches a lesson of it. */
function openingOf(
  { theme }: ClassProblem,
  { candidates, minutes, mostLessons, locks }: ChoiceProblem,
  choice: Choice,
): DrillLock | undefined {
  const ofTheme = candidates.map((one) => one.drill).filter((drill) => isAbout(drill, theme));
  const known = new Map(candidates.map(({ drill }) => [drill.id, drill]));
  const isThere = choice.drills.some(({ drillId }) =>
    isAbout(known.get(drillId) ?? present(findDrill(drillId)), theme),
  );
  const [first] = orderLessons(ofTheme);
  if (isThere || !first) return undefined;
  const keeps = locks.filter((lock) => lock.kind === 'keep');
  const left = minutes - keeps.reduce((sum, lock) => sum + lock.minutes, 0);
  return keeps.length < mostLessons && leastMinutesOf(first) <= left
    ? { kind: 'keep', drillId: first.id, minutes: leastMinutesOf(first) }
    : undefined;
}

/** Where nobody's errors ask for a theme that is set, its easiest lessons are taught all the same: as many as fit with their middle minutes. */
function lessonsOfTheme({ candidates, minutes, mostLessons }: ChoiceProblem): DrillLock[] {
  let left = minutes;
  return orderLessons(candidates.map((one) => one.drill)).flatMap((drill, at): DrillLock[] => {
    const own = Math.min(left, Math.round((leastMinutesOf(drill) + mostMinutesOf(drill)) / 2));
    if (at >= mostLessons || own < leastMinutesOf(drill)) return [];
    left -= own;
    return [{ kind: 'keep', drillId: drill.id, minutes: own }];
  });
}

/** Of how many themes the lessons are that the coach keeps. */
function lockedThemes(kept: ReadonlySet<string>, { drills = catalogueDrills }: ClassProblem): number {
  return new Set(
    drills.flatMap((drill) => {
      const theme = kept.has(drill.id) ? themeOf(drill) : undefined;
      return theme ? themeKey(theme) : [];
    }),
  ).size;
}

interface Lesson {
  readonly drill: Drill;
  readonly minutes: number;
  readonly excludedIds: readonly string[];
  readonly alternativeId?: string;
}

/** The chosen drills as lessons, in the order in which they are taught. */
function lessonsOf({ drills = catalogueDrills }: ClassProblem, choice: Choice): Lesson[] {
  const known = new Map(drills.map((drill) => [drill.id, drill]));
  const chosen = choice.drills.map((one) => known.get(one.drillId) ?? present(findDrill(one.drillId)));
  return orderLessons(chosen).map((drill) => {
    const { minutes, excludedIds, alternativeId } = present(choice.drills.find((one) => one.drillId === drill.id));
    return { drill, minutes, excludedIds, alternativeId };
  });
}

function layOut(problem: ClassProblem, lessons: readonly Lesson[]): PlanBlock[] {
  const fixed = fixedMinutes(problem.minutes, problem.numbers);
  const plain = { excludedIds: [], reasons: [] };
  const drafts: Omit<PlanBlock, 'startMinute'>[] = [{ kind: 'warm-up', minutes: fixed['warm-up'], ...plain }];
  const putOwn = (place: OwnBlock['place']) => {
    for (const { title, minutes, conceptId, place: own } of problem.ownBlocks ?? [])
      if (own === place) drafts.push({ kind: 'own', minutes, title, conceptId, ...plain });
  };
  putOwn('before');
  for (const { drill, minutes: whole, excludedIds, alternativeId } of lessons) {
    const reasons = reasonsFor(drill, problem.attendees, excludedIds);
    for (const part of partsOfLesson(drill, whole))
      drafts.push({ ...part, drillId: drill.id, excludedIds, alternativeId, reasons });
  }
  putOwn('after');
  const used = drafts.reduce((sum, block) => sum + block.minutes, 0);
  const from = lessons.find((one) => one.drill.game)?.drill.id;
  drafts.push({ kind: 'rounds', minutes: problem.minutes - used - fixed.close, fromDrillId: from, ...plain });
  drafts.push({ kind: 'close', minutes: fixed.close, ...plain });
  return inTime(drafts);
}

/** The parts of a lesson of so many minutes, with how often each partner repeats. */
export const partsOfLesson = (drill: Drill, minutes: number): Pick<PlanBlock, 'kind' | 'minutes' | 'repetitions'>[] =>
  splitMinutes(drill, minutes).map(({ phase, minutes: own }) => ({
    ...{ kind: phase, minutes: own },
    repetitions: phase === 'technique' || phase === 'progressive' ? repetitionsIn(drill, own) : undefined,
  }));

/** Blocks one after the other, from the first minute on. */
export function inTime(blocks: readonly Omit<PlanBlock, 'startMinute'>[]): PlanBlock[] {
  let startMinute = 0;
  return blocks.map((block) => {
    const placed = { ...block, startMinute };
    startMinute += block.minutes;
    return placed;
  });
}

/** Repetitions of each partner in so many minutes, per side for a drill with sides; at least one. */
export function repetitionsIn(drill: Drill, minutes: number): number {
  const each = (minutes * 60) / drill.secondsPerRepetition / 2;
  return Math.max(1, Math.floor(drill.sided ? each / 2 : each));
}

/** Errors that partners work on which are named. @source own decision: the lesson is the learners' */
const MOST_AS_PARTNER = 2;

function reasonsFor(drill: Drill, attendees: readonly Attendee[], excludedIds: readonly string[]): Reason[] {
  const there = attendees.filter((one) => !excludedIds.includes(one.personId));
  const whoMade = (errorId: string): Reason['people'] =>
    there
      .flatMap(({ personId, needs }) =>
        needs
          .filter((need) => need.errorId === errorId && need.count > 0)
          .map(({ count, lastSeenOn, markIds }) => ({ personId, count, lastSeenOn, markIds })),
      )
      .sort((one, other) => other.count - one.count || (one.personId < other.personId ? -1 : 1));
  const weightOf = (errorId: string) =>
    there.reduce((sum, { needs }) => sum + (needs.find((need) => need.errorId === errorId)?.priority ?? 0), 0);
  const beside = there.flatMap(({ needs }) =>
    needs.flatMap((need) => (workOn(drill, need)?.as === 'partner' ? need.errorId : [])),
  );
  const partners = [...new Set(beside)].sort((one, other) => weightOf(other) - weightOf(one));
  return [
    ...drill.targetErrorIds.map((errorId) => ({ errorId, people: whoMade(errorId) })),
    ...partners
      .slice(0, MOST_AS_PARTNER)
      .map((errorId) => ({ errorId, asPartner: true as const, people: whoMade(errorId) })),
  ].filter((reason) => reason.people.length > 0);
}

function explainChoice(problem: ChoiceProblem, choice: Choice, solve: Solve): ChosenDrill[] {
  return choice.drills.map(({ drillId, minutes }) => {
    const others = problem.locks.filter((lock) => lock.drillId !== drillId);
    const without = chooseDrills({ ...problem, locks: [...others, { kind: 'drop', drillId }] }, solve);
    const displaced = (without?.drills ?? [])
      .map((one) => one.drillId)
      .filter((id) => !choice.drills.some((one) => one.drillId === id));
    const benefitLostRatio =
      choice.benefit > 0 ? Math.max(0, (choice.benefit - (without?.benefit ?? 0)) / choice.benefit) : 0;
    return {
      ...{ drillId, minutes, instead: nextBest(problem, choice, drillId) },
      locked: problem.locks.some((lock) => lock.kind === 'keep' && lock.drillId === drillId),
      displaced,
      benefitLostRatio,
    };
  });
}

/** How many are offered in the place of a lesson. @source own decision */
const MOST_INSTEAD = 3;

/** What else would fit into the place of a lesson, in its minutes and without another theme, best first. */
function nextBest(problem: ChoiceProblem, choice: Choice, drillId: string): NonNullable<ChosenDrill['instead']> {
  if (choice.benefit <= 0) return [];
  const others = choice.drills.filter((one) => one.drillId !== drillId);
  const minutes = present(choice.drills.find((one) => one.drillId === drillId)).minutes;
  const themes = new Set(themesAmong(choice.drills.flatMap((one) => findDrill(one.drillId) ?? [])).map(themeKey));
  return problem.candidates
    .filter(({ drill }) => {
      const theme = themeOf(drill);
      const isFree = !choice.drills.some((one) => one.drillId === drill.id);
      return isFree && (theme === undefined || themes.has(themeKey(theme)) || others.length === 0);
    })
    .map(({ drill, excludedIds }) => {
      const fitted = Math.min(mostMinutesOf(drill), Math.max(leastMinutesOf(drill), minutes));
      const whole: DrillMinutes[] = [...others, { drillId: drill.id, minutes: fitted, excludedIds }];
      return {
        drillId: drill.id,
        benefitRatio: benefitOf(problem, whole) / choice.benefit,
      };
    })
    .sort((one, other) => other.benefitRatio - one.benefitRatio || (one.drillId < other.drillId ? -1 : 1))
    .slice(0, MOST_INSTEAD);
}
