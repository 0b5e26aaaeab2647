import type pg from 'pg';
import { addDays, type CalendarDate } from '../src/core/kernel';
import type { Mark } from '../src/core/marks';
import { storedMark } from '../src/core/round';
import { cueOf, drills, findError, plainHouse } from '../src/core/vocabulary';
import { insertClass, saveAttendee } from '../src/data/classes/classes';
import { saveCame, saveDrilled } from '../src/data/classes/log';
import { insertUnit } from '../src/data/classes/units';
import { insertPerson } from '../src/data/people/people';
import { insertSignedReview } from '../src/data/reviews/signedReviews';
import { insertAthlete, insertRound } from '../src/data/rounds/rounds';
import { demoId } from './academy/marksOfRound';
import { curriculum } from './term/curriculum';
import { type Draws, drawsFrom } from './term/draws';
import { writePastOfPeople } from './term/pastOfPeople';
import { furtherPeople } from './term/people';
import { type PlayedRound, playTerm, spanOfTermRound } from './term/playTerm';
import { type TermRound, termAhead, termClasses } from './term/schedule';

/** The kits that their films are drawn in. */
const toldApart = {
  gi: { a: 'white gi', b: 'blue gi' },
  'no-gi': { a: 'green rash guard', b: 'plum rash guard' },
} as const;

/** One round in so many has a signed review. */
const REVIEWED = 3;
/** One in so many was reviewed by a second coach, who did not see the first one’s marks. */
const REVIEWED_TWICE = 22;
const SECOND_SEED = 14;
const AHEAD_SEED = 15;

/** Adds a term before the rounds of the films: more people, half a year of rounds with their marks, signed reviews, and classes with who came. */
export async function loadTerm(client: pg.PoolClient, today: CalendarDate, footage: ReadonlyMap<string, string>) {
  for (const person of furtherPeople) {
    const { key, age, injury: _injury, ...rest } = person;
    await insertPerson(client, {
      id: demoId('person', key),
      ...rest,
      bornOn: addDays(today, -Math.round(age * 365.25 + 50)),
      injuryNote: undefined,
      injuredUntil: undefined,
      competesOn: undefined,
    });
  }
  const { rounds, draws } = playTerm(today);
  const twice: PlayedRound[] = [];
  for (const [at, { round, marks }] of rounds.entries()) {
    await insertTermRound(client, round, marks, footage.get(round.key));
    if (at % REVIEWED === 0) await signReview(client, round, marks);
    if (at % REVIEWED_TWICE === 7) twice.push({ round, marks });
  }
  await writePastOfPeople(client, today);
  // With draws of their own: all else of the term stays what it is.
  const secondDraws = drawsFrom(SECOND_SEED);
  for (const one of twice) await reviewTwice(client, one, secondDraws);
  const classes = termClasses(
    today,
    drills.map((drill) => drill.id),
    draws,
  );
  for (const one of classes) {
    const { key, title, heldOn, time, minutes, uniform, level } = one;
    const id = demoId('class', key);
    await insertClass(client, {
      id,
      title,
      startsAt: new Date(`${heldOn}T${time}:00`).toISOString(),
      minutes,
      uniform,
      level,
      pairsOnMats: 8,
    });
    for (const person of one.came) await saveCame(client, id, demoId('person', person.key), true);
    for (const drillId of one.drillIds) await saveDrilled(client, id, drillId, draws.whole(8, 15));
  }
  for (const unit of curriculum) await insertUnit(client, { ...unit, id: demoId('unit', unit.title) });
  for (const { key, heldOn, time, expected, ...one } of termAhead(today, drawsFrom(AHEAD_SEED))) {
    const id = demoId('class', key);
    await insertClass(client, {
      ...{ id, ...one, pairsOnMats: 8 },
      startsAt: new Date(`${heldOn}T${time}:00`).toISOString(),
    });
    for (const { person, chance } of expected) await saveAttendee(client, id, demoId('person', person.key), chance);
  }
  return { people: furtherPeople.length, rounds: rounds.length, classes: classes.length };
}

