import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type ErrorMark, type Mark, readChains, readRound, tideOf } from '../round';
import { type Belt, errors, strengths } from '../vocabulary';
import {
  type Choosable,
  choiceMeant,
  chooseRounds,
  draftReview,
  reviewRatio,
  roundWorth,
  type StudentNeed,
  USUAL_REVIEW_RATIO,
} from './index';

const rounds = fc.array(fc.tuple(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 12 })), { maxLength: 11 });
const listed = (pairs: readonly (readonly [number, number])[]): Choosable[] =>
  pairs.map(([cost, worth], index) => ({ roundId: String(index), costSeconds: cost * 5, worth: worth / 2 }));
const sum = (chosen: readonly Choosable[], of: 'worth' | 'costSeconds') =>
  chosen.reduce((total, one) => total + one[of], 0);

/** Every subset, the slow and certain way. */
function bestWorth(all: readonly Choosable[], available: number): number {
  let best = 0;
  for (let set = 0; set < 2 ** all.length; set += 1) {
    const chosen = all.filter((_, index) => set & (1 << index));
    if (sum(chosen, 'costSeconds') <= available) best = Math.max(best, sum(chosen, 'worth'));
  }
  return best;
}

describe('what fits into the minutes', () => {
  it('is as good as the best of all subsets, and never takes longer than there is time', () => {
    fc.assert(
      fc.property(rounds, fc.integer({ min: 0, max: 900 }), (pairs, available) => {
        const all = listed(pairs);
        const chosen = chooseRounds(all, available);
        expect(sum(chosen, 'costSeconds')).toBeLessThanOrEqual(available);
        expect(sum(chosen, 'worth')).toBeCloseTo(bestWorth(all, Math.floor(available / 5) * 5), 9);
      }),
      { numRuns: 150 },
    );
  });
  it('solves the small worked example of weights 1, 3, 4, 5 and values 1, 4, 5, 7 in a sack of 7 (a textbook case, from memory: 9)', () => {
    const all = [
      [1, 1],
      [3, 4],
      [4, 5],
      [5, 7],
    ].map(([cost, worth], index) => ({ roundId: String(index), costSeconds: cost! * 5, worth: worth! }));
    const chosen = chooseRounds(all, 35);
    expect(chosen.map((one) => one.roundId)).toEqual(['1', '2']);
    expect(sum(chosen, 'worth')).toBe(9);
  });
  it('takes nothing into no time, and nothing that is worth nothing', () => {
    expect(chooseRounds(listed([[1, 4]]), 0)).toEqual([]);
    expect(chooseRounds(listed([[1, 4]]), -60)).toEqual([]);
    expect(chooseRounds(listed([[1, 0]]), 600)).toEqual([]);
  });
});

describe('what a round is worth', () => {
  const need = (patch: Partial<StudentNeed> = {}): StudentNeed => ({
    personId: 'ana',
    lastReviewedOn: '2026-11-11',
    openSince: [],
    ...patch,
  });
  const worth = (students: readonly StudentNeed[], heldOn = '2026-11-24') =>
    roundWorth({ roundId: 'r', heldOn, liveSeconds: 300, students }, '2026-11-25');
  it('adds the parts, each with its limit', () => {
    expect(worth([need()]).worth).toBe(1);
    expect(worth([need({ lastReviewedOn: '2026-01-01' })]).worth).toBe(3);
    expect(worth([need({ lastReviewedOn: undefined })]).worth).toBe(3);
    expect(worth([need({ nextClassOn: '2026-12-02' })]).worth).toBe(2);
    expect(worth([need({ nextClassOn: '2026-12-03' })]).worth).toBe(1);
    expect(worth([need({ nextCompetitionOn: '2026-12-23' })]).worth).toBe(3);
    expect(worth([need({ nextCompetitionOn: '2026-12-24' })]).worth).toBe(1);
    expect(worth([need({ nextCompetitionOn: '2026-11-24' })]).worth).toBe(1);
    expect(worth([need({ openSince: ['2026-11-20', '2026-11-21', '2026-11-22'] })]).worth).toBe(3);
    expect(worth([need({ openSince: ['2026-11-24'] })]).worth).toBe(1);
    expect(worth([need(), need({ personId: 'marek' })]).worth).toBe(2);
    expect(worth([]).worth).toBe(0);
  });
  it('is halved for old footage, and says so', () => {
    const old = worth([need()], '2026-09-25');
    expect(old.worth).toBe(0.5);
    expect(old.reasons.at(-1)).toEqual({ code: 'old-footage', days: 61 });
    expect(worth([need()], '2026-09-26').worth).toBe(1);
  });
});

