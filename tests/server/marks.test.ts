import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { pool } from '@/data/client';
import { findMark, listMarks, listVersions } from '@/data/marks/marks';
import type { Round } from '@/data/rounds/rounds';
import { applyChanges } from '@/server/marks/applyChanges';
import type { MarkChange } from '@/server/marks/marksInput';
import { placeOfRound } from '@/server/marks/marksPlace';
import { receiveChanges } from '@/server/marks/receiveChanges';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

let round: Round;
let coach: string;
beforeEach(async () => {
  await emptyDatabase();
  coach = await seedCoach();
  round = await seedRound(await seedPerson('Ana'), await seedPerson('Iris'));
});

const mount = (patch: Partial<Mark> = {}): Mark =>
  ({ kind: 'position', id: randomUUID(), atSeconds: 50, positionId: 'mount', holder: 'a', ...patch }) as Mark;
const put = (mark: Mark, base?: MarkChange, patch: Partial<MarkChange> = {}): MarkChange => ({
  changeId: randomUUID(),
  mark,
  baseChangeId: base?.changeId,
  removed: false,
  ...patch,
});
const apply = (...changes: MarkChange[]) => applyChanges(pool(), placeOfRound(round), changes, coach);
const send = (body: unknown) => receiveChanges(round.id, typeof body === 'string' ? body : JSON.stringify(body), coach);

describe('changes of marks', () => {
  it('are stored once, however often they are sent', async () => {
    const change = put(mount());
    expect(await apply(change)).toEqual([{ changeId: change.changeId, status: 'stored', version: 1 }]);
    expect(await apply(change, change)).toMatchObject([
      { status: 'stored', version: 1 },
      { status: 'stored', version: 1 },
    ]);
    expect(await listMarks(pool(), round.id)).toHaveLength(1);
    expect(await listVersions(pool(), round.id, change.mark.id)).toHaveLength(1);
  });

  it('sent twice at the same moment are one mark', async () => {
    const change = put(mount());
    const outcomes = await Promise.all([apply(change), apply(change), apply(change)]);
    expect(outcomes.flat().every((one) => one.status === 'stored')).toBe(true);
    expect(await listVersions(pool(), round.id, change.mark.id)).toHaveLength(1);
  });

  it('that are on their way while somebody removes the round find no round, and break nothing', async () => {
    const remover = await pool().connect();
    await remover.query('begin');
    await remover.query('delete from round where id = $1', [round.id]);
    const sent = send({ changes: [put(mount())] });
    const isWaiting = async () =>
      (
        await pool().query(
          "select 1 from pg_stat_activity where wait_event_type = 'Lock' and datname = current_database()",
        )
      ).rowCount === 1;
    await expect.poll(isWaiting).toBe(true);
    await remover.query('commit');
    remover.release();
    expect(await sent).toEqual({ ok: false, problem: { status: 404, code: 'no-such-round' } });
  });

  it('made on anything but the latest change are a conflict that changes nothing and shows what is there', async () => {
    const mark = mount();
    const first = put(mark);
    await apply(first);
    const theirs = put({ ...mark, atSeconds: 60 } as Mark, first);
    await apply(theirs);
    const mine = put({ ...mark, atSeconds: 70 } as Mark, first);
    const afterMine = put({ ...mark, atSeconds: 75 } as Mark, mine);
    // The second change of mine was made on one that was never stored: it must not slip through by its number.
    const current = { changeId: theirs.changeId, mark: { atSeconds: 60 }, by: 'ludo' };
    expect(await apply(mine, afterMine)).toMatchObject([
      { status: 'conflict', current },
      { status: 'conflict', current },
    ]);
    expect((await findMark(pool(), mark.id))?.mark.atSeconds).toBe(60);
    expect(await apply(put({ ...mark, atSeconds: 70 } as Mark, theirs))).toMatchObject([
      { status: 'stored', version: 3 },
    ]);
    expect(await listVersions(pool(), round.id, mark.id)).toHaveLength(3);
  });

  it('can be taken back: a deleted mark comes back with undo', async () => {
    const mark = mount();
    const made = put(mark);
    const removal = put(mark, made, { removed: true });
    await apply(made, removal);
    expect(await listMarks(pool(), round.id)).toHaveLength(0);
    await apply(put(mark, removal));
    expect(await listMarks(pool(), round.id)).toHaveLength(1);
  });

  it('that make no sense are refused one by one, and hold up no other', async () => {
    const outcomes = await apply(
      put(mount({ atSeconds: 400 })),
      put(mount({ positionId: 'flying-carpet' } as Partial<Mark>)),
      put({ kind: 'note', id: randomUUID(), atSeconds: 20, note: 'x'.repeat(10_000) }),
      put({
        kind: 'attempt',
        id: randomUUID(),
        atSeconds: 50,
        techniqueId: 'armbar',
        athlete: 'a',
        stage: 'entry',
        endSeconds: 40,
      }),
      put(mount()),
    );
    expect(outcomes.map((one) => (one.status === 'refused' ? one.problems[0]?.code : one.status))).toEqual([
      'outside-round',
      'unknown-concept',
      'note-too-long',
      'ends-before-start',
      'stored',
    ]);
  });

  it('refuse links back in time, and marks of another round', async () => {
    const mark = mount();
    await apply(put(mark));
    const late: Mark = {
      kind: 'error',
      id: randomUUID(),
      atSeconds: 90,
      errorId: 'err-half-flat',
      athlete: 'a',
      ledTo: [mark.id],
    };
    expect(await apply(put(late))).toMatchObject([{ status: 'refused', problems: [{ code: 'back-in-time' }] }]);
    const other = await seedRound(await seedPerson('Nadia'), await seedPerson('Yara'));
    expect(await applyChanges(pool(), placeOfRound(other), [put(mark)], coach)).toMatchObject([
      { status: 'refused', problems: [{ code: 'belongs-elsewhere' }] },
    ]);
  });
});

