import { present } from '../kernel';
import { filledBy, leastMinutesOf, mostMinutesOf, workingMinutes, workOn } from './benefit';
import type { Candidate } from './eligibility';
import { termsOf } from './lessonTerms';
import { type PlanNumbers, usualNumbers } from './numbers';
import { leftOf } from './runDoses';
import type { RunLesson, RunProblem } from './runProblem';
import type { Room } from './runRoom';
import { themeKey, themeOf } from './themes';

/** Turns of the search for the lowest bound, and what is near enough. @source own decision: more turns hardly change the per cent that is shown */
const TURNS = 80;
const NEAR_ENOUGH = 0.004;
/** Halvings of a step between two mixtures. */
const HALVINGS = 18;

/**
 * More than any run of these classes can be expected to bring: each class keeps its theme, lessons and whole minutes, but mixtures of several such evenings are
 * allowed. Benefit is drawn over by a concave one (of several drills on one error the strongest works first), whose tangents bound it from above in every turn
 * of Frank and Wolfe's method; the lowest is given. What holds between classes (rest, no theme twice running, fairness) is left out, and the bound holds with it.
 * @source Frank & Wolfe 1956, "An algorithm for quadratic programming", Naval Research Logistics Quarterly 3; ordering by Chebyshev's sum inequality
 */
export function boundOfRun(
  problem: RunProblem,
  rooms: readonly Room[],
  chosen: readonly (readonly RunLesson[])[],
  benefit: number,
): number {
  const cells = cellsOf(problem, rooms);
  const places = rooms.map((room) => new PlacesOfRoom(room, cells));
  const none = doseless(cells);
  const start = cells.list.reduce((sum, cell, at) => sum + plainWorth(cell, present(none[at]), cells.numbers), 0);
  let doses = doseless(cells);
  for (const [at, lessons] of chosen.entries()) present(places[at]).add(doses, lessons);
  let bound = Number.POSITIVE_INFINITY;
  for (let turn = 0; turn < TURNS; turn += 1) {
    const slopes = cells.list.map((cell, at) => slopesOf(cell, present(doses[at]), cells.numbers));
    const towards = doseless(cells);
    for (const place of places) place.add(towards, place.best(slopes));
    const gap = along(slopes, towards) - along(slopes, doses);
    bound = Math.min(bound, total(cells, doses) + gap - start);
    if (bound <= benefit * (1 + NEAR_ENOUGH)) break;
    doses = step(cells, doses, towards);
  }
  return Math.max(benefit, bound);
}

/** One error of one student, and which κ its doses may have, falling. */
interface BoundCell {
  readonly worth: number;
  readonly kappas: readonly number[];
  /** Dose of before the run, which has κ of its own. */
  readonly earlier: number;
}
interface Cells {
  readonly list: readonly BoundCell[];
  readonly at: ReadonlyMap<string, number>;
  readonly numbers: PlanNumbers;
  /** κ of doses of before the run. */
  readonly earlierKappa: number;
}
/** By cell, by κ. */
type Doses = number[][];

const keyOf = (personId: string, errorId: string): string => `${personId} ${errorId}`;

function cellsOf({ earlier, numbers = usualNumbers }: RunProblem, rooms: readonly Room[]): Cells {
  const earlierKappa = numbers.earlierKappaPercent / 100;
  const found = new Map<string, { worth: number; kappas: Set<number>; earlier: number }>();
  for (const { one, candidates } of rooms)
    for (const attendee of one.attendees)
      for (const need of attendee.needs) {
        if (need.priority <= 0) continue;
        const key = keyOf(attendee.personId, need.errorId);
        const known = found.get(key) ?? { worth: 0, kappas: new Set([earlierKappa]), earlier: 0 };
        known.worth = need.priority;
        for (const { drill } of candidates) {
          const work = workOn(drill, need);
          if (work) known.kappas.add(work.kappa);
        }
        found.set(key, known);
      }
  for (const { personId, errorId, dose, daysBefore } of earlier) {
    const known = found.get(keyOf(personId, errorId));
    if (known) known.earlier += leftOf(dose, daysBefore, numbers);
  }
  return {
    list: [...found.values()].map((one) => ({ ...one, kappas: [...one.kappas].sort((a, b) => b - a) })),
    at: new Map([...found.keys()].map((key, at) => [key, at])),
    numbers,
    earlierKappa,
  };
}

