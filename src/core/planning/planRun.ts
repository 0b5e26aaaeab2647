import { present } from '../kernel';
import { drills as catalogueDrills, type Drill } from '../vocabulary';
import { leastMinutesOf, mostMinutesOf } from './benefit';
import type { Candidate } from './eligibility';
import { mostFrequentFirst } from './mostFrequent';
import { usualNumbers } from './numbers';
import { boundOfRun } from './runBound';
import { createDoses, type Doses } from './runDoses';
import { unservedIn } from './runGains';
import type { FoundRun, PlannedClass, RunClass, RunLesson, RunPlan, RunProblem } from './runProblem';
import { type Room, roomOf } from './runRoom';
import { isAbout, type Theme, themeKey, themeOf, themesAmong } from './themes';

/** Lessons of a theme that are weighed against each other in sets; the best by themselves. @source own decision: more change nothing that can be seen */
const BEST_OF_THEME = 6;
/** Sets of lessons are weighed with minutes in such steps first, the best of them minute by minute. @source own decision, held against exhaustive search */
const COARSE_MINUTES = 4;
const WEIGHED_FINELY = 8;
const ORDERS = 3;
/** A sweep that gains less than this share ends the search. */
const SMALLEST_GAIN = 1e-6;

/** How often the run is searched again with more weight for those who would get nothing. */
const FAIR_TURNS = 2;

/**
 * The lessons of the coming classes together: class by class, the best theme with one to three lessons and their minutes, given what all other classes do,
 * until a sweep changes nothing; a few orders of classes are tried. Benefit is concave in doses, so the minutes of a set go where they help most.
 * No theme comes twice running for the same people, no lesson within two days, nothing that anybody may not do. Everybody who is expected gets a lesson on
 * one of their most pressing errors where that costs the others little. Each better run that is found on the way is told.
 */
export function planRun(problem: RunProblem, onBetter: (found: FoundRun) => void = () => undefined): RunPlan {
  const { unservedPercent, fairnessPercent } = problem.numbers ?? usualNumbers;
  const rooms = problem.classes.map((one) => roomOf(one, problem.drills ?? catalogueDrills, problem.numbers));
  const judged = (chosen: Chosen) => ({
    chosen,
    benefit: benefitOf(problem, rooms, chosen),
    unserved: unservedIn(problem, { classes: plannedFrom(problem, rooms, chosen) }),
  });
  const tell = (chosen: Chosen, benefit: number) => onBetter({ classes: plannedFrom(problem, rooms, chosen), benefit });
  const most = judged(searchOrders(problem, rooms, tell));
  let best = most;
  for (let turn = 0; problem.isFair && turn < FAIR_TURNS && best.unserved.length > 0; turn += 1) {
    const fairer = weighUnserved(problem, best.unserved, (unservedPercent / 100) ** (turn + 1));
    const fairRooms = fairer.classes.map((one) => roomOf(one, problem.drills ?? catalogueDrills, problem.numbers));
    const found = judged(searchOrders(fairer, fairRooms));
    if (found.unserved.length < best.unserved.length && found.benefit >= most.benefit * (1 - fairnessPercent / 100))
      best = found;
  }
  return {
    classes: plannedFrom(problem, rooms, best.chosen),
    benefit: best.benefit,
    bound: boundOfRun(problem, rooms, best.chosen, best.benefit),
    aloneBenefit: benefitOf(problem, rooms, eachAlone(problem, rooms)),
    frequencyBenefit: benefitOf(problem, rooms, rooms.map(byFrequency)),
  };
}

type Chosen = readonly (readonly RunLesson[])[];

const plannedFrom = (problem: RunProblem, rooms: readonly Room[], chosen: Chosen): PlannedClass[] =>
  problem.classes.map(({ classId }, at) => {
    const lessons = chosen[at] ?? [];
    return { classId, themes: themesAmong(drillsIn(present(rooms[at]), lessons)), lessons };
  });

/** The same run in which some people's most pressing errors weigh more. */
const weighUnserved = (problem: RunProblem, unserved: readonly string[], weight: number): RunProblem => ({
  ...problem,
  classes: problem.classes.map((one) => ({
    ...one,
    attendees: one.attendees.map((attendee) =>
      unserved.includes(attendee.personId)
        ? { ...attendee, needs: attendee.needs.map((need) => ({ ...need, priority: need.priority * weight })) }
        : attendee,
    ),
  })),
});

/** The best that is found from a few orders of the classes. */
function searchOrders(
  problem: RunProblem,
  rooms: readonly Room[],
  onBetter: (chosen: Chosen, benefit: number) => void = () => undefined,
): Chosen {
  let best: Chosen = [];
  let benefit = -1;
  for (let turn = 0; turn < ORDERS; turn += 1) {
    const order = turn === 0 ? rooms.map((_, at) => at) : shuffled(rooms.length, problem.seed + turn);
    const found = search(problem, rooms, order);
    if (found.benefit <= benefit + 1e-9) continue;
    best = found.chosen.map((lessons) => lessons ?? []);
    benefit = found.benefit;
    onBetter(best, benefit);
  }
  return best;
}

