import type { DrillLock } from '@/core/planning';
import { findAskedPlan, findLatestPlan } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { askForPlan } from '@/server/classes/askForPlan';
import { workOutPlan } from '@/server/classes/workOutPlan';
import { figureEverything } from '@/server/jobs/refigure';

/** What a worker would have done by now: the figures of all rounds. */
export const figuresAreThere = (today: string): Promise<void> => figureEverything(pool(), today);

/** Asks for a plan and works it out here and now: the plan with its number, or why there is none. */
export async function planNow(classId: string, today: string, locks: readonly DrillLock[] = []) {
  const version = await askForPlan(classId, locks, undefined);
  if (version === undefined) throw new Error('planNow: there is no such class');
  await workOutPlan(pool(), classId, version, today, new AbortController().signal);
  const asked = await findAskedPlan(pool(), classId);
  const stored = await findLatestPlan(pool(), classId);
  return asked?.state === 'ready' && stored
    ? { ok: true as const, version, plan: stored.plan }
    : { ok: false as const, problem: asked?.problem };
}