describe('a request with hostile changes', () => {
  const hostileTexts = ['\0', 'one\0two', 'half \ud83e', '\udd4b half'];

  it('refuses text that cannot be kept, with words, and stores every other change', async () => {
    const good = put(mount());
    const bad = hostileTexts.flatMap((text) => [
      put(mount({ note: text })),
      put({ kind: 'note', id: randomUUID(), atSeconds: 20, note: text }),
      put(mount({ drawing: [{ kind: 'label', at: [0.5, 0.5], text }] })),
    ]);
    const outcomes = await send({ changes: [...bad, good] });
    if (!outcomes.ok) throw new Error(outcomes.problem.code);
    expect(outcomes.value.slice(0, -1)).toEqual(
      bad.map(({ changeId }) => ({
        changeId,
        status: 'refused',
        problems: [{ code: 'unstorable-text', where: expect.any(String) }],
      })),
    );
    expect(outcomes.value.at(-1)).toMatchObject({ changeId: good.changeId, status: 'stored' });
    expect(await listMarks(pool(), round.id)).toHaveLength(1);
  });

  it('answers a change of an unknown kind by its id, alone', async () => {
    const changes = [
      put({ ...mount(), kind: 'explosion' } as never),
      put({ ...mount(), extra: 1 } as never),
      put(mount({ atSeconds: -4 })),
      { changeId: randomUUID(), mark: null, removed: false },
      put(mount()),
    ];
    const outcomes = await send({ changes: [...changes, 7, null, { changeId: 'x' }] });
    expect(outcomes).toMatchObject({
      value: changes.map(({ changeId }, at) => ({ changeId, status: at === 4 ? 'stored' : 'refused' })),
    });
  });

  it('refuses what only the database knows it cannot hold, and goes on', async () => {
    // A change that never went through the schema: as an older program would have sent it.
    const outcomes = await apply(
      put(mount({ positionId: 'mount', holder: 'a', verdict: '\0' as never })),
      put(mount()),
    );
    expect(outcomes).toMatchObject([{ status: 'refused', problems: [{ code: 'not-storable' }] }, { status: 'stored' }]);
  });

  it('checks thousands of links with one look at the marks', async () => {
    const targets = Array.from({ length: 400 }, (_, at) => mount({ atSeconds: 100 + at / 10 }));
    await apply(...targets.slice(0, 200).map((mark) => put(mark)));
    await apply(...targets.slice(200).map((mark) => put(mark)));
    const errors = Array.from(
      { length: 200 },
      (_, at): Mark => ({
        kind: 'error',
        id: randomUUID(),
        atSeconds: 20 + at / 10,
        errorId: 'err-half-flat',
        athlete: 'a',
        ledTo: targets.slice(at, at + 50).map((mark) => mark.id),
      }),
    );
    let reads = 0;
    const counting = new Proxy(pool(), {
      get(target, key) {
        const value = Reflect.get(target, key);
        if (key !== 'query') return typeof value === 'function' ? value.bind(target) : value;
        return (...args: Parameters<typeof target.query>) => {
          reads += 1;
          return Reflect.apply(target.query, target, args);
        };
      },
    });
    const outcomes = await applyChanges(
      counting,
      placeOfRound(round),
      errors.map((mark) => put(mark)),
      coach,
    );
    expect(outcomes.every((one) => one.status === 'stored')).toBe(true);
    // Before: one look for every change.
    expect(reads).toBe(1);
  });
});

describe('requests', () => {
  it('that are broken get their answer and store nothing', async () => {
    expect(await send('{"changes": [')).toMatchObject({ problem: { status: 400, code: 'not-json' } });
    for (const body of [
      {},
      { changes: [] },
      { changes: [{ changeId: 'x' }] },
      { changes: Array.from({ length: 300 }, () => put(mount())) },
    ]) {
      expect(await send(body)).toMatchObject({ problem: { status: 400, code: 'not-understood' } });
    }
    expect(await receiveChanges('not-a-round', '{}', coach)).toMatchObject({ problem: { status: 404 } });
    expect(await receiveChanges(randomUUID(), '{}', coach)).toMatchObject({ problem: { status: 404 } });
    expect(await listMarks(pool(), round.id)).toHaveLength(0);
  });
});
