import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import type { RoundFigures } from '@/core/figures';
import { addDays, present } from '@/core/kernel';
import {
  chooseWorkOn,
  cohortOf,
  errorIdsOf,
  listRecurringErrors,
  memberOf,
  monthsOf,
  type StudentRecord,
  splitByWindow,
} from '@/core/patterns';
import type { Mark } from '@/core/round';
import { findRuleSet, type PointsRules, type RuleSet } from '@/core/scoring';
import { adultEquivalent } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { insertOwnWord, saveMerge } from '@/data/language/houseWords';
import { countUses } from '@/data/language/occurrences';
import { listMarks } from '@/data/marks/marks';
import { listPeople } from '@/data/people/people';
import { listStandings } from '@/data/projections/people';
import { findFiguresDue } from '@/data/projections/roundFigures';
import { deleteRound, findRound, type Round } from '@/data/rounds/rounds';
import { insertHouseRuleSet, updateHouseRuleSet } from '@/data/rounds/ruleSets';
import { figurePerson } from '@/server/figures/figurePerson';
import { figureRound, figuresOfAthlete } from '@/server/figures/figureRound';
import { loadPatterns } from '@/server/figures/records';
import { askForStaleFigures } from '@/server/jobs/refigure';
import { houseOf, withMerges } from '@/server/language/loadHouse';
import { applyChanges } from '@/server/marks/applyChanges';
import type { MarkChange } from '@/server/marks/marksInput';
import { placeOfRound } from '@/server/marks/marksPlace';
import { figuresAreThere } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

const today = '2026-11-23';
const gi = present(findRuleSet('points-gi') as (RuleSet & { readonly points: PointsRules }) | undefined);
const OWN_ERROR = 'err-half-flat~sleepy';
let coach: string;
let people: string[];
beforeEach(async () => {
  await emptyDatabase();
  coach = await seedCoach();
  people = await Promise.all(['Ana', 'Iris', 'Nadia', 'Yara'].map((name) => seedPerson(name)));
});

/** Everybody's patterns straight from all marks, as if nothing had ever been kept. */
async function fromScratch(roundIds: readonly string[]) {
  const house = await houseOf(pool());
  const rounds = (await Promise.all(roundIds.map((id) => findRound(pool(), id)))).flatMap((round) => round ?? []);
  rounds.sort((one, other) =>
    one.heldOn < other.heldOn ? -1 : one.heldOn > other.heldOn ? 1 : one.id < other.id ? -1 : 1,
  );
  const records: StudentRecord[] = [];
  for (const person of await listPeople(pool())) {
    const own: RoundFigures[] = [];
    for (const round of rounds) {
      const athlete = round.a.personId === person.id ? 'a' : round.b.personId === person.id ? 'b' : undefined;
      const marks = (await listMarks(pool(), round.id)).map(({ mark }) => withMerges(house, mark));
      if (athlete && marks.length > 0)
        own.push(figuresOfAthlete(round, athlete, marks, findRuleSet(round.ruleSet)?.points?.points));
    }
    records.push({
      personId: person.id,
      belt: adultEquivalent(person.belt),
      ...splitByWindow(own, today),
      doses: new Map(),
    });
  }
  const members = records.map((record) => memberOf(record, today));
  const othersOf = (record: StudentRecord) =>
    cohortOf(
      members.filter((one) => one.personId !== record.personId),
      errorIdsOf(record),
    );
  return new Map(records.map((record) => [record.personId, listRecurringErrors(record, othersOf(record), today)]));
}

