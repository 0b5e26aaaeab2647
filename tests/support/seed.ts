import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdirSync, statSync } from 'node:fs';
import type { ErrorMark, Mark } from '@/core/round';
import { insertCoach } from '@/data/accounts/coaches';
import { pool } from '@/data/client';
import { insertFootage } from '@/data/footage/footage';
import { insertPerson } from '@/data/people/people';
import { forgetAskedFigures } from '@/data/projections/roundFigures';
import { findRound, insertAthlete, insertRound, type Round } from '@/data/rounds/rounds';
import { hashPassword } from '@/server/accounts/passwords';
import { probeFootage } from '@/server/footage/probe';
import { storedPath } from '@/server/footage/storage';
import { footageFolder } from '@/server/kernel/environment';
import { applyChanges } from '@/server/marks/applyChanges';
import { placeOfRound } from '@/server/marks/marksPlace';

/** Empties every table of the tests' database. */
export async function emptyDatabase(): Promise<void> {
  await pool().query(
    'truncate coach, academy, person, footage, round, mark, academy_class, sign_in_attempt, own_word, house_name, house_alias, hidden_concept, school_choice, call_correction, speech_weights, concept_use_total, group_error, group_verdict, unit, holiday, lesson_effect, drill_kappa cascade',
  );
  await forgetAskedFigures(pool());
}

export async function seedCoach(name = 'ludo'): Promise<string> {
  const id = randomUUID();
  await insertCoach(pool(), {
    id,
    signInName: name,
    displayName: name,
    role: 'head',
    passwordHash: await hashPassword('a long enough secret'),
  });
  return id;
}

export async function seedPerson(name: string, weightKg: number | undefined = 70): Promise<string> {
  const id = randomUUID();
  await insertPerson(pool(), {
    id,
    name,
    standing: 'student',
    division: 'female',
    bornOn: '1996-05-04',
    belt: 'blue',
    stripes: 1,
    weightKg,
    injuredUntil: undefined,
    injuryNote: undefined,
  });
  return id;
}

/** A film of 400 seconds on the shelf; there is no file behind it. */
export async function seedFilm(): Promise<string> {
  const id = randomUUID();
  const film = {
    ...{ id, originalName: 'x.mp4', storageName: id, byteLength: 5, sha256: id.replaceAll('-', '').padEnd(64, '0') },
    ...{ durationSeconds: 400, frameRate: { numerator: 30, denominator: 1 }, width: 640, height: 360 },
    ...{ container: 'mp4', videoCodec: 'h264', audioCodec: undefined },
  };
  await insertFootage(pool(), film, undefined);
  return id;
}

/** A real film on the shelf, with its file where files lie. */
export async function seedRealFilm(file: string, sha256?: string): Promise<string> {
  const facts = await probeFootage(file);
  if (!facts.ok) throw new Error(facts.problem.code);
  const id = randomUUID();
  mkdirSync(footageFolder(), { recursive: true });
  copyFileSync(file, storedPath(`${id}.mp4`));
  const named = { id, originalName: 'film.mp4', storageName: `${id}.mp4`, byteLength: statSync(file).size };
  const digest = sha256 ?? randomUUID().replaceAll('-', '').repeat(2);
  await insertFootage(pool(), { ...named, ...facts.value, sha256: digest }, undefined);
  return id;
}

/** A round of 300 seconds between two people, from second 10 on. */
export async function seedRound(
  personA: string,
  personB: string,
  heldOn = '2026-11-20',
  footageId?: string,
): Promise<Round> {
  const id = randomUUID();
  const content = {
    id,
    footageId,
    heldOn,
    uniform: 'gi' as const,
    ruleSet: 'no-score',
    plannedSeconds: 300,
    occasion: 'sparring' as const,
  };
  await insertRound(
    pool(),
    { ...content, theme: '', numberInSession: 1, startSeconds: 10, endSeconds: 310 },
    undefined,
  );
  for (const [slot, personId] of [
    ['a', personA],
    ['b', personB],
  ] as const) {
    await insertAthlete(pool(), id, slot, {
      personId,
      belt: 'blue',
      stripes: 1,
      weightKg: 70,
      weightSource: 'stated',
      toldApartBy: '',
    });
  }
  return (await findRound(pool(), id))!;
}

/** The error that most tests mark: flat in half guard, by the athlete in focus. */
export const flatError = (atSeconds: number, patch: Partial<ErrorMark> = {}): ErrorMark => ({
  kind: 'error',
  id: randomUUID(),
  atSeconds,
  errorId: 'err-half-flat',
  athlete: 'a',
  ledTo: [],
  ...patch,
});

/** Marks a round as a coach's page does. */
export const putMarks = (round: Round, coachId: string, ...marks: readonly Mark[]) =>
  applyChanges(
    pool(),
    placeOfRound(round),
    marks.map((mark) => ({ changeId: randomUUID(), mark, removed: false })),
    coachId,
  );
