import { readFile } from 'node:fs/promises';
import { createTransport } from 'nodemailer';
import { pool } from '@/data/client';
import { findMessage, noteSending } from '@/data/sharing/messages';
import { mailServer, messagePath } from './writeMessage';

/** Hands a message of the outbox to the mail server, once. What goes wrong is noted beside it and thrown, for the queue to try again. */
export async function sendMessage(messageId: string): Promise<void> {
  const server = mailServer();
  const message = await findMessage(pool(), messageId);
  if (!server || !message || message.sentAt) return;
  try {
    const raw = await readFile(/*turbopackIgnore: true*/ messagePath(message.fileName));
    const from = process.env.OWL_MAIL_FROM ?? 'academy@localhost';
    await createTransport(server).sendMail({ envelope: { from, to: [message.address] }, raw });
    await noteSending(pool(), messageId, undefined);
  } catch (error) {
    await noteSending(pool(), messageId, error instanceof Error ? error.message.slice(0, 200) : 'not sent');
    throw error;
  }
}
