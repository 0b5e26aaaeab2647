import { drills as catalogueDrills, findDrill } from '../vocabulary';
import type { Need } from './attendee';
import type { RunClass, RunPlan, RunProblem } from './runProblem';
import { type Room, roomOf } from './runRoom';

/** Of somebody's errors, so many of the most pressing are looked after in a run. @source own decision, as for what to work on now */
const FIRST_ERRORS = 3;

/** What a run of classes does for one person. */
export interface RunGain {
  readonly personId: string;
  /** Lessons that answer errors of theirs, in the order of the classes. */
  readonly gets: readonly {
    readonly classId: string;
    readonly drillId: string;
    readonly errorIds: readonly string[];
  }[];
  /** The most pressing of their errors that no lesson answers: they wait for later. */
  readonly waits: readonly string[];
  /** Those of them that no lesson could answer which they may do in the classes they come to; other lessons help more than one on the rest would. Absent in older runs. */
  readonly unanswerable?: readonly string[];
}

/** The most pressing of somebody's needs. */
export const firstNeeds = (needs: readonly Need[]): Need[] =>
  needs
    .filter((need) => need.priority > 0)
    .sort((one, other) => other.priority - one.priority)
    .slice(0, FIRST_ERRORS);

/** What each person who is expected gets out of a run, those who get nothing first, and what waits. People without needs are left out. */
export function gainsOf(problem: RunProblem, plan: Pick<RunPlan, 'classes'>): RunGain[] {
  const rooms = roomsOnce(problem);
  return lessonsFor(problem, plan)
    .map((gain) => ({ ...gain, unanswerable: unanswerableIn(problem, rooms, gain) }))
    .sort((one, other) => one.gets.length - other.gets.length || (one.personId < other.personId ? -1 : 1));
}

/** Which lessons of a run answer whose errors, and which of their most pressing ones none does. */
function lessonsFor(problem: RunProblem, plan: Pick<RunPlan, 'classes'>): RunGain[] {
  const drillOf = (id: string) => problem.drills?.find((one) => one.id === id) ?? findDrill(id);
  const needs = new Map<string, readonly Need[]>();
  for (const { attendees } of problem.classes)
    for (const { personId, needs: own } of attendees) needs.set(personId, own);
  return [...needs].flatMap(([personId, own]): RunGain[] => {
    const pressing = own.filter((need) => need.priority > 0);
    if (pressing.length === 0) return [];
    const wanted = new Set(pressing.map((need) => need.errorId));
    const gets = plan.classes.flatMap(({ classId, lessons }) => {
      const isExpected = problem.classes
        .find((one) => one.classId === classId)
        ?.attendees.some((one) => one.personId === personId && one.chance > 0);
      if (!isExpected) return [];
      return lessons.flatMap(({ drillId, excludedIds }) => {
        const errorIds = (drillOf(drillId)?.targetErrorIds ?? []).filter((id) => wanted.has(id));
        return errorIds.length === 0 || excludedIds.includes(personId) ? [] : [{ classId, drillId, errorIds }];
      });
    });
    const answered = new Set(gets.flatMap((one) => one.errorIds));
    const first = firstNeeds(own).map((need) => need.errorId);
    return [{ personId, gets, waits: first.filter((id) => !answered.has(id)) }];
  });
}

type RoomFor = (one: RunClass) => Room;

/** What may be taught in each class, worked out when it is first asked for. */
function roomsOnce({ drills = catalogueDrills, numbers }: RunProblem): RoomFor {
  const known = new Map<RunClass, Room>();
  return (one) => {
    const room = known.get(one) ?? roomOf(one, drills, numbers);
    known.set(one, room);
    return room;
  };
}

/** Those of somebody's waiting errors that no lesson answers which they may do where they come. */
const unanswerableIn = ({ classes }: RunProblem, roomFor: RoomFor, { personId, waits }: RunGain): string[] =>
  waits.filter((errorId) =>
    classes
      .filter((one) => one.attendees.some((other) => other.personId === personId && other.chance > 0))
      .every((one) =>
        roomFor(one).candidates.every(
          ({ drill, excludedIds }) => excludedIds.includes(personId) || !drill.targetErrorIds.includes(errorId),
        ),
      ),
  );

/** Who is expected and gets no lesson on one of their most pressing errors. */
export const unservedIn = (problem: RunProblem, plan: Pick<RunPlan, 'classes'>): string[] =>
  lessonsFor(problem, plan)
    .filter(({ waits, personId }) => waits.length === pressingCount(problem, personId))
    .map((one) => one.personId)
    .sort();

function pressingCount({ classes }: RunProblem, personId: string): number {
  const own = classes.flatMap((one) => one.attendees).findLast((one) => one.personId === personId)?.needs ?? [];
  return firstNeeds(own).length;
}