/** Doses with nothing but what was there before the run. */
const doseless = ({ list, earlierKappa }: Cells): Doses =>
  list.map(({ kappas, earlier }) => kappas.map((kappa) => (kappa === earlierKappa ? earlier : 0)));

/** What doses are worth as plans count them: the mean κ of all, and how much of a full effect there is. */
function plainWorth({ worth, kappas }: BoundCell, doses: readonly number[], numbers: PlanNumbers): number {
  const all = doses.reduce((sum, one) => sum + one, 0);
  if (all <= 0) return 0;
  const weighted = doses.reduce((sum, one, at) => sum + one * present(kappas[at]), 0);
  return worth * (weighted / all) * filledBy(all, numbers);
}

/** At least as much, and concave: the strongest doses work first. */
function total({ list, numbers }: Cells, doses: Doses): number {
  let sum = 0;
  for (const [at, { worth, kappas }] of list.entries()) {
    const own = present(doses[at]);
    let dose = 0;
    for (const [level, kappa] of kappas.entries()) {
      dose += present(own[level]);
      sum += worth * (kappa - (kappas[level + 1] ?? 0)) * filledBy(dose, numbers);
    }
  }
  return sum;
}

/** What a little more of each dose would add. */
function slopesOf({ worth, kappas }: BoundCell, doses: readonly number[], { doseMinutes }: PlanNumbers): number[] {
  const slopes = new Array<number>(kappas.length).fill(0);
  const parts: number[] = [];
  let dose = 0;
  for (const [level, kappa] of kappas.entries()) {
    dose += present(doses[level]);
    parts.push((worth * (kappa - (kappas[level + 1] ?? 0)) * Math.exp(-dose / doseMinutes)) / doseMinutes);
  }
  let sum = 0;
  for (let level = kappas.length - 1; level >= 0; level -= 1) {
    sum += present(parts[level]);
    slopes[level] = sum;
  }
  return slopes;
}

const along = (slopes: readonly (readonly number[])[], doses: Doses): number => {
  let sum = 0;
  for (const [at, own] of slopes.entries())
    for (const [level, slope] of own.entries()) sum += slope * present(present(doses[at])[level]);
  return sum;
};

/** The best mixture on the way from one to the other. */
function step(cells: Cells, from: Doses, to: Doses): Doses {
  const mixed = (share: number): Doses =>
    from.map((own, at) => own.map((dose, level) => dose + share * (present(present(to[at])[level]) - dose)));
  let [low, high] = [0, 1];
  for (let turn = 0; turn < HALVINGS; turn += 1) {
    const [one, other] = [low + (high - low) / 3, high - (high - low) / 3];
    if (total(cells, mixed(one)) < total(cells, mixed(other))) low = one;
    else high = other;
  }
  return mixed((low + high) / 2);
}

/** Where the lessons of one class bring their doses. */
class PlacesOfRoom {
  private readonly touches = new Map<string, { cell: number; level: number; each: number }[]>();
  private readonly themes: readonly (readonly Candidate[])[];

  constructor(
    private readonly room: Room,
    cells: Cells,
  ) {
    for (const candidate of room.candidates) this.touches.set(candidate.drill.id, this.touchesOf(candidate, cells));
    const byTheme = new Map<string, Candidate[]>();
    const anywhere: Candidate[] = [];
    for (const candidate of room.candidates) {
      const theme = themeOf(candidate.drill);
      const isLocked = room.locked.some((one) => one.candidate === candidate);
      if (isLocked || present(this.touches.get(candidate.drill.id)).length === 0) continue;
      if (theme) byTheme.set(themeKey(theme), [...(byTheme.get(themeKey(theme)) ?? []), candidate]);
      else anywhere.push(candidate);
    }
    // Where a class may have several themes, or some are locked, any lessons may stand together: the bound stays one.
    const isFree = room.mostThemes > 1 || room.locked.length > 0;
    const all = [...byTheme.values()];
    this.themes = isFree ? [[...all.flat(), ...anywhere]] : [anywhere, ...all.map((one) => [...one, ...anywhere])];
  }

  private touchesOf({ drill, excludedIds }: Candidate, cells: Cells) {
    const { one, matShare } = this.room;
    return one.attendees.flatMap((attendee) => {
      if (attendee.chance <= 0 || excludedIds.includes(attendee.personId)) return [];
      return attendee.needs.flatMap((need) => {
        const cell = cells.at.get(keyOf(attendee.personId, need.errorId));
        const work = cell === undefined ? undefined : workOn(drill, need);
        if (cell === undefined || !work) return [];
        const level = present(cells.list[cell]).kappas.indexOf(work.kappa);
        return level < 0 ? [] : [{ cell, level, each: attendee.chance * work.resistance * matShare }];
      });
    });
  }

