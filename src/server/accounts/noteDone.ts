import { type AuditKind, insertAudit } from '@/data/accounts/audit';
import { pool } from '@/data/client';
import { log } from '../../log/log';

/** Puts on record that somebody did something. What was done stays done where the record cannot be written; the log says so. */
export async function noteDone(coachId: string, what: AuditKind, about?: string): Promise<void> {
  await insertAudit(pool(), coachId, what, about).catch((error: unknown) =>
    log.error({ err: error, what }, 'the record of who did what has a gap'),
  );
}
