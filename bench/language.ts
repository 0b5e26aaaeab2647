import { readFileSync } from 'node:fs';
import path from 'node:path';
import { marksOfRound, roundSpan } from '../demo/academy/marksOfRound';
import { allRounds } from '../demo/academy/rounds';
import {
  buildVocabularyIndex,
  guessCalls,
  type HabitRound,
  learnCalls,
  momentsOf,
  noHabits,
  readCall,
} from '../src/core/callline';
import { parseTimedText, plainWeights, readCommentary } from '../src/core/commentary';
import { asTold } from '../src/core/resemblance';
import { conceptIdOf, type Mark } from '../src/core/round';
import { conceptKinds, listConceptIds, plainHouse } from '../src/core/vocabulary';
import { callClasses, callsByMakers, type ScoredCall, scoreCalls, sharesOf } from '../tests/language/calls/scoreCalls';
import { lengthSecondsOf, listTalks, proposeFor, scoreTalks, talksApart } from '../tests/language/talks/scoreTalks';
import { calibration, cardsOf, looked } from '../tests/language/talks/trainCertainty';
import { type BenchLine, timeWork } from './line';

/** A vocabulary of 2,000 entries: the catalogue, and own words until it is that large. */
function largeIndex(): ReturnType<typeof buildVocabularyIndex> {
  const standard = conceptKinds.flatMap((kind) => listConceptIds(plainHouse, kind));
  const own = Array.from({ length: 2000 - standard.length }, (_, at) => ({
    id: `${standard[at % standard.length]}~bench-${at}`,
    name: `${['quiet', 'amber', 'long', 'turned'][at % 4]} ${['latch', 'gate', 'ferry', 'anvil', 'willow'][at % 5]} ${at}`,
    aliases: [`${['ash', 'elm', 'oak'][at % 3]} hold ${at}`],
    text: '',
  }));
  return buildVocabularyIndex({ ...plainHouse, own }, {}, asTold);
}

function keyTime(): number {
  const index = largeIndex();
  const context = {
    uniform: 'gi' as const,
    state: { kind: 'unmarked' as const },
    calledBy: { a: ['ana'], b: ['marek'] },
    atSeconds: 5,
    roundStartSeconds: 0,
  };
  const typed = 'marek half gaurd pass with crosface finished';
  return (
    timeWork(() => {
      for (let length = 1; length <= typed.length; length += 1) readCall(typed.slice(0, length), index, context);
    }) / typed.length
  );
}

/** An hour of people who talk as they do, which is twice as fast as the commentary that is shipped: read for the first time, and again. */
function othersTalkTimes(): { first: number; again: number } {
  const talks = listTalks();
  const hours = talks.reduce((sum, talk) => sum + lengthSecondsOf(talk), 0) / 3600;
  const readAll = () => talks.map(proposeFor);
  const began = performance.now();
  readAll();
  const first = performance.now() - began;
  return { first: first / hours, again: timeWork(readAll) / hours };
}

/** Hours of talk: a shipped commentary said again and again. */
function talkTime(hours: number): number {
  const file = path.resolve('tests/language/commentaries/coach-evening.txt');
  const minutes = readFileSync(file, 'utf8').trim().split('\n');
  const hour = Array.from({ length: 13 * hours }, (_, time) =>
    minutes.map((line) =>
      line.replace(/\[(\d+):(\d+)\]/, (_all, min, sec) => {
        const at = Number(min) * 60 + Number(sec) + time * 276;
        return `[${Math.floor(at / 60)}:${String(at % 60).padStart(2, '0')}]`;
      }),
    ),
  ).flat();
  const index = buildVocabularyIndex();
  return timeWork(() => {
    const parsed = parseTimedText(hour.join('\n'));
    if (!('cues' in parsed)) throw new Error('bench: the hour of talk cannot be read');
    return readCommentary(parsed.cues, index, { uniform: 'gi', calledBy: { a: ['ana'], b: ['marek'] } });
  });
}

/** Share of marks of rounds that were left out of the learning which stood among the five offered. */
function hitRates(): { learned: number; plain: number; marks: number } {
  const rounds: HabitRound[] = allRounds.map((round) => ({
    span: roundSpan(round),
    uniform: round.uniform,
    marks: marksOfRound(round),
    people: { a: round.a.key, b: round.b.key },
  }));
  const said = (mark: Mark) => (call: { conceptId: string; athlete?: string }) =>
    call.conceptId === conceptIdOf(mark) &&
    (mark.kind === 'position' || ('athlete' in mark && call.athlete === mark.athlete));
  let [learned, plain, marks] = [0, 0, 0];
  for (const round of rounds) {
    const habits = learnCalls(rounds.filter((one) => one !== round));
    for (const { context, mark } of momentsOf(round)) {
      marks += 1;
      if (guessCalls(habits, context, round.uniform).some(said(mark))) learned += 1;
      if (guessCalls(noHabits, context, round.uniform).some(said(mark))) plain += 1;
    }
  }
  return { learned: learned / marks, plain: plain / marks, marks };
}

