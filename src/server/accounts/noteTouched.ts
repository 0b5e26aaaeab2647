import { deleteOldTouches, noteTouch, type Touch } from '@/data/accounts/touched';
import { pool } from '@/data/client';
import { log } from '../../log/log';

/** For so long it is known who looked at what. @source own decision: a year and a month, so that the same season can be compared */
const TOUCHED_DAYS = 400;

/** Puts on record, beside the work, that somebody looked at something or changed it. Nothing waits for it; the log says where it has a gap. */
export function noteTouched(touch: Touch): void {
  noteTouch(pool(), touch).catch((error: unknown) =>
    log.error({ err: error, did: touch.did, kind: touch.kind }, 'the record of who looked at what has a gap'),
  );
}

export const sweepTouches = (): Promise<number> => deleteOldTouches(pool(), TOUCHED_DAYS);
