import { fail, present, type Result, succeed } from '../kernel';
import type { Drill } from '../vocabulary';
import { leastMinutesOf, mostMinutesOf } from './benefit';
import { fixedMinutes } from './classShape';
import { type PlanNumbers, usualNumbers } from './numbers';
import { type ClassPlan, inTime, type PlanBlock, partsOfLesson } from './planClass';

/** Lessons in the order and with the whole minutes that a coach gives them. */
export type Arrangement = readonly { readonly drillId: string; readonly minutes: number }[];

export type ArrangeProblem =
  | { readonly code: 'other-lessons' }
  | { readonly code: 'lesson-length'; readonly drillId: string; readonly least: number; readonly most: number }
  | { readonly code: 'rounds-too-short'; readonly left: number; readonly least: number };

/** The lessons of a plan as they stand. */
export function arrangementOf(plan: Pick<ClassPlan, 'blocks'>): Arrangement {
  const minutes = new Map<string, number>();
  for (const { drillId, minutes: own } of plan.blocks)
    if (drillId !== undefined) minutes.set(drillId, (minutes.get(drillId) ?? 0) + own);
  return [...minutes].map(([drillId, all]) => ({ drillId, minutes: all }));
}

/**
 * The same plan with its lessons in another order or with other minutes: parts, repetitions and times follow, the rounds take what is left, and who works with
 * whom stays. `drillOf` gives drills as the academy teaches them. Refused where a lesson is not the plan's, is shorter or longer than it may be, or the rounds
 * would be shorter than the academy has them.
 */
export function arranged(
  plan: ClassPlan,
  lessons: Arrangement,
  drillOf: (id: string) => Drill | undefined,
  numbers: PlanNumbers = usualNumbers,
): Result<ClassPlan, ArrangeProblem> {
  const there = arrangementOf(plan).map((one) => one.drillId);
  const isSame = lessons.length === there.length && there.every((id) => lessons.some((one) => one.drillId === id));
  if (!isSame || there.length === 0) return fail({ code: 'other-lessons' });
  for (const { drillId, minutes } of lessons) {
    const drill = drillOf(drillId);
    // A drill that is no longer there keeps the minutes that it has.
    const [least, most] = drill ? [leastMinutesOf(drill), mostMinutesOf(drill)] : [minutes, minutes];
    if (minutes < least || minutes > most) return fail({ code: 'lesson-length', drillId, least, most });
  }
  const all = plan.blocks.reduce((sum, block) => sum + block.minutes, 0);
  const taught = lessons.flatMap(({ drillId, minutes }) => lessonBlocks(plan, drillId, minutes, drillOf(drillId)));
  const first = plan.blocks.findIndex((block) => block.drillId !== undefined);
  const last = plan.blocks.findLastIndex((block) => block.drillId !== undefined);
  const [before, after] = [plan.blocks.slice(0, first), plan.blocks.slice(last + 1)];
  const fixed = [...before, ...taught, ...after.filter((block) => block.kind !== 'rounds')];
  const left = all - fixed.reduce((sum, block) => sum + block.minutes, 0);
  const least = Math.min(fixedMinutes(all, numbers).rounds, roundsIn(plan));
  if (left < least) return fail({ code: 'rounds-too-short', left: Math.max(0, left), least });
  const fromDrillId = lessons.find((one) => drillOf(one.drillId)?.game)?.drillId;
  const rounds = after.map((block) => (block.kind === 'rounds' ? { ...block, minutes: left, fromDrillId } : block));
  const drills = lessons.flatMap(({ drillId, minutes }) =>
    plan.drills.filter((one) => one.drillId === drillId).map((one) => ({ ...one, minutes })),
  );
  return succeed({
    ...plan,
    blocks: inTime([...before, ...taught, ...rounds]),
    drills,
    optimal: false,
    isArranged: true,
  });
}

const roundsIn = ({ blocks }: ClassPlan): number =>
  blocks.reduce((sum, block) => sum + (block.kind === 'rounds' ? block.minutes : 0), 0);

/** The blocks of one lesson with other minutes; as they are where its drill is no longer there. */
function lessonBlocks(plan: ClassPlan, drillId: string, minutes: number, drill: Drill | undefined): PlanBlock[] {
  const own = plan.blocks.filter((block) => block.drillId === drillId);
  if (!drill || own.reduce((sum, block) => sum + block.minutes, 0) === minutes) return own;
  const [one] = own;
  return partsOfLesson(drill, minutes).map((part) => ({ ...present(one), ...part }));
}

/** A plan in which one of its groups (from 1; 0 is all of the class) is arranged otherwise. */
export function withPart(plan: ClassPlan, group: number, part: ClassPlan): ClassPlan {
  if (!plan.groups) return part;
  const groups = plan.groups.map((one, at) =>
    at === group - 1 ? { ...one, blocks: part.blocks, drills: part.drills } : one,
  );
  return {
    ...{ ...plan, groups, optimal: false, isArranged: true },
    blocks: groups[0]?.blocks ?? plan.blocks,
    drills: groups.flatMap((one) => one.drills),
  };
}
