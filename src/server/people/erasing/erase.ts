import { randomUUID } from 'node:crypto';
import { rm } from 'node:fs/promises';
import path from 'node:path';
import { withoutName } from '@/core/consent';
import { addDays } from '@/core/kernel';
import { beltName } from '@/core/vocabulary';
import { inTransaction, pool } from '@/data/client';
import { queueTask } from '@/data/footage/queue';
import {
  countErasure,
  insertErasure,
  listNotesNaming,
  listSpansOf,
  listWritingsNaming,
  makeNameless,
  rewriteNote,
  rewriteWriting,
} from '@/data/people/erasures';
import { findPerson, type Person } from '@/data/people/people';
import { deleteTrashOf } from '@/data/trash/trash';
import { listBackups } from '../../backup/manifest';
import { today } from '../../kernel/academyTime';
import { backupFolder, backupsKept, backupTime, dataFolder } from '../../kernel/environment';
import { outboxFolder } from '../../sharing/writeMessage';
import { dropStored } from '../../store/films';

/** Which backups hold somebody, and when the last of them goes by itself; no day where none is made by itself. */
export async function findHolding(day: string): Promise<{ readonly backups: number; readonly until?: string }> {
  const backups = (await listBackups(backupFolder()).catch(() => [])).length;
  if (backups === 0) return { backups };
  return { backups, until: backupTime() === '' ? undefined : addDays(day, backupsKept()) };
}

/** How somebody is called from then on: by the belt, which stays for the partners' figures. */
const namelessOf = ({ belt }: Person): string => (belt ? `Somebody, ${beltName(belt)} belt` : 'Somebody');

/** A text, or every text within a value, without the name. */
function withoutNameIn(value: unknown, name: string): unknown {
  if (typeof value === 'string') return withoutName(value, name, 'somebody');
  if (Array.isArray(value)) return value.map((one) => withoutNameIn(one, name));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, withoutNameIn(one, name)]));
}

/**
 * Makes somebody nameless for good. Rounds and marks stay, as those of somebody with their belt, so that partners' figures stay what they are; all that is
 * the person's own goes. Films are kept, or what shows them is made unrecognisable in the background.
 */
export async function erase(personId: string, films: 'kept' | 'blurred', coachId: string): Promise<boolean> {
  const person = await findPerson(pool(), personId);
  const day = await today();
  const holding = await findHolding(day);
  const counts = person && (await countErasure(pool(), personId, person.name));
  if (!person || !counts) return false;
  const spans = films === 'blurred' ? await listSpansOf(pool(), personId) : new Map();
  const nameless = namelessOf(person);
  const erasureId = randomUUID();
  const files = await inTransaction(pool(), async (client) => {
    const { marks, history } = await listNotesNaming(client, personId, person.name);
    for (const { id, version, note } of marks)
      await rewriteNote(client, 'mark', id, version, withoutName(note, person.name, 'somebody'));
    for (const { id, version, note } of history)
      await rewriteNote(client, 'mark_history', id, version, withoutName(note, person.name, 'somebody'));
    for (const { place, id, value } of await listWritingsNaming(client, personId, person.name))
      await rewriteWriting(client, place, id, withoutNameIn(value, person.name));
    const thrown = await deleteTrashOf(client, personId);
    const gone = await makeNameless(client, personId, nameless);
    await insertErasure(client, {
      ...{ id: erasureId, coachId, counts, films, filmsLeft: spans.size },
      heldUntil: holding.until,
    });
    for (const [footageId, seen] of spans)
      await queueTask(client, 'blur-film', { footageId, erasureId, spans: seen }, `blur:${erasureId}:${footageId}`);
    return { ...gone, stored: [...gone.stored, ...thrown] };
  });
  for (const name of files.stored) await dropStored(name);
  for (const name of files.messages) await rm(path.join(outboxFolder(), name), { force: true });
  // Packages that lie ready to be taken along hold them too.
  await rm(path.join(/*turbopackIgnore: true*/ dataFolder(), 'exports'), { recursive: true, force: true });
  return true;
}
