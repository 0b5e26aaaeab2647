import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Coach } from '@/data/accounts/coaches';
import { pool } from '@/data/client';
import { listSignedReviews } from '@/data/reviews/signedReviews';
import type { Round } from '@/data/rounds/rounds';
import { hostileTexts, hostileValue, spoiled } from '../support/hostile';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

class Away extends Error {}
let coach: Pick<Coach, 'id' | 'role'>;
vi.mock('@/server/accounts/currentCoach', () => ({
  requireCoach: async (least = 'coach') => {
    if (coach.role === 'helper' && least !== 'helper') throw new Away('/mat');
    return coach;
  },
  findCurrentCoach: async () => coach,
}));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/navigation', () => ({
  redirect: (to: string) => {
    throw new Away(to);
  },
  unstable_rethrow: (error: unknown) => {
    if (error instanceof Away) throw error;
  },
}));

type Action = (...args: unknown[]) => Promise<unknown>;
/** Every action of the application: a new one is tried by itself. Those of accounts take forms and are tried in the browser. */
const modules = import.meta.glob<Record<string, Action>>(['/src/server/**/*Actions.ts', '!/src/server/accounts/*']);

let round: Round;
let ids: string[];
// Before each: the hostile calls are free to remove what was seeded.
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head' };
  const [one, other] = [await seedPerson('Ana'), await seedPerson('Iris')];
  round = await seedRound(one, other);
  ids = [round.id, one, other, coach.id];
});

async function answer(action: Action, args: readonly unknown[]): Promise<void> {
  try {
    await action(...args);
  } catch (error) {
    if (!(error instanceof Away)) throw error;
  }
}

const classDraft = {
  title: 'Evening',
  startsAt: '2026-12-01T19:00:00',
  minutes: 75,
  uniform: 'gi',
  level: 'all',
  pairsOnMats: 8,
} as const;
const personDraft = {
  name: 'Nadia',
  standing: 'student',
  belt: 'blue',
  stripes: 1,
  weight: 150,
  weightUnit: 'lb',
  bornOn: '',
  injuredUntil: '',
  competesOn: '',
  injuryNote: '',
} as const;
const athlete = (newName: string) =>
  ({ newName, standing: 'student', belt: 'blue', stripes: 0, weightUnit: 'kg', toldApartBy: '' }) as const;
const roundDraft = {
  heldOn: '2026-11-20',
  uniform: 'gi',
  ruleSet: 'no-score',
  plannedSeconds: 300,
  occasion: 'sparring',
  theme: '',
  numberInSession: 1,
  startSeconds: 0,
  endSeconds: 300,
  a: athlete('Nele'),
  b: athlete('Birk'),
} as const;
const review = {
  good: { text: 'Waits for the elbow.', markIds: [] },
  points: [],
  questions: [],
  remark: '',
};

describe('every action', () => {
  it('answers whatever it is sent, without an error of the program or of the database', async () => {
    const hostile = hostileValue(ids);
    let tried = 0;
    for (const [file, load] of Object.entries(modules))
      for (const [name, action] of Object.entries(await load())) {
        if (typeof action !== 'function') continue;
        for (const args of fc.sample(fc.array(hostile, { maxLength: 6 }), 40)) {
          await expect(
            answer(action, args),
            `${file} ${name} ${JSON.stringify(args)?.slice(0, 300)}`,
          ).resolves.toBeUndefined();
          tried += 1;
        }
      }
    expect(tried).toBeGreaterThan(1000);
  });

  it('answers forms with one hostile thing in them', async () => {
    const { saveClass } = await import('@/server/classes/classActions');
    const { savePerson } = await import('@/server/people/personActions');
    const { saveRound, saveRounds } = await import('@/server/rounds/roundActions');
    const { signReview } = await import('@/server/reviews/closingActions');
    const forms: [Action, readonly unknown[]][] = [
      [saveClass as Action, [classDraft, { id: randomUUID(), version: 0 }]],
      [savePerson as Action, [personDraft, { id: randomUUID(), version: 0 }]],
      [saveRound as Action, [roundDraft, { id: randomUUID(), version: 0 }]],
      [saveRounds as Action, [[{ ...roundDraft, id: randomUUID() }]]],
      [signReview as Action, [{ kind: 'round', roundId: round.id, slot: 'a' }, 0, review, randomUUID()]],
    ];
    for (const [action, args] of forms)
      for (const sent of fc.sample(spoiled(args, hostileValue(ids)), 120))
        await expect(answer(action, sent as unknown[]), JSON.stringify(sent)?.slice(0, 400)).resolves.toBeUndefined();
  });

  it('refuses text that cannot be kept with words, in every field of a form', async () => {
    const { saveClass } = await import('@/server/classes/classActions');
    const { addAlias, addOwnWord } = await import('@/server/language/houseActions');
    for (const text of hostileTexts.filter((one) => /[\0\p{Surrogate}]/u.test(one))) {
      expect(
        await saveClass({ ...classDraft, title: `Class ${text}` }, { id: randomUUID(), version: 0 }),
      ).toMatchObject({
        ok: false,
        messages: { title: expect.stringContaining('cannot be kept') },
      });
      expect(await addAlias('half-guard', `word ${text}`)).toMatchObject({
        messages: { '': expect.stringContaining('cannot be kept') },
      });
      expect(await addOwnWord({ likeId: 'half-guard', name: 'staple', text, aliases: [] })).toMatchObject({
        ok: false,
      });
    }
  });
});

