import { pool } from '@/data/client';
import { findMessage, listMessages } from '@/data/sharing/messages';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { mailServer } from './writeMessage';

const SHOWN_MESSAGES = 50;

/** What was written to students, newest first, and whether messages are sent on. */
export async function loadOutbox(after: string | undefined) {
  await requireCoach();
  const piece = await listMessages(pool(), SHOWN_MESSAGES, isUuid(after ?? '') ? after : undefined);
  return { ...piece, isSentOn: mailServer() !== undefined };
}

/** One message of the outbox; undefined when there is none. */
export const findOutboxMessage = async (id: string) => (isUuid(id) ? findMessage(pool(), id) : undefined);
