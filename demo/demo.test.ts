import { stat } from 'node:fs/promises';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { listContradictions, readRound } from '../src/core/round';
import { upcomingClasses } from './academy/classes';
import { marksOfRound, roundSpan } from './academy/marksOfRound';
import { coaches, people } from './academy/people';
import { allRounds, filmedRounds } from './academy/rounds';
import { choreograph, posturesAt } from './footage/choreography';

const rounds = allRounds;

describe('the demo academy', () => {
  it('is as large as a newcomer needs', () => {
    expect(people.filter((one) => one.standing === 'student').length).toBeGreaterThanOrEqual(10);
    expect(people.filter((one) => one.age < 18).length).toBe(2);
    expect(coaches.map((one) => one.role).sort()).toEqual(['assistant', 'assistant', 'head', 'helper']);
    expect(rounds.length).toBeGreaterThanOrEqual(14);
    expect(new Set(rounds.map((one) => one.daysAgo)).size).toBeGreaterThanOrEqual(4);
    expect(upcomingClasses.length).toBe(3);
    expect(filmedRounds.length).toBeGreaterThanOrEqual(6);
  });

  it('is read without doubt or contradiction by the call line', () => {
    for (const round of rounds) {
      const marks = marksOfRound(round);
      expect(
        marks.filter((mark) => mark.kind === 'note'),
        round.key,
      ).toEqual([]);
      expect(listContradictions(readRound(roundSpan(round), marks)), round.key).toEqual([]);
      // Nothing that the demo's coach wrote was left over: every word was read.
      expect(
        marks.filter((mark) => mark.note),
        round.key,
      ).toEqual([]);
      for (const mark of marks) expect(mark.atSeconds).toBeLessThanOrEqual(roundSpan(round).endSeconds);
    }
  });
});

describe('the demo footage', () => {
  it('is shipped, each film under 4 MB and as long as its round', async () => {
    for (const round of filmedRounds) {
      const { size } = await stat(path.join(import.meta.dirname, 'footage', 'films', `${round.key}.mp4`));
      expect(size, round.key).toBeLessThan(4 * 1024 * 1024);
      expect(size).toBeGreaterThan(100_000);
      expect(round.seconds).toBeGreaterThanOrEqual(120);
      expect(round.seconds).toBeLessThanOrEqual(360);
    }
  });

  it('shows at each position mark who is above, as the mark says', () => {
    const round = filmedRounds[0]!;
    const marks = marksOfRound(round);
    const choreography = choreograph(roundSpan(round), marks);
    const heightAt = (at: number) => {
      const postures = posturesAt(choreography, roundSpan(round).startSeconds + at);
      return postures.a.chest[1] - postures.b.chest[1];
    };
    // 1:11 Marek in side control, 3:14 Ana in mount.
    expect(heightAt(71)).toBeLessThan(0);
    expect(heightAt(194)).toBeGreaterThan(0.3);
  });
});
