import type { PlanNumbers } from '@/core/planning';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { requireCoach } from '../accounts/currentCoach';

/** The numbers of the planner here, and whether this coach may change them. */
export async function loadPlanning(): Promise<{ readonly numbers: PlanNumbers; readonly isHead: boolean }> {
  const coach = await requireCoach();
  return { numbers: (await getAcademy(pool())).planNumbers, isHead: coach.role === 'head' };
}