/** Both ways must come to the same, up to the last digits of sums that were added in another order. */
async function expectSame(roundIds: readonly string[]) {
  const scratch = await fromScratch(roundIds);
  for (const person of await listPeople(pool())) {
    const { errors } = await loadPatterns(pool(), person, today);
    const plain = (list: typeof errors) =>
      list.map((one) => ({
        ...one,
        priority: Math.fround(one.priority),
        factors: JSON.parse(JSON.stringify(one.factors), (_key, value) =>
          typeof value === 'number' ? Math.fround(value) : value,
        ),
      }));
    expect(plain(errors)).toEqual(plain(scratch.get(person.id) ?? []));
    const [standing] = await listStandings(pool(), [person.id]);
    const [first] = chooseWorkOn(scratch.get(person.id) ?? []);
    expect(standing?.top).toEqual(
      first && {
        ...{ errorId: first.errorId, count: first.count, status: first.status },
        months: monthsOf(first.history),
      },
    );
  }
}

const at = fc.integer({ min: 10, max: 300 });
const athlete = fc.constantFrom<'a' | 'b'>('a', 'b');
const anyMark: fc.Arbitrary<Mark> = fc.oneof(
  fc.record({
    kind: fc.constant('position' as const),
    id: fc.uuid({ version: 4 }),
    atSeconds: at,
    positionId: fc.constantFrom('half-guard', 'mount', 'side-control', 'closed-guard'),
    holder: athlete,
  }),
  fc.record({
    kind: fc.constant('error' as const),
    id: fc.uuid({ version: 4 }),
    atSeconds: at,
    errorId: fc.constantFrom('err-half-flat', 'err-elbows-open', OWN_ERROR),
    athlete,
    punished: fc.constantFrom('yes' as const, 'partly' as const, 'no' as const, undefined),
    ledTo: fc.constant([]),
  }),
  fc.record({
    kind: fc.constant('attempt' as const),
    id: fc.uuid({ version: 4 }),
    atSeconds: at,
    techniqueId: fc.constantFrom('knee-slice', 'armbar', 'scissor-sweep'),
    athlete,
    stage: fc.constantFrom('entry' as const, 'finished' as const),
  }),
);
type Step =
  | { readonly do: 'mark'; readonly round: number; readonly mark: Mark }
  | { readonly do: 'edit' | 'remove' | 'undo'; readonly pick: number }
  | { readonly do: 'exchange' | 'drop-round' | 'move-day'; readonly round: number }
  | { readonly do: 'merge' };
const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 6, arbitrary: fc.record({ do: fc.constant('mark' as const), round: fc.nat(5), mark: anyMark }) },
  {
    weight: 3,
    arbitrary: fc.record({
      do: fc.constantFrom('edit' as const, 'remove' as const, 'undo' as const),
      pick: fc.nat(99),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constantFrom('exchange' as const, 'drop-round' as const, 'move-day' as const),
      round: fc.nat(5),
    }),
  },
  { weight: 1, arbitrary: fc.constant({ do: 'merge' as const }) },
);