const drillsIn = (room: Room, lessons: readonly RunLesson[]): Drill[] =>
  lessons.map((one) => present(room.byId.get(one.drillId)).drill);

function search(problem: RunProblem, rooms: readonly Room[], order: readonly number[]) {
  const doses = createDoses(problem.classes, problem.earlier, problem.numbers);
  const chosen: (RunLesson[] | undefined)[] = rooms.map(() => undefined);
  let before = -1;
  for (let benefit = doses.benefit(); benefit > before * (1 + SMALLEST_GAIN) + 1e-12; benefit = doses.benefit()) {
    before = benefit;
    for (const at of order) {
      const room = present(rooms[at]);
      for (const lesson of chosen[at] ?? [])
        doses.take(room.one, present(room.byId.get(lesson.drillId)), lesson.minutes, room.matShare);
      const next = bestLessons(room, doses, allowedIn(problem, rooms, chosen, at));
      for (const lesson of next)
        doses.add(room.one, present(room.byId.get(lesson.drillId)), lesson.minutes, room.matShare);
      chosen[at] = next;
    }
  }
  return { chosen, benefit: doses.benefit() };
}

/** Which drills may be taught in a class, given what the others teach. */
function allowedIn(
  { taughtOn, numbers = usualNumbers }: RunProblem,
  rooms: readonly Room[],
  chosen: readonly (readonly RunLesson[] | undefined)[],
  at: number,
): (drill: Drill) => boolean {
  const { one } = present(rooms[at]);
  const themesBeside = new Set<string>();
  for (const near of [at - 1, at + 1]) {
    const other = rooms[near];
    if (!other || !meetSamePeople(one, other.one)) continue;
    for (const theme of themesAmong(drillsIn(other, chosen[near] ?? []))) themesBeside.add(themeKey(theme));
  }
  const taught = (drillId: string): number[] => [
    ...(taughtOn.has(drillId) ? [present(taughtOn.get(drillId))] : []),
    ...rooms.flatMap((other, place) =>
      place !== at && (chosen[place] ?? []).some((lesson) => lesson.drillId === drillId) ? [other.one.day] : [],
    ),
  ];
  return (drill) => {
    const theme = themeOf(drill);
    if (theme && !one.theme && themesBeside.has(themeKey(theme))) return false;
    return taught(drill.id).every((day) => Math.abs(day - one.day) >= numbers.restDays);
  };
}

/** Whether half of the smaller class is expected in both. */
function meetSamePeople(one: RunClass, other: RunClass): boolean {
  const ids = new Set(other.attendees.map((attendee) => attendee.personId));
  const both = one.attendees.filter((attendee) => ids.has(attendee.personId)).length;
  return both * 2 >= Math.min(one.attendees.length, other.attendees.length) && both > 0;
}

/** The best lessons of one class, given all doses of the others. */
function bestLessons(room: Room, doses: Doses, isAllowed: (drill: Drill) => boolean): RunLesson[] {
  const { locked, mostThemes } = room;
  const free = room.candidates.filter(
    ({ drill }) => isAllowed(drill) && !locked.some((one) => one.candidate.drill.id === drill.id),
  );
  const lockedThemes = themesAmong(locked.map((one) => one.candidate.drill));
  const isOfTheme = ({ drill }: Candidate) => isAbout(drill, room.one.theme);
  // A class that is about something teaches a lesson of it, also where others would help more.
  const mustOpen = !locked.some((one) => isOfTheme(one.candidate)) && free.some(isOfTheme);
  const worth = (set: readonly Candidate[], step: number) => allot(room, doses, locked, set, step);
  const base = worth([], 1);
  const sets: { gain: number; set: readonly Candidate[] }[] = [];
  const useful = free
    .map((candidate) => ({ candidate, gain: worth([candidate], COARSE_MINUTES).gain }))
    .filter((one) => one.gain > base.gain + 1e-12 || (mustOpen && isOfTheme(one.candidate)))
    .sort((one, other) => other.gain - one.gain || (one.candidate.drill.id < other.candidate.drill.id ? -1 : 1))
    .map((one) => one.candidate);
  for (const themes of themeSets(themesAmong(useful.map((one) => one.drill)), lockedThemes, mostThemes)) {
    const keys = new Set(themes.map(themeKey));
    const fitting = useful.filter(({ drill }) => {
      const theme = themeOf(drill);
      return theme === undefined || keys.has(themeKey(theme));
    });
    const weighed = fitting.slice(0, BEST_OF_THEME);
    const opening = mustOpen && !weighed.some(isOfTheme) ? fitting.find(isOfTheme) : undefined;
    if (opening) weighed.splice(-1, 1, opening);
    for (const set of subsets(weighed, Math.max(0, room.mostLessons - locked.length)))
      if (!mustOpen || set.some(isOfTheme)) sets.push({ gain: worth(set, COARSE_MINUTES).gain, set });
  }
  let best = mustOpen ? { ...base, gain: -1e-9 } : base;
  for (const { set } of sets.sort((one, other) => other.gain - one.gain).slice(0, WEIGHED_FINELY)) {
    const found = worth(set, 1);
    if (found.gain > best.gain + 1e-12) best = found;
  }
  return best.lessons;
}