  add(doses: Doses, lessons: readonly Pick<RunLesson, 'drillId' | 'minutes'>[]): void {
    for (const { drillId, minutes } of lessons) {
      const candidate = this.room.byId.get(drillId);
      const working = candidate ? workingMinutes(candidate.drill, minutes) : 0;
      for (const { cell, level, each } of this.touches.get(drillId) ?? []) {
        const own = present(doses[cell]);
        own[level] = present(own[level]) + working * each;
      }
    }
  }

  /** The lessons that bring most where every dose brings as much as these slopes say. */
  best(slopes: readonly (readonly number[])[]): Pick<RunLesson, 'drillId' | 'minutes'>[] {
    const { locked, minutes } = this.room;
    const kept = locked.map(({ candidate, minutes: own }) => ({ drillId: candidate.drill.id, minutes: own }));
    const left = minutes - kept.reduce((sum, one) => sum + one.minutes, 0);
    const free = Math.max(0, this.room.mostLessons - kept.length);
    const weightOf = ({ drill }: Candidate) =>
      present(this.touches.get(drill.id)).reduce(
        (sum, { cell, level, each }) => sum + each * present(present(slopes[cell])[level]),
        0,
      );
    let best: { gain: number; lessons: Pick<RunLesson, 'drillId' | 'minutes'>[] } = { gain: 0, lessons: [] };
    for (const candidates of this.themes) {
      const found = fill(
        candidates.map((candidate) => ({ candidate, weight: weightOf(candidate) })),
        left,
        free,
      );
      if (found.gain > best.gain) best = found;
    }
    return [...kept, ...best.lessons];
  }
}

/**
 * At most so many lessons within so many minutes, each between its least and most, so that weight × (minutes − 1) is largest: by lesson, by how many there are,
 * by minutes used. Only one of the best needs minutes between its bounds: the value is linear.
 */
function fill(
  weighed: readonly { readonly candidate: Candidate; readonly weight: number }[],
  minutes: number,
  most: number,
): { gain: number; lessons: Pick<RunLesson, 'drillId' | 'minutes'>[] } {
  const useful = weighed.filter((one) => one.weight > 0 && leastMinutesOf(one.candidate.drill) <= minutes);
  if (minutes <= 0 || most <= 0 || useful.length === 0) return { gain: 0, lessons: [] };
  const width = minutes + 1;
  const gains = Array.from({ length: most + 1 }, () => new Float64Array(width));
  const taken: Uint8Array[][] = [];
  for (const { candidate, weight } of useful) {
    const [least, longest] = [leastMinutesOf(candidate.drill), mostMinutesOf(candidate.drill)];
    const { changeOverMinutes } = termsOf(candidate.drill);
    const took = Array.from({ length: most + 1 }, () => new Uint8Array(width));
    for (let count = most; count >= 1; count -= 1) {
      const [here, under, mark] = [present(gains[count]), present(gains[count - 1]), present(took[count])];
      for (let used = minutes; used >= least; used -= 1)
        for (let own = least; own <= longest && own <= used; own += 1) {
          const gain = present(under[used - own]) + weight * Math.max(0, own - changeOverMinutes);
          if (gain <= present(here[used])) continue;
          here[used] = gain;
          mark[used] = own;
        }
    }
    taken.push(took);
  }
  return trace(useful, taken, gains, minutes, most);
}

/** Reads back which lessons the best of a filled table has. */
function trace(
  useful: readonly { readonly candidate: Candidate }[],
  taken: readonly (readonly Uint8Array[])[],
  gains: readonly Float64Array[],
  minutes: number,
  most: number,
) {
  let [count, used] = [most, minutes];
  const gain = present(present(gains[count])[used]);
  const lessons: Pick<RunLesson, 'drillId' | 'minutes'>[] = [];
  for (let at = useful.length - 1; at >= 0 && count > 0; at -= 1) {
    const own = present(present(present(taken[at])[count])[used]);
    if (own === 0) continue;
    lessons.push({ drillId: present(useful[at]).candidate.drill.id, minutes: own });
    used -= own;
    count -= 1;
  }
  return { gain, lessons };
}
