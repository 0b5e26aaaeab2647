import { readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { roundFigures } from '../../src/core/figures';
import { addDays, daysBetween } from '../../src/core/kernel';
import { changeOf } from '../../src/core/patterns';
import { listContradictions, readRound } from '../../src/core/round';
import { drills, findError, findTechnique } from '../../src/core/vocabulary';
import { drawsFrom } from './draws';
import { habitsOf, lessons } from './habits';
import { digestOfMarks, filmedTermRounds, playTerm, spanOfTermRound } from './playTerm';
import { lastWeekday, students, termClasses, WEEKS } from './schedule';

const today = '2026-11-28';
const played = playTerm(today).rounds.map((one) => ({ ...one, span: spanOfTermRound(one.round) }));
const rounds = played.map((one) => one.round);

describe('the demo’s term', () => {
  it('is half a year of an academy: about 220 rounds in 50 sessions, 60 classes, 24 students of whom four are minors', () => {
    expect(rounds.length).toBeGreaterThan(200);
    expect(rounds.length).toBeLessThan(250);
    expect(new Set(rounds.map((round) => round.heldOn)).size).toBe(50);
    expect(students.length).toBe(24);
    expect(students.filter((one) => one.age < 18).length).toBe(4);
    const days = rounds.map((round) => daysBetween(round.heldOn, today));
    expect(Math.min(...days)).toBeGreaterThanOrEqual(1);
    expect(Math.max(...days)).toBeLessThanOrEqual(7 * WEEKS);
    const classes = termClasses(
      today,
      drills.map((one) => one.id),
      drawsFrom(3),
    );
    expect(classes.length).toBeGreaterThanOrEqual(60);
    for (const one of classes) {
      const weekday = new Date(`${one.heldOn}T12:00:00Z`).getUTCDay();
      if (one.title.startsWith('Saturday')) expect(weekday).toBe(6);
      if (one.title.startsWith('Wednesday')) expect(weekday).toBe(3);
      expect(one.came.length, one.key).toBeGreaterThan(0);
    }
  });

  it('gives the same day of the week before any day', () => {
    for (let ahead = 0; ahead < 8; ahead += 1) {
      const day = lastWeekday(addDays(today, ahead), 6);
      expect(new Date(`${day}T12:00:00Z`).getUTCDay()).toBe(6);
      expect(daysBetween(day, addDays(today, ahead))).toBeGreaterThan(0);
      expect(daysBetween(day, addDays(today, ahead))).toBeLessThanOrEqual(7);
    }
  });

  it('has fair pairs, nobody who is hurt, and rounds with marks that contradict nothing', () => {
    for (const { round, span, marks } of played) {
      expect(round.a.age < 18, round.key).toBe(round.b.age < 18);
      for (const one of [round.a, round.b]) {
        const [from = Number.POSITIVE_INFINITY, to = 0] = habitsOf[one.key]?.hurt ?? [];
        expect(round.week < from || round.week >= to, `${one.key} ${round.week}`).toBe(true);
      }
      expect(listContradictions(readRound(span, marks)), round.key).toEqual([]);
      expect(marks.length, round.key).toBeGreaterThan(8);
      for (const mark of marks) {
        expect(mark.atSeconds).toBeLessThanOrEqual(span.endSeconds);
        if (mark.kind === 'error') expect(findError(mark.errorId)).toBeDefined();
        if (mark.kind === 'attempt' && round.uniform === 'no-gi')
          expect(findTechnique(mark.techniqueId)?.uniform).not.toBe('gi');
      }
    }
  });

  it('has films of the newest rounds of two students that were drawn from the marks of today', async () => {
    const films = path.join(import.meta.dirname, '..', 'footage', 'films');
    const drawnFrom = JSON.parse(await readFile(path.join(films, 'drawnFrom.json'), 'utf8')) as Record<string, string>;
    for (const key of filmedTermRounds) {
      const one = played.find(({ round }) => round.key === key);
      expect(one && digestOfMarks(one.marks), `${key}: draw it anew with demo/footage/render.ts`).toBe(drawnFrom[key]);
      expect((await stat(path.join(films, `${key}.mp4`))).size, key).toBeLessThan(3 * 1024 * 1024);
    }
  });

  it('shows what it is made to show: Nadia’s late block is gone after its lesson', () => {
    const own = played.flatMap(({ round, span, marks }) => {
      const athlete = round.a.key === 'nadia' ? ('a' as const) : round.b.key === 'nadia' ? ('b' as const) : undefined;
      if (!athlete) return [];
      const figures = roundFigures({
        roundId: round.key,
        heldOn: round.heldOn,
        span,
        athlete,
        beltGap: 0,
        weightGap: 0,
        marks,
      });
      return [
        {
          week: round.week,
          count: figures.occurrences.get(lessons.nadia.errorId)?.length ?? 0,
          exposure: figures.exposures.get(lessons.nadia.errorId) ?? 0,
        },
      ];
    });
    const lesson = own.findIndex(({ week }) => week >= lessons.nadia.week);
    const change = changeOf(
      own.map((one, at) => ({ ...one, afterDose: at === lesson })),
      'minutes',
      { shape: 2, rate: 4 },
    );
    expect(change.kind).toBe('gone');
    expect(own[change.at ?? 0]?.week).toBeGreaterThanOrEqual(lessons.nadia.week - 2);
  });
});
