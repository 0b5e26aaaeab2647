import { describe, expect, it } from 'vitest';
import type { AttemptMark, ErrorMark, Mark } from '@/core/round';
import {
  copyAt,
  copyForOther,
  copyForOtherSide,
  withJudgement,
  withNextPunisher,
  withNextPunishment,
  withNextStage,
  withNextTapCause,
  withNextVerdict,
  withQuestion,
} from './markEdits';
import { withNextAnswerer } from './useStopwatch';

const error: ErrorMark = {
  kind: 'error',
  id: 'e',
  atSeconds: 20,
  errorId: 'err-half-flat',
  athlete: 'a',
  ledTo: ['x'],
};
const attempt: AttemptMark = {
  kind: 'attempt',
  id: 't',
  atSeconds: 20,
  endSeconds: 26,
  techniqueId: 'armbar',
  athlete: 'a',
  stage: 'finished',
  end: 'finished',
  side: 'left',
};
const note: Mark = { kind: 'note', id: 'n', atSeconds: 20, note: 'x' };
/** The values that one key goes through until it is back where it began. */
const cycle = (edit: (mark: Mark) => Mark, start: Mark, field: string) => {
  const seen: unknown[] = [];
  let mark = start;
  do {
    mark = edit(mark);
    seen.push((mark as unknown as Record<string, unknown>)[field]);
  } while (JSON.stringify(mark) !== JSON.stringify(edit(start)) || seen.length === 1);
  return seen.slice(0, -1);
};

describe('what one key does to a mark', () => {
  it('goes through every value and back', () => {
    expect(cycle(withNextPunishment, error, 'punished')).toEqual(['yes', 'partly', 'no', 'spared', undefined]);
    expect(cycle(withNextPunisher, error, 'punishedFrom')).toEqual([
      'white',
      'blue',
      'purple',
      'brown',
      'black',
      undefined,
    ]);
    expect(cycle(withNextVerdict, error, 'verdict')).toEqual(['bait', 'concession', 'agreed', 'no-fault', undefined]);
    expect(cycle(withNextTapCause, attempt, 'tapCause')).toEqual(['injury', 'illness', 'courtesy', undefined]);
    expect(cycle(withNextStage, { ...attempt, stage: 'entry', end: undefined }, 'stage')).toEqual([
      'control',
      'locked',
      'finished',
      'entry',
    ]);
    const measured: Mark = { kind: 'measure', id: 'm', atSeconds: 20, endSeconds: 21 };
    expect(cycle(withNextAnswerer, measured, 'athlete')).toEqual(['a', 'b', undefined]);
  });
  it('leaves other kinds as they are', () => {
    for (const edit of [
      withNextPunishment,
      withNextPunisher,
      withNextVerdict,
      withNextTapCause,
      withNextStage,
      withNextAnswerer,
    ])
      expect(edit(note)).toBe(note);
    expect(withNextTapCause({ ...attempt, stage: 'locked' })).toMatchObject({ stage: 'locked' });
    expect(withNextTapCause({ ...attempt, techniqueId: 'knee-slice' })).not.toHaveProperty('tapCause');
  });
  it('asks and stops asking', () => {
    expect(withQuestion(error)).toMatchObject({ unsure: true });
    expect(withQuestion(withQuestion(error))).toEqual(error);
  });
  it('judges by number', () => {
    expect(withJudgement(error, 3)).toMatchObject({ punished: 'no' });
    expect(withJudgement(error, 5)).toBeUndefined();
    expect(withJudgement({ ...attempt, stage: 'entry', end: undefined }, 1)).toMatchObject({
      stage: 'finished',
      end: 'finished',
    });
    expect(withJudgement(note, 1)).toBeUndefined();
  });
});

describe('copies', () => {
  it('keep the length, and lose links and drawings', () => {
    expect(copyAt(attempt, 50, 'new')).toMatchObject({ id: 'new', atSeconds: 50, endSeconds: 56, side: 'left' });
    const drawn: Mark = { ...error, drawing: [{ kind: 'label', at: [0.5, 0.5], text: 'x' }] };
    expect(copyAt(drawn, 50, 'new')).toMatchObject({ ledTo: [] });
    expect(copyAt(drawn, 50, 'new')).not.toHaveProperty('drawing');
  });
  it('go to the other athlete or the other side, where there is one', () => {
    expect(copyForOther(error, 'new')).toMatchObject({ athlete: 'b', atSeconds: 20, ledTo: [] });
    expect(copyForOther(note, 'new')).toBeUndefined();
    expect(
      copyForOther({ kind: 'position', id: 'p', atSeconds: 1, positionId: 'mount', holder: 'a' }, 'new'),
    ).toBeUndefined();
    expect(copyForOtherSide(attempt, 'new')).toMatchObject({ side: 'right', athlete: 'a' });
    expect(copyForOtherSide({ ...attempt, side: 'not-seen' }, 'new')).toBeUndefined();
    expect(copyForOtherSide(error, 'new')).toBeUndefined();
  });
});