describe('figures that are kept', () => {
  it('say the same as all marks read anew, after any history of marks, edits, undos, merges, exchanges and deletions', async () => {
    await insertOwnWord(pool(), { id: OWN_ERROR, name: 'Sleepy half', text: '' }, undefined);
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 40 }), async (steps) => {
        await pool().query('truncate round cascade');
        await pool().query('truncate concept_use_total');
        let merged = false;
        await saveMerge(pool(), OWN_ERROR, undefined);
        const rounds: Round[] = [];
        for (let index = 0; index < 6; index += 1)
          rounds.push(
            await seedRound(people[index % 4] ?? '', people[(index + 1) % 4] ?? '', addDays(today, -index * 30)),
          );
        const last = new Map<string, { change: MarkChange; round: Round; before?: MarkChange }>();
        const send = async (round: Round, mark: Mark, removed = false) => {
          const known = last.get(mark.id);
          const change = { changeId: randomUUID(), mark, removed, baseChangeId: known?.change.changeId };
          const [outcome] = await applyChanges(pool(), placeOfRound(round), [change], coach);
          if (outcome?.status === 'stored') last.set(mark.id, { change, round, before: known?.change });
        };
        for (const one of steps) {
          // Now and then somebody looks in the middle: what was kept then must not stay.
          if (one.do === 'mark' && one.mark.atSeconds % 10 === 0) await figuresAreThere(today);
          if (one.do === 'merge') {
            merged = !merged;
            await saveMerge(pool(), OWN_ERROR, merged ? 'err-half-flat' : undefined);
          } else if ('pick' in one) {
            const picked = [...last.values()][one.pick % Math.max(1, last.size)];
            if (!picked || !(await findRound(pool(), picked.round.id))) continue;
            if (one.do === 'edit') await send(picked.round, { ...picked.change.mark, atSeconds: 77 });
            else if (one.do === 'remove') await send(picked.round, picked.change.mark, true);
            else if (picked.before) await send(picked.round, picked.before.mark, picked.before.removed);
          } else {
            const round = rounds[one.round];
            if (!round || !(await findRound(pool(), round.id))) continue;
            if (one.do === 'mark') await send(round, one.mark);
            else if (one.do === 'drop-round') await deleteRound(pool(), round.id);
            else if (one.do === 'move-day')
              await pool().query('update round set held_on = held_on - 7 where id = $1', [round.id]);
            else
              await pool().query(
                "update round_athlete set person_id = $2 where round_id = $1 and slot = 'a' and not exists (select 1 from round_athlete where round_id = $1 and person_id = $2)",
                [round.id, people[3]],
              );
          }
        }
        await figuresAreThere(today);
        await expectSame(rounds.map((round) => round.id));
        const { rows } = await pool().query<{ id: string; uses: number }>(
          'select concept_id as id, count(*)::int as uses from mark where deleted_at is null and concept_id is not null group by 1',
        );
        expect(await countUses(pool())).toEqual(Object.fromEntries(rows.map((row) => [row.id, row.uses])));
      }),
      { numRuns: 15 },
    );
  });

  it('keep the sums of each belt as the sums of its people, whatever belts change, who goes, and how many add up at once', async () => {
    const ids = people.slice(0, 4);
    for (const [at, id] of ids.entries())
      for (const other of ids.slice(at + 1))
        await putMarks(await seedRound(id, other), coach, flatError(40, { punished: 'partly' }));
    const expectSums = async () => {
      const kept = await pool().query('select * from group_error where people > 0 order by error_id, belt');
      const { rows } = await pool().query(
        `select e.error_id, coalesce(p.belt, '') as belt, count(*)::int as people, sum(e.count) as events, sum(e.exposure) as exposure,
           sum(e.damaged) as damaged, sum(e.damage) as damage
         from person_error e join person p on p.id = e.person_id where e.exposure > 0 group by 1, 2 order by 1, 2`,
      );
      expect(kept.rows.map((one) => [one.error_id, one.belt, one.people, one.events])).toEqual(
        rows.map((one) => [one.error_id, one.belt, one.people, one.events]),
      );
      for (const [at, one] of rows.entries())
        for (const column of ['exposure', 'damaged', 'damage'])
          expect(kept.rows[at][column], column).toBeCloseTo(one[column], 9);
      const judged = await pool().query(
        'select error_id, belt, partner, judged, punished from group_verdict where judged > 0 order by 1, 2, 3',
      );
      const { rows: added } = await pool().query(
        `select v.error_id, coalesce(p.belt, '') as belt, v.partner, sum(v.judged)::float8 as judged, sum(v.punished)::float8 as punished
         from person_verdict v join person p on p.id = v.person_id group by 1, 2, 3 order by 1, 2, 3`,
      );
      expect(judged.rows).toEqual(added);
      expect(added.length).toBeGreaterThan(0);
      return rows.length;
    };
    await figuresAreThere(today);
    expect(await expectSums()).toBeGreaterThan(0);
    await pool().query("update person set belt = 'purple' where id = $1", [ids[0]]);
    await figuresAreThere(today);
    await expectSums();
    // Many at once, the same ones among them.
    await Promise.all([...ids, ...ids, ...ids].map((id) => figurePerson(pool(), id, today)));
    await expectSums();
    const gone = await seedPerson('Gone soon');
    await putMarks(await seedRound(gone, ids[1] ?? ''), coach, flatError(40));
    await figuresAreThere(today);
    await pool().query('delete from round where id in (select round_id from round_athlete where person_id = $1)', [
      gone,
    ]);
    await pool().query('delete from person where id = $1', [gone]);
    await figuresAreThere(today);
    await expectSums();
  });

  it('are asked for by whatever changes them, and a page can tell that they are on their way', async () => {
    const round = await seedRound(people[0] ?? '', people[1] ?? '');
    await figuresAreThere(today);
    expect(await findFiguresDue(pool(), undefined)).toEqual({ rounds: 0, since: undefined });
    await putMarks(round, coach, flatError(50));
    expect(await findFiguresDue(pool(), [people[0] ?? ''])).toMatchObject({ rounds: 1 });
    expect(await findFiguresDue(pool(), [people[2] ?? ''])).toMatchObject({ rounds: 0 });
    await figuresAreThere(today);
    expect(await findFiguresDue(pool(), undefined)).toMatchObject({ rounds: 0 });
    // An older reading of the rules: its figures are made anew.
    await pool().query('update round_figured set figures_version = 0');
    await pool().query("update round_figure set content = jsonb_set(content, '{liveMinutes}', '999')");
    await figuresAreThere(today);
    const { record } = await loadPatterns(pool(), { id: people[0] ?? '', belt: 'blue' }, today);
    expect(record.rounds[0]?.liveMinutes).toBe(5);
  });

  it('are asked for when the rules change by which a round is judged, and for no other round', async () => {
    const rules = { ...gi, id: randomUUID(), name: 'Ours' };
    await insertHouseRuleSet(pool(), rules, coach);
    const round = await seedRound(people[0] ?? '', people[1] ?? '');
    await seedRound(people[0] ?? '', people[1] ?? '', addDays(today, -3));
    await pool().query('update round set rule_set = $1 where id = $2', [rules.id, round.id]);
    const mounted: Mark = { kind: 'position', id: randomUUID(), atSeconds: 60, positionId: 'mount', holder: 'b' };
    await putMarks(round, coach, mounted, flatError(50, { ledTo: [mounted.id] }));
    const damage = async () => {
      await figuresAreThere(today);
      const { record } = await loadPatterns(pool(), { id: people[0] ?? '', belt: 'blue' }, today);
      return record.rounds.flatMap((one) => [...one.occurrences.values()]).flat()[0]?.damage ?? 0;
    };
    const before = await damage();
    const points = { ...gi.points, points: { ...gi.points.points, mount: 1 } };
    await updateHouseRuleSet(pool(), { ...rules, points }, 1, coach);
    expect(await findFiguresDue(pool(), undefined)).toMatchObject({ rounds: 1 });
    expect(before - (await damage())).toBeCloseTo(3, 9);
    await updateHouseRuleSet(pool(), { ...rules, points, name: 'Ours, renamed' }, 2, coach);
    expect(await findFiguresDue(pool(), undefined)).toMatchObject({ rounds: 0 });
  });

  it('that a new reading asks for wait behind what coaches change, newest first', async () => {
    const rounds = [];
    for (let day = 0; day < 4; day += 1)
      rounds.push(await seedRound(people[0] ?? '', people[1] ?? '', addDays(today, -day)));
    await figuresAreThere(today);
    await pool().query('update round_figured set figures_version = 0');
    await askForStaleFigures(pool(), today);
    const oldest = rounds[3];
    if (!oldest) throw new Error('four rounds were made');
    await putMarks(oldest, coach, { kind: 'note', id: randomUUID(), atSeconds: 50, note: 'x' });
    const { rows } = await pool().query<{ key: string }>(
      "select key from graphile_worker.jobs where task_identifier = 'figure-round' order by priority, run_at, id",
    );
    const newestFirst = rounds.slice(0, 3).map((round) => round.id);
    expect(rows.map((row) => row.key.replace('figure-round:', ''))).toEqual([oldest.id, ...newestFirst]);
  });

  it('of rounds of the same people, either way round, are worked out at once: none waits for another that waits for it', async () => {
    const [ana = '', iris = ''] = people;
    const rounds = await Promise.all(
      Array.from({ length: 24 }, (_, at) => (at % 2 ? seedRound(ana, iris) : seedRound(iris, ana))),
    );
    const entries = ['err-half-flat', 'err-elbows-open', 'err-few-bridges', 'err-taps-late'];
    for (const [at, round] of rounds.entries())
      await putMarks(
        round,
        coach,
        ...entries.slice(at % 3).map((errorId, place) => flatError(20 + place, { errorId })),
      );
    for (let turn = 0; turn < 3; turn += 1) await Promise.all(rounds.map((round) => figureRound(pool(), round.id)));
    expect((await countUses(pool()))['err-taps-late']).toBe(24);
  });

  it('of rounds with words that nobody has used yet are worked out at once, also when one word becomes known in between', async () => {
    const first = await seedRound(people[0] ?? '', people[1] ?? '');
    const second = await seedRound(people[2] ?? '', people[3] ?? '');
    const words = ['err-armbar-head-free', 'err-few-bridges'];
    const others = ['err-half-flat', 'err-elbows-open'];
    for (const [at, round] of [first, second].entries()) {
      await putMarks(round, coach, flatError(20, { errorId: others[at] ?? '' }));
      await figureRound(pool(), round.id);
      await putMarks(round, coach, ...words.map((errorId) => flatError(30, { errorId })));
    }
    const waiting = async () =>
      (
        await pool().query(
          "select 1 from pg_stat_activity where datname = current_database() and wait_event_type = 'Lock'",
        )
      ).rowCount ?? 0;
    const begin = (work: Promise<unknown>) => {
      const begun = { work, isOver: false };
      const over = () => {
        begun.isOver = true;
      };
      work.then(over, over);
      return begun;
    };
    // Each is stopped where it takes back what it said before: after it has looked for the words that are known, and before it tells its own.
    const gates = [];
    for (const round of [first, second]) {
      const gate = await pool().connect();
      await gate.query('begin');
      await gate.query('select 1 from concept_use where round_id = $1 for update', [round.id]);
      gates.push(gate);
    }
    try {
      const one = begin(figureRound(pool(), first.id));
      await expect.poll(waiting).toBe(1);
      const known = begin(
        pool().query('insert into concept_use_total values ($1, 0) on conflict do nothing', [words[1]]),
      );
      await expect.poll(async () => known.isOver || (await waiting()) === 2).toBe(true);
      const before = await waiting();
      const other = begin(figureRound(pool(), second.id));
      await expect.poll(waiting).toBe(before + 1);
      await gates[0]?.query('commit');
      // Over, or waiting for the second, which holds the word that became known.
      await expect.poll(async () => one.isOver || (await waiting()) === 2).toBe(true);
      await gates[1]?.query('commit');
      await Promise.all([one.work, known.work, other.work]);
    } finally {
      for (const gate of gates) gate.release();
    }
    expect(await countUses(pool())).toMatchObject({ [words[0] ?? '']: 2, [words[1] ?? '']: 2 });
  });

  it('that cannot be read are left out, and everything else is there', async () => {
    const rounds = [
      await seedRound(people[0] ?? '', people[1] ?? ''),
      await seedRound(people[0] ?? '', people[2] ?? ''),
    ];
    for (const round of rounds) await putMarks(round, coach, flatError(50));
    await figuresAreThere(today);
    await pool().query(`update round_figure set content = '{"shape": 99}' where round_id = $1`, [rounds[0]?.id]);
    const { record } = await loadPatterns(pool(), { id: people[0] ?? '', belt: 'blue' }, today);
    expect(record.rounds.map((one) => one.roundId)).toEqual([rounds[1]?.id]);
  });
});
