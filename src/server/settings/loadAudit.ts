import { listAudit } from '@/data/accounts/audit';
import { pool } from '@/data/client';
import { requireCoach } from '../accounts/currentCoach';

const SHOWN = 100;

/** The record of who did what, for the head coach; undefined for others. */
export async function loadAudit(after: string | undefined) {
  const coach = await requireCoach();
  if (coach.role !== 'head') return undefined;
  return listAudit(pool(), SHOWN, after !== undefined && /^\d{1,15}$/.test(after) ? Number(after) : undefined);
}