describe('a class', () => {
  it('has a day and a time that exist', async () => {
    const { saveClass } = await import('@/server/classes/classActions');
    for (const startsAt of ['2026-02-30T19:00:00', '1', '2026-12-01', '2026-12-01T25:00:00', 'tomorrow', ''])
      expect(await saveClass({ ...classDraft, startsAt }, { id: randomUUID(), version: 0 }), startsAt).toMatchObject({
        messages: { startsAt: expect.stringContaining('day that exists') },
      });
    expect(await saveClass(classDraft, { id: randomUUID(), version: 0 })).toMatchObject({ ok: true });
  });
});

/** Which actions do not turn a role away at the door, whatever they are given. */
async function openTo(role: Coach['role']): Promise<string[]> {
  coach = { ...coach, role };
  const open: string[] = [];
  for (const load of Object.values(modules))
    for (const [name, action] of Object.entries(await load())) {
      const outcome = await action().catch((error: unknown) => (error instanceof Away ? 'Only' : String(error)));
      if (!JSON.stringify(outcome).includes('Only')) open.push(name);
    }
  return open.sort();
}

it('lets a helper log classes and run their clock, and an assistant do what is no head coach’s', async () => {
  const [all, assistants, helpers] = [await openTo('head'), await openTo('assistant'), await openTo('helper')];
  // Students give these two, by the token of their link.
  const ofStudents = ['noteLooked', 'sayAnswer'];
  expect(helpers).toEqual(
    ['keepMatClock', 'logCame', 'logDrilled', 'logGroup', 'logHowItWas', 'logNote', ...ofStudents].sort(),
  );
  expect(all.filter((one) => !assistants.includes(one))).toEqual([
    ...[
      'askForPackage',
      'backUpNow',
      'bringPackageIn',
      'erasePerson',
      'leavePackage',
      'lookAtBackups',
      'lookAtExchange',
    ],
    ...['savePlanNumbers', 'takePackageBack'],
  ]);
});

describe('a form whose answer was lost', () => {
  const count = async (table: string) =>
    (await pool().query(`select count(*)::int as count from ${table}`)).rows[0].count as number;

  it('is one class, also when it is corrected before it is sent again', async () => {
    const { saveClass } = await import('@/server/classes/classActions');
    const before = await count('academy_class');
    const target = { id: randomUUID(), version: 0 };
    for (let sent = 0; sent < 3; sent += 1) expect(await saveClass(classDraft, target)).toMatchObject({ ok: true });
    expect(await saveClass({ ...classDraft, title: 'Morning' }, target)).toMatchObject({ ok: true });
    expect(await saveClass({ ...classDraft, title: 'Morning' }, target)).toMatchObject({ ok: true });
    const { rows } = await pool().query('select title, version from academy_class where id = $1', [target.id]);
    expect([await count('academy_class'), rows]).toEqual([before + 1, [{ title: 'Morning', version: 2 }]]);
  });

  it('is one person and one round with two people', async () => {
    const { savePerson } = await import('@/server/people/personActions');
    const { saveRound, saveRounds } = await import('@/server/rounds/roundActions');
    const [people, rounds] = [await count('person'), await count('round')];
    const person = { id: randomUUID(), version: 0 };
    for (let sent = 0; sent < 2; sent += 1) expect(await savePerson(personDraft, person)).toMatchObject({ ok: true });
    const target = { id: randomUUID(), version: 0 };
    for (let sent = 0; sent < 3; sent += 1) expect(await saveRound(roundDraft, target)).toMatchObject({ ok: true });
    const evening = [1, 2].map((numberInSession) => ({
      ...roundDraft,
      numberInSession,
      id: randomUUID(),
      a: athlete('Tao'),
    }));
    for (let sent = 0; sent < 2; sent += 1) expect(await saveRounds(evening)).toMatchObject({ ok: true });
    // Nadia; Nele and Birk; Tao and the Birk of the evening.
    expect([await count('person'), await count('round')]).toEqual([people + 5, rounds + 3]);
  });

  it('is one signing, and the versions are the database’s, whatever the page says it saw', async () => {
    const { signReview } = await import('@/server/reviews/closingActions');
    const id = randomUUID();
    expect(await signReview({ kind: 'round', roundId: round.id, slot: 'b' }, 0, review, id)).toEqual({
      ok: true,
      version: 1,
    });
    expect(await signReview({ kind: 'round', roundId: round.id, slot: 'b' }, 0, review, id)).toEqual({
      ok: true,
      version: 1,
    });
    for (const seen of [2_147_483_646, 2_147_483_647, 17, 2 ** 40])
      expect(
        await signReview({ kind: 'round', roundId: round.id, slot: 'b' }, seen, review, randomUUID()),
        String(seen),
      ).toMatchObject({ ok: false });
    expect(await signReview({ kind: 'round', roundId: round.id, slot: 'b' }, 1, review, randomUUID())).toEqual({
      ok: true,
      version: 2,
    });
    expect(
      (await listSignedReviews(pool(), { kind: 'round', roundId: round.id, slot: 'b' })).map((one) => one.version),
    ).toEqual([2, 1]);
  });
});
