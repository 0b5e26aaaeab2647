import { randomInt, randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { insertClass, saveAttendee } from '../../src/data/classes/classes';
import { pool } from '../../src/data/client';
import { insertExport } from '../../src/data/exchange/exports';
import { queueTask } from '../../src/data/footage/queue';
import { insertMark } from '../../src/data/marks/marks';
import { verifyBackups } from '../../src/server/backup/verifyBackups';
import { askForPlan } from '../../src/server/classes/askForPlan';
import { askForClip } from '../../src/server/clips/askForClip';
import type { TestServer } from './server';

/*
 * What coaches and the night ask for beside marks and films: plans, reels as films, packages, backups. Each that was asked for comes to an end, and every
 * backup that says it is whole reads back whole.
 */

export interface Asked {
  readonly plans: Set<string>;
  readonly clips: Set<string>;
  readonly packages: Set<string>;
}

export interface Scenery {
  readonly coachId: string;
  readonly classId: string;
}

const backupsOf = ({ folder }: TestServer): string => path.join(path.dirname(folder), 'backups', path.basename(folder));

/** A class to be planned for two people, one of whom lies flat again and again. */
export async function setTheScene(
  { pool: own }: TestServer,
  coachId: string,
  roundId: string,
  people: readonly string[],
): Promise<Scenery> {
  const classId = randomUUID();
  const kind = { title: 'Evening', minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 6 };
  await insertClass(own, { id: classId, startsAt: new Date(Date.now() + 86_400_000).toISOString(), ...kind });
  for (const one of people) await saveAttendee(own, classId, one, 0.9);
  for (const atSeconds of [4001, 4031, 4061])
    await insertMark(own, {
      mark: { kind: 'error', id: randomUUID(), atSeconds, errorId: 'err-half-flat', athlete: 'a', ledTo: [] },
      ...{ scopeId: roundId, version: 1, changeId: randomUUID(), deleted: false, changedBy: coachId },
    });
  return { coachId, classId };
}

/** Asks for one thing after the other; what fails to be asked for because all is down is asked for again. */
export async function askAlong(
  { coachId, classId }: Scenery,
  over: () => boolean,
  asked: Asked,
  [leastMs, mostMs]: readonly [number, number] = [300, 1500],
): Promise<void> {
  const asks = [
    async () => {
      const version = await askForPlan(classId, [], coachId);
      if (version !== undefined) asked.plans.add(`${classId} ${version}`);
    },
    async () => {
      const { rows } = await pool().query<{ id: string }>('select id from footage limit 1');
      if (!rows[0]) return;
      const piece = { footageId: rows[0].id, startSeconds: 0, endSeconds: 1 + Math.random(), speed: 1, freezes: [] };
      const clip = await askForClip(
        { pieces: [{ ...piece, caption: '', sound: false, readings: [] }], captions: 'beside' },
        [],
        coachId,
      );
      if (clip.ok) asked.clips.add(clip.value.id);
    },
    async () => {
      const id = randomUUID();
      await insertExport(pool(), id, true, coachId);
      await queueTask(pool(), 'export', { exportId: id }, `export:${id}`);
      asked.packages.add(id);
    },
    async () => void (await queueTask(pool(), 'backup', {}, 'backup')),
  ];
  for (let at = 0; !over(); at += 1) {
    await asks[at % asks.length]?.().catch(() => undefined);
    await pause(randomInt(leastMs, mostMs));
  }
}

/** How many of what was asked for never came to an end, or came to none although nothing was wrong with it. */
export async function countUnended({ plans, clips, packages }: Asked, classId: string): Promise<number> {
  const count = async (text: string, values: readonly unknown[]) =>
    (await pool().query<{ count: number }>(text, [...values])).rows[0]?.count ?? 0;
  // A plan that a later one overtook is nobody's any more.
  const plan = await count(
    `select (count(*) filter (where state <> 'ready'))::int as count from
       (select state from class_plan where class_id = $1 order by version desc limit 1) latest`,
    [classId],
  );
  const clip = await count("select count(*)::int as count from clip where id = any($1::uuid[]) and state <> 'ready'", [
    [...clips],
  ]);
  const unpacked = await count(
    "select count(*)::int as count from export_run where id = any($1::uuid[]) and state <> 'ready'",
    [[...packages]],
  );
  return (plans.size > 0 ? plan : 0) + clip + unpacked;
}

/** One more backup, now that nobody kills any more, then all of them read through: how many that should be whole are not. */
export async function countBrokenBackups(
  server: TestServer,
  mostMs: number,
): Promise<{ whole: number; broken: number }> {
  await queueTask(pool(), 'backup', {}, 'backup');
  const made = async () =>
    (await pool().query("select 1 from backup_try where name is not null and ended_at > now() - interval '2 minutes'"))
      .rows.length > 0;
  for (const until = Date.now() + mostMs; Date.now() < until && !(await made()); ) await pause(500);
  const verdicts = await verifyBackups(backupsOf(server));
  const whole = verdicts.filter((one) => one.faults.length === 0).length;
  // One that was broken off says so itself; the next one lets it go.
  const broken = verdicts.filter((one) => one.faults.length > 0 && !one.faults.includes('it was broken off')).length;
  return { whole, broken };
}

export const clearBackups = (server: TestServer): void => rmSync(backupsOf(server), { recursive: true, force: true });