async function insertTermRound(
  client: pg.PoolClient,
  round: TermRound,
  marks: readonly Mark[],
  footageId: string | undefined,
): Promise<void> {
  const id = demoId('round', round.key);
  const { heldOn, uniform, theme, seconds, numberInSession } = round;
  await insertRound(
    client,
    {
      id,
      footageId,
      heldOn,
      uniform,
      ruleSet: 'no-score',
      plannedSeconds: seconds,
      occasion: 'sparring',
      theme,
      numberInSession,
      ...spanOfTermRound(round),
    },
    undefined,
  );
  for (const slot of ['a', 'b'] as const) {
    const { key, belt, stripes, weightKg } = round[slot];
    await insertAthlete(client, id, slot, {
      personId: demoId('person', key),
      belt,
      stripes,
      weightKg,
      weightSource: 'stated',
      toldApartBy: toldApart[round.uniform][slot],
    });
  }
  await client.query(
    `insert into mark (id, round_id, kind, at_seconds, content, version, change_id, changed_by)
     select m.id, $1, m.kind, m.at, m.content, 1, m.change, $2 from unnest($3::uuid[], $4::text[], $5::float8[], $6::jsonb[], $7::uuid[]) as m (id, kind, at, content, change)`,
    [
      id,
      demoId('coach', 'ludo'),
      marks.map((mark) => mark.id),
      marks.map((mark) => mark.kind),
      marks.map((mark) => mark.atSeconds),
      marks.map((mark) => storedMark(mark)),
      marks.map((mark) => demoId('change', mark.id)),
    ],
  );
  await client.query(
    'insert into mark_history (mark_id, version, content, deleted, change_id, changed_by) select id, 1, content, false, change_id, changed_by from mark where round_id = $1',
    [id],
  );
}

/** The review of the round's first athlete: what cost most, with its drill and homework. */
async function signReview(client: pg.PoolClient, round: TermRound, marks: readonly Mark[]): Promise<void> {
  const own = marks.flatMap((mark) =>
    mark.kind === 'error' && mark.athlete === 'a' && mark.punished === 'yes' ? [mark] : [],
  );
  const good = marks.filter((mark) => mark.kind === 'strength' && mark.athlete === 'a');
  const [worst] = own;
  if (!worst) return;
  const error = findError(worst.errorId);
  const [firstName] = round.a.name.split(' ');
  const id = demoId('review', round.key);
  await insertSignedReview(
    client,
    {
      id,
      about: { kind: 'round', roundId: demoId('round', round.key), slot: 'a' },
      version: 1,
      content: {
        good: {
          text: good.length > 0 ? 'That is the way, keep doing it.' : 'Never stopped working.',
          markIds: good.slice(0, 2).map((mark) => mark.id),
        },
        points: [
          {
            errorId: worst.errorId,
            title: error?.title ?? worst.errorId,
            text: `It cost ${firstName} the place ${own.length > 1 ? 'more than once' : 'once'} in this round.`,
            cue: cueOf(plainHouse, worst.errorId),
            branch: '',
            drillId: error?.drillIds[0],
            homework: 'Ten slow repetitions on each side before the next round.',
            homeworkDue: addDays(round.heldOn, 7),
            markIds: own
              .filter((mark) => mark.errorId === worst.errorId)
              .map((mark) => mark.id)
              .slice(0, 4),
          },
        ],
        questions: [{ text: 'What did you want to do there?', markId: worst.id }],
        remark: '',
      },
    },
    demoId('coach', 'ludo'),
  );
  await client.query("update signed_review set signed_at = $2::date + interval '45 hours' where id = $1", [
    id,
    round.heldOn,
  ]);
}

/** A second coach's marks of the same round: a little off in time, some not seen; the two agree more towards the end of the term. */
async function reviewTwice(client: pg.PoolClient, { round, marks }: PlayedRound, draws: Draws): Promise<void> {
  const [reviewId, coachId] = [demoId('second', round.key), demoId('coach', 'felix')];
  const isSeen = () => draws.chance(0.62 + round.week / 90);
  const seen = marks
    .filter((mark) => (mark.kind === 'position' ? draws.chance(0.8 + round.week / 130) : isSeen()))
    .map((mark) => ({
      ...mark,
      id: demoId('second', mark.id),
      atSeconds: Math.max(
        0,
        Math.round((mark.atSeconds + draws.between(-0.9, 0.9) * (1.8 - round.week / 26)) * 10) / 10,
      ),
      ...('ledTo' in mark ? { ledTo: [] } : {}),
    }));
  await client.query(
    "insert into second_review (id, round_id, coach_id, begun_at, done_at) values ($1, $2, $3, $4::date + interval '44 hours', $4::date + interval '45 hours')",
    [reviewId, demoId('round', round.key), coachId, round.heldOn],
  );
  await client.query(
    `insert into second_mark (id, second_review_id, kind, at_seconds, content, version, change_id, changed_by)
     select m.id, $1, m.kind, m.at, m.content, 1, m.change, $2 from unnest($3::uuid[], $4::text[], $5::float8[], $6::jsonb[], $7::uuid[]) as m (id, kind, at, content, change)`,
    [
      reviewId,
      coachId,
      seen.map((mark) => mark.id),
      seen.map((mark) => mark.kind),
      seen.map((mark) => mark.atSeconds),
      seen.map((mark) => storedMark(mark)),
      seen.map((mark) => demoId('change', mark.id)),
    ],
  );
}
