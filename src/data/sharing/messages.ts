import { z } from 'zod';
import type { Database } from '../client';
import { findRow, readPiece, runStatement } from '../rows';

export const messageKinds = ['review', 'homework', 'question'] as const;
export type MessageKind = (typeof messageKinds)[number];

const messageRow = z
  .object({
    id: z.string(),
    kind: z.enum(messageKinds),
    person_name: z.string(),
    address: z.string(),
    subject: z.string(),
    file_name: z.string(),
    made_at: z.date(),
    sent_at: z.date().nullable(),
    problem: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    kind: row.kind,
    personName: row.person_name,
    address: row.address,
    subject: row.subject,
    fileName: row.file_name,
    madeAt: row.made_at.toISOString(),
    sentAt: row.sent_at?.toISOString(),
    problem: row.problem ?? undefined,
  }));
export type Message = z.output<typeof messageRow>;

const select = `select m.id, m.kind, p.name as person_name, m.address, m.subject, m.file_name, m.made_at, m.sent_at, m.problem
  from message m join person p on p.id = m.person_id`;

export interface NewMessage {
  readonly id: string;
  readonly kind: MessageKind;
  readonly personId: string;
  readonly address: string;
  readonly subject: string;
  readonly fileName: string;
  /** Why it is written: the same reason writes one message. */
  readonly reason: string;
}

/** Notes a message before its file is written; 0 rows when there is one for the same reason. */
export const insertMessage = (database: Database, message: NewMessage) =>
  runStatement(
    database,
    `insert into message (id, kind, person_id, address, subject, file_name, reason) values ($1, $2, $3, $4, $5, $6, $7)
     on conflict do nothing`,
    [
      ...[message.id, message.kind, message.personId, message.address, message.subject, message.fileName],
      message.reason,
    ],
  );

export const deleteMessage = (database: Database, id: string) =>
  runStatement(database, 'delete from message where id = $1', [id]);

export const findMessage = (database: Database, id: string) =>
  findRow(database, messageRow, `${select} where m.id = $1`, [id]);

/** A piece of all messages, newest first. */
export const listMessages = (database: Database, most: number, after?: string) =>
  readPiece(
    database,
    messageRow,
    `${select} where $1::uuid is null or (m.made_at, m.id) < (select made_at, id from message where id = $1)
     order by m.made_at desc, m.id desc limit $2`,
    [after ?? null, most + 1],
    most,
    (message) => message.id,
  );

/** Notes that a message was handed on, or why it was not. */
export const noteSending = (database: Database, id: string, problem: string | undefined) =>
  runStatement(
    database,
    'update message set sent_at = case when $2::text is null then now() end, problem = $2 where id = $1',
    [id, problem ?? null],
  );
