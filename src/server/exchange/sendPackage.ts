import { randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { rm, stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pool } from '@/data/client';
import { findExport } from '@/data/exchange/exports';
import { findPerson } from '@/data/people/people';
import { findRound, listRoundIdsOf } from '@/data/rounds/rounds';
import { noteDone } from '../accounts/noteDone';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { listBlindRounds } from '../reviews/blindness';
import { exportFile } from './exportJob';
import { writePackage } from './writePackage';

const headers = (name: string, bytes: number) => ({
  'content-type': 'application/zip',
  'content-length': String(bytes),
  'content-disposition': `attachment; filename="package.zip"; filename*=UTF-8''${encodeURIComponent(name.replace(/[^\p{L}\p{N}.-]+/gu, '-'))}`,
  'cache-control': 'private, no-store',
});

/** The package of everything that was asked for, once it is ready. */
export async function sendExport(exportId: string, coachId: string): Promise<Response | undefined> {
  const made = isUuid(exportId) ? await findExport(pool(), exportId) : undefined;
  const found = made?.state === 'ready' ? await stat(exportFile(made.id)).catch(() => undefined) : undefined;
  if (!made || !found) return undefined;
  await noteDone(coachId, 'package-taken');
  return new Response(Readable.toWeb(createReadStream(exportFile(made.id))) as ReadableStream, {
    headers: headers(`academy ${made.askedAt.slice(0, 10)}.zip`, found.size),
  });
}

export type SentPackage = { readonly response: Response } | { readonly notShown: string };

/** A round as a package, with both athletes by name and belt. */
export async function sendRound(roundId: string, coachId: string): Promise<SentPackage | undefined> {
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round || (await listBlindRounds(coachId)).includes(round.id)) return undefined;
  const title = `${round.a.name} and ${round.b.name}, ${round.heldOn}`;
  const sent = await send({ kind: 'round', title }, { roundIds: [round.id], personIds: [] });
  if ('response' in sent) await noteDone(coachId, 'round-taken', round.id);
  return sent;
}

/** A student as a package: all that is known of them and their rounds, with their partners by name and belt. */
export async function sendStudent(personId: string, coachId: string): Promise<SentPackage | undefined> {
  const person = isUuid(personId) ? await findPerson(pool(), personId) : undefined;
  if (!person) return undefined;
  const blind = await listBlindRounds(coachId);
  const roundIds = (await listRoundIdsOf(pool(), person.id)).filter((id) => !blind.includes(id));
  const sent = await send({ kind: 'student', title: person.name }, { roundIds, personIds: [person.id] });
  if ('response' in sent) await noteDone(coachId, 'student-taken', person.id);
  return sent;
}

async function send(
  about: { readonly kind: 'round' | 'student'; readonly title: string },
  scope: { readonly roundIds: readonly string[]; readonly personIds: readonly string[] },
): Promise<SentPackage> {
  const why = whyNotShown(await whoIsShown(pool(), scope.roundIds, await today()));
  if (why) return { notShown: why };
  const file = exportFile(randomUUID());
  await writePackage({ database: pool(), file, scope, about, films: false, signal: AbortSignal.timeout(600_000) });
  const { size } = await stat(file);
  const stream = createReadStream(file);
  // The open file is read to its end; its name is needed no longer.
  stream.once('open', () => void rm(file, { force: true }));
  return {
    response: new Response(Readable.toWeb(stream) as ReadableStream, { headers: headers(`${about.title}.zip`, size) }),
  };
}