describe('a coach’s own pace', () => {
  it('starts at the usual one and follows what is measured', () => {
    expect(reviewRatio([])).toBe(USUAL_REVIEW_RATIO);
    expect(reviewRatio([{ liveSeconds: 1200, reviewSeconds: 3600 }])).toBeCloseTo((1.6 + 3) / 2, 9);
    expect(reviewRatio([{ liveSeconds: 1e6, reviewSeconds: 2e6 }])).toBeCloseTo(2, 2);
  });
});

describe('the draft of a review', () => {
  const round = { startSeconds: 0, endSeconds: 300 };
  const error = (id: string, atSeconds: number, errorId: string, more: Partial<ErrorMark> = {}): Mark => ({
    kind: 'error',
    id,
    atSeconds,
    errorId,
    athlete: 'a',
    ledTo: [],
    ...more,
  });
  const marks: readonly Mark[] = [
    { kind: 'position', id: 'half', atSeconds: 5, positionId: 'half-guard', holder: 'b' },
    error('flat', 20, 'err-half-flat', { punished: 'yes', ledTo: ['frame'] }),
    error('frame', 24, 'err-flat-under-pin', { punished: 'yes', ledTo: ['pass'] }),
    { kind: 'attempt', id: 'pass', atSeconds: 30, techniqueId: 'crossface-half-pass', athlete: 'b', stage: 'finished' },
    error('theirs', 40, 'err-half-flat', { athlete: 'b' }),
    error('bait', 50, 'err-half-flat', { verdict: 'bait' }),
    error('asked', 60, 'err-half-flat', { unsure: true }),
    { kind: 'strength', id: 'good', atSeconds: 70, strengthId: strengths[0]!.id, athlete: 'a' },
  ];
  const draft = (
    athlete: 'a' | 'b' = 'a',
    priorities = new Map<string, number>(),
    rounds: readonly (readonly Mark[])[] = [marks],
    belt: Belt = 'white',
  ) => {
    const toClose = rounds.map((these) => {
      const reading = readRound(round, these);
      return { reading, chains: readChains(reading, tideOf(reading)), athlete, personId: 'p' };
    });
    return draftReview(toClose, belt, priorities);
  };
  it('proposes first causes, not what hung from them, nor what was given on purpose or is still to be asked', () => {
    const { points, others, questions, goods } = draft();
    expect(points.map((one) => [one.conceptId, one.markIds])).toEqual([['err-half-flat', ['flat']]]);
    expect(points[0]!.damage).toBeGreaterThanOrEqual(3);
    expect(others.map((one) => [one.kind, one.conceptId])).toEqual([['symptom', 'err-flat-under-pin']]);
    expect(questions).toEqual([{ markId: 'asked', asks: 'wanted', conceptIds: [] }]);
    expect(goods).toEqual([{ conceptId: strengths[0]!.id, markIds: ['good'] }]);
  });
  it('is made for either athlete; without a strength, a finished technique is the good thing', () => {
    expect(draft('b').points.map((one) => one.markIds)).toEqual([['theirs']]);
    expect(draft('b').goods).toEqual([{ conceptId: 'crossface-half-pass', markIds: ['pass'] }]);
    expect(draft('a', new Map(), [[]]).goods).toEqual([]);
  });
  it('takes what was punished and is not linked yet at the usual price of its kind', () => {
    const punished = [error('one', 100, 'err-flat-under-pin', { punished: 'yes' })];
    const open = [error('one', 100, 'err-flat-under-pin', { punished: 'no', punishedFrom: 'purple' })];
    const again = [error('two', 100, 'err-flat-under-pin', { punished: 'spared', punishedFrom: 'blue' })];
    const [first] = draft('a', new Map(), [punished]).points;
    const [second] = draft('a', new Map(), [open, again]).points;
    expect(first).toMatchObject({ damage: 0, unlinked: 1, unpunished: 0, rounds: 1 });
    expect(second).toMatchObject({ unlinked: 0, unpunished: 2, rounds: 2, punishedFrom: 'blue' });
    expect(first!.worth).toBeGreaterThan(second!.worth);
  });
  it('ranks by cost here and by what keeps happening', () => {
    const two = [...marks, error('hands', 100, 'err-flat-under-pin', { punished: 'no' })];
    expect(draft('a', new Map(), [two]).points.map((one) => one.conceptId)).toEqual([
      'err-half-flat',
      'err-flat-under-pin',
    ]);
    expect(draft('a', new Map([['err-flat-under-pin', 50]]), [two]).points[0]!.conceptId).toBe('err-flat-under-pin');
  });
  it('closes somebody of any belt, and what has no entry', () => {
    const high = errors.find((one) => one.belts.length > 0 && !one.belts.includes('black'))!;
    const marked = [error('one', 100, high.id, { punished: 'yes' })];
    expect(draft('a', new Map(), [marked], 'black').points).toMatchObject([{ conceptId: high.id, fitsBelt: false }]);
    const own = [error('one', 100, 'nobody-knows', { punished: 'yes' })];
    expect(draft('a', new Map(), [own]).points).toMatchObject([{ conceptId: 'nobody-knows', worth: 1 }]);
  });
  it('offers missed chances and what several errors have in common', () => {
    const [one, other] = errors.filter((entry) => entry.principles.includes('elbows'));
    const missed: Mark = { kind: 'chance', id: 'missed', atSeconds: 90, techniqueId: 'armbar', athlete: 'a' };
    const { others } = draft('a', new Map(), [[error('x', 10, one!.id), error('y', 20, other!.id), missed]]);
    expect(others.find((entry) => entry.kind === 'chance')).toMatchObject({ conceptId: 'armbar', markIds: ['missed'] });
    expect(others.find((entry) => entry.conceptId === 'elbows')).toMatchObject({
      kind: 'principle',
      markIds: ['x', 'y'],
    });
  });
  it('asks the one who knows: what they wanted, and how tight it was on them', () => {
    const lock = { kind: 'attempt', atSeconds: 30, techniqueId: 'armbar', unsure: true } as const;
    const locked: Mark = { ...lock, id: 'lock', athlete: 'b', stage: 'locked', orElse: 'triangle' };
    const tried: Mark = { ...lock, id: 'entry', athlete: 'b', stage: 'entry' };
    expect(draft('a', new Map(), [[locked, tried]]).questions).toEqual([
      { markId: 'lock', asks: 'felt', conceptIds: [] },
    ]);
    expect(draft('b', new Map(), [[locked, tried]]).questions).toEqual([
      { markId: 'entry', asks: 'wanted', conceptIds: [] },
      { markId: 'lock', asks: 'wanted', conceptIds: ['armbar', 'triangle'] },
    ]);
  });
});

describe('which of the offered answers was meant', () => {
  const choices = [{ text: 'triangle' }, { text: 'arm triangle' }, { text: 'armbar' }];
  it('is the chosen one, else the only one that is named in their own words', () => {
    expect(choiceMeant({ said: 'the armbar', choice: 0 }, choices)).toBe(0);
    expect(choiceMeant({ said: 'I wanted the Armbar, sorry' }, choices)).toBe(2);
  });
  it('is left open where none is named, several are, or one is turned away', () => {
    for (const said of [
      '',
      'no idea 🙃',
      'armbars',
      'triangle and armbar',
      'not the armbar',
      'I didn’t want the armbar',
    ])
      expect(choiceMeant({ said }, choices), said).toBeUndefined();
    // The longer name holds the shorter one: both were offered, so it is asked.
    expect(choiceMeant({ said: 'arm triangle' }, choices)).toBeUndefined();
    expect(choiceMeant({ said: 'armbar' })).toBeUndefined();
  });
});
