import { listAudit } from '@/data/accounts/audit';
import { listTouched } from '@/data/accounts/touched';
import { pool } from '@/data/client';
import { requireCoach } from '../accounts/currentCoach';
import { uuidIn } from '../kernel/isUuid';

const SHOWN = 100;

/** The record of who did what, for the head coach; undefined for others. */
export async function loadAudit(after: string | undefined) {
  const coach = await requireCoach();
  if (coach.role !== 'head') return undefined;
  return listAudit(pool(), SHOWN, after !== undefined && /^\d{1,15}$/.test(after) ? Number(after) : undefined);
}

/** Who looked at what and changed it, all of it or of one thing, for the head coach; undefined for others. */
export async function loadTouched(after: string | undefined, about: string | undefined) {
  const coach = await requireCoach();
  if (coach.role !== 'head') return undefined;
  const place = after !== undefined && /^[0-9a-z-]{20,160}$/.test(after) ? after : undefined;
  return listTouched(pool(), SHOWN, place, uuidIn(about));
}
