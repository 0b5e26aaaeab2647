import { z } from 'zod';
import { momentSchema, storableText } from '@/core/marks';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

const words = (most: number) => storableText().trim().max(most);

/** What a packet says: a verdict, findings, and entries with their time in the footage. */
export const packetShape = z.object({
  title: words(200).min(1),
  lead: words(1000),
  findings: z.array(words(500)).max(60),
  entries: z
    .array(
      z.object({
        atSeconds: momentSchema,
        endSeconds: momentSchema,
        /** The time as the coach reads it. */
        at: words(40),
        title: words(200),
        words: words(1000),
      }),
    )
    .min(1, 'There is nothing to show yet.')
    .max(60),
});
export type PacketContent = z.output<typeof packetShape>;

const stored = packetShape.extend({
  /** The clip of each entry, in their order; null where there is no footage. */
  clipIds: z.array(z.uuid().nullable()),
  /** Who, when, under which rules: the head of the page. */
  about: z.string(),
});
export type StoredPacket = z.output<typeof stored>;

const packetRow = z
  .object({ id: z.string(), round_id: z.string(), content: stored, made_at: z.date() })
  .transform((row) => ({ id: row.id, roundId: row.round_id, content: row.content, madeAt: row.made_at.toISOString() }));

export const findPacket = (database: Database, id: string) =>
  findRow(database, packetRow, 'select id, round_id, content, made_at from packet where id = $1', [id]);

export const insertPacket = (
  database: Database,
  packet: { readonly id: string; readonly roundId: string; readonly content: StoredPacket },
  coachId: string,
) =>
  runStatement(
    database,
    'insert into packet (id, round_id, content, made_by) values ($1, $2, $3, $4) on conflict (id) do nothing',
    [packet.id, packet.roundId, JSON.stringify(packet.content), coachId],
  );