/** Themes that are tried in pairs: those of the best lessons. @source own decision: more change nothing that can be seen */
const PAIRED_THEMES = 5;

/** Each theme alone, or with another where two are allowed; always those that locks bring. Themes come best first. */
function themeSets(themes: readonly Theme[], locked: readonly Theme[], most: number): Theme[][] {
  const others = themes.filter((theme) => !locked.some((one) => themeKey(one) === themeKey(theme)));
  const left = most - locked.length;
  if (left <= 0) return [[...locked]];
  const singles = others.map((theme) => [...locked, theme]);
  if (left === 1) return [[...locked], ...singles];
  const best = others.slice(0, PAIRED_THEMES);
  const pairs = best.flatMap((one, at) => best.slice(at + 1).map((other) => [...locked, one, other]));
  return [[...locked], ...singles, ...pairs];
}

function* subsets<Item>(items: readonly Item[], most: number): Generator<Item[]> {
  const pick = function* (from: number, taken: readonly Item[]): Generator<Item[]> {
    for (let at = from; at < items.length; at += 1) {
      const next = [...taken, present(items[at])];
      yield next;
      if (next.length < most) yield* pick(at + 1, next);
    }
  };
  if (most > 0) yield* pick(0, []);
}

/** Minutes for a set of lessons: their least first, then some at a time to where they help most. Nothing gained where they do not fit. */
function allot(
  room: Room,
  doses: Doses,
  locked: Room['locked'],
  set: readonly Candidate[],
  step: number,
): { gain: number; lessons: RunLesson[] } {
  const all = [...locked.map((one) => one.candidate), ...set];
  const minutes = [...locked.map((one) => one.minutes), ...set.map((one) => leastMinutesOf(one.drill))];
  let left = room.minutes - minutes.reduce((sum, one) => sum + one, 0);
  const lessonsOf = (): RunLesson[] =>
    all.map(({ drill, excludedIds, alternativeId }, at) => ({
      ...{ drillId: drill.id, minutes: present(minutes[at]), excludedIds, alternativeId },
    }));
  if (left < 0) return { gain: set.length === 0 ? 0 : -1, lessons: set.length === 0 ? lessonsOf() : [] };
  const trial = doses.trial(room.one, all, room.matShare);
  let gain = trial.set(minutes);
  while (left > 0) {
    let most = 1e-12;
    let where = -1;
    for (let at = locked.length; at < all.length; at += 1) {
      if (present(minutes[at]) >= mostMinutesOf(present(all[at]).drill)) continue;
      const more = trial.gainOf(at, Math.min(step, left, mostMinutesOf(present(all[at]).drill) - present(minutes[at])));
      if (more > most) {
        most = more;
        where = at;
      }
    }
    if (where < 0) break;
    const given = Math.min(step, left, mostMinutesOf(present(all[where]).drill) - present(minutes[where]));
    minutes[where] = present(minutes[where]) + given;
    gain += most;
    trial.add(where, given);
    left -= given;
  }
  return { gain, lessons: lessonsOf() };
}

/** One class by its most frequent errors first. */
const byFrequency = ({ one, candidates, minutes, mostThemes, mostLessons }: Room): RunLesson[] =>
  mostFrequentFirst({
    ...{ attendees: one.attendees, candidates, minutes, mostLessons, mostThemes },
  });

/** Each class as if there were no other: what is planned today when each evening is planned for itself. */
function eachAlone(problem: RunProblem, rooms: readonly Room[]): RunLesson[][] {
  return rooms.map((room) => bestLessons(room, createDoses([room.one], problem.earlier, problem.numbers), () => true));
}

function benefitOf(problem: RunProblem, rooms: readonly Room[], chosen: readonly (readonly RunLesson[])[]): number {
  const doses = createDoses(problem.classes, problem.earlier, problem.numbers);
  for (const [at, lessons] of chosen.entries()) {
    const room = present(rooms[at]);
    for (const lesson of lessons)
      doses.add(room.one, present(room.byId.get(lesson.drillId)), lesson.minutes, room.matShare);
  }
  return doses.benefit();
}

/** Places in an order drawn from a seed. @source Fisher and Yates' shuffle with a linear congruential generator (Numerical Recipes' constants, from memory) */
function shuffled(count: number, seed: number): number[] {
  const places = Array.from({ length: count }, (_, at) => at);
  let state = seed >>> 0;
  for (let at = count - 1; at > 0; at -= 1) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    const other = state % (at + 1);
    [places[at], places[other]] = [present(places[other]), present(places[at])];
  }
  return places;
}