/** How calls by other hands are read, those that were looked at while the reader was made and those that were kept apart. */
function callLines(): BenchLine[] {
  const all = scoreCalls();
  const said = (scored: readonly ScoredCall[]) => {
    const shares = sharesOf(scored);
    const classes = callClasses.map((one) => `${one} ${shares[one].toFixed(0)} %`).join(', ');
    return `${classes}; wrong without a doubt shown ${shares.wrongWithoutDoubt.toFixed(1)} %`;
  };
  const sure = all.filter(({ reading, doubted }) => reading.understood && !doubted);
  const held = sure.filter(({ result }) => result === 'right' || result === 'kept').length;
  return [
    ['calls by other hands, looked at', all.filter(({ apart }) => !apart)] as const,
    ['calls by other hands, kept apart', all.filter(({ apart }) => apart)] as const,
    ['calls by the makers, written before anybody saw what is read', scoreCalls(callsByMakers())] as const,
  ]
    .map(([what, scored]) => ({
      what: `${what} (${scored.length})`,
      measured: said(scored),
      goal: '95 % right, 1 % wrong without doubt',
    }))
    .concat({
      what: `of calls that are taken without asking (${sure.length} of ${all.length}), those that hold`,
      measured: `${((100 * held) / Math.max(1, sure.length)).toFixed(0)} %`,
      goal: '95 %',
    });
}

/** How often cards of talks were right that were said to be so certain: looked at, and kept apart. */
function certaintyLines(): BenchLine[] {
  return [['looked at', looked] as const, ['kept apart', talksApart] as const].map(([what, talks]) => ({
    what: `cards of talks by other hands, ${what}: how certain they are said to be, and how many of them were right`,
    measured: calibration(cardsOf(talks), plainWeights)
      .map(({ from, cards, right }) => `from ${from.toFixed(1)}: ${right} of ${cards}`)
      .join(', '),
  }));
}

/** How talks by other hands are heard, each and together. */
function talkLines(): BenchLine[] {
  const looked = listTalks().filter((talk) => !talksApart.includes(talk));
  const goal = 'found 80 %, errors and chances 75 %, cards right 75 %, athlete 90 %';
  const lines = (talks: readonly string[], kind: string) =>
    scoreTalks(talks).map((line) => {
      const [, name = '', measured = ''] = /^(\S+?): (.*)$/.exec(line) ?? [];
      return {
        what: name === 'all' ? `${talks.length} talks by other hands, ${kind}` : `talk ${name}, ${kind}`,
        measured,
        goal: name === 'all' ? goal : undefined,
      };
    });
  return [...lines(looked, 'looked at'), ...lines(talksApart, 'kept apart')];
}

export function measureLanguage(): BenchLine[] {
  const { learned, plain, marks } = hitRates();
  // The first time is only once: nothing may have been heard before.
  const others = othersTalkTimes();
  const hour = talkTime(1);
  return [
    {
      what: 'one typed key of a call with slips, vocabulary of 2,000 entries',
      measured: `${keyTime().toFixed(2)} ms`,
      goal: '2 ms',
    },
    {
      what: 'reading an hour of talks by other hands (164 words a minute)',
      measured: `${others.again.toFixed(0)} ms; the very first time, not compiled yet, ${others.first.toFixed(0)} ms`,
      goal: '300 ms',
    },
    {
      what: 'reading an hour of the commentary that is shipped (88 words a minute), said again and again',
      measured: `${hour.toFixed(0)} ms`,
      goal: '300 ms',
    },
    {
      what: 'ten hours of talk against one',
      measured: `${(talkTime(10) / hour).toFixed(1)} × the time`,
      goal: 'about 10 ×',
    },
    {
      what: `the next call among five, rounds left out one by one (${marks} marks of the invented demo)`,
      measured: `${(learned * 100).toFixed(1)} %; ${(plain * 100).toFixed(1)} % from the position graph alone`,
      goal: '70 %',
    },
    ...callLines(),
    ...talkLines(),
    ...certaintyLines(),
  ];
}
