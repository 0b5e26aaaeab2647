import { randomUUID } from 'node:crypto';
import { mkdir, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { createTransport } from 'nodemailer';
import { firstNameOf } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { queueTask } from '@/data/footage/queue';
import { deleteMessage, insertMessage, type MessageKind } from '@/data/sharing/messages';
import { settleFile } from '../footage/durable';
import { dataFolder } from '../kernel/environment';

/** Where messages lie: a stand-in for a mail service, and the copy of what was sent. */
export const outboxFolder = (): string => path.join(/*turbopackIgnore: true*/ dataFolder(), 'outbox');
export const messagePath = (fileName: string): string => path.join(/*turbopackIgnore: true*/ outboxFolder(), fileName);

/** The server that takes messages, as an address of SMTP; messages only lie in the outbox while there is none. */
export const mailServer = (): string | undefined => process.env.OWL_SMTP_URL || undefined;
const sender = (): string => process.env.OWL_MAIL_FROM ?? 'academy@localhost';

export interface NewLetter {
  readonly kind: MessageKind;
  readonly person: { readonly id: string; readonly name: string; readonly email: string };
  /** Why it is written: the same reason writes one message. */
  readonly reason: string;
  /** What the academy is called. */
  readonly from: string;
  readonly subject: string;
  /** Paragraphs; empty ones are left out. */
  readonly lines: readonly string[];
  /** Where it leads; absent where nobody can say it any more. */
  readonly address?: string;
}

/** Writes a message into the outbox as a file of its own (RFC 5322), once for each reason, and asks for it to be sent where a server is set. Tells whether it was new. */
export async function writeMessage(letter: NewLetter): Promise<boolean> {
  const { kind, person, reason, from, subject, lines, address } = letter;
  const id = randomUUID();
  const fileName = `${new Date().toISOString().slice(0, 10)}-${kind}-${id}.eml`;
  const note = { id, kind, personId: person.id, address: person.email, subject, fileName, reason };
  if ((await insertMessage(pool(), note)) === 0) return false;
  try {
    const text = [`Hello ${firstNameOf(person.name)},`, ...lines.filter(Boolean), ...(address ? [address] : []), from];
    const composed = await createTransport({ streamTransport: true, buffer: true, newline: 'windows' }).sendMail({
      from: { name: from, address: sender() },
      to: { name: person.name, address: person.email },
      subject,
      text: text.join('\n\n'),
      messageId: `<${id}@${sender().split('@').at(-1) ?? 'localhost'}>`,
      // A link leads somewhere once: programs that look ahead must not be asked to.
      headers: { 'X-Auto-Response-Suppress': 'All', 'Auto-Submitted': 'auto-generated' },
    });
    await mkdir(/*turbopackIgnore: true*/ outboxFolder(), { recursive: true, mode: 0o700 });
    const partial = `${messagePath(fileName)}.part`;
    // The link in it opens somebody's review: nobody else on this machine may read it.
    await writeFile(/*turbopackIgnore: true*/ partial, composed.message as Buffer, { mode: 0o600 });
    await settleFile(partial, messagePath(fileName));
  } catch (error) {
    await deleteMessage(pool(), id);
    await rm(/*turbopackIgnore: true*/ `${messagePath(fileName)}.part`, { force: true });
    throw error;
  }
  if (mailServer())
    await inTransaction(pool(), (client) => queueTask(client, 'send-message', { messageId: id }, `message:${id}`));
  return true;
}
