import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { commandOf } from '@/ui/keys/keyEntry';
import { withEndAt, withLink, withNextPunishment, withNextStage } from './markEdits';
import { reviewKeys } from './reviewKeys';
import { markProblemText, markWords, tideWords } from './reviewView';

const names = { a: 'Ana', b: 'Marek' };
const key = (name: string, rest: object = {}) => ({
  key: name,
  shiftKey: false,
  ctrlKey: false,
  metaKey: false,
  ...rest,
});
const error: Mark = { kind: 'error', id: 'e', atSeconds: 20, errorId: 'err-half-flat', athlete: 'a', ledTo: [] };
const attempt: Mark = { kind: 'attempt', id: 't', atSeconds: 20, techniqueId: 'armbar', athlete: 'b', stage: 'locked' };

describe('keys', () => {
  it('each have one command, and each command a key that is shown', () => {
    const presses = [
      'Enter',
      '1',
      ' ',
      'ArrowLeft',
      'ArrowRight',
      'ArrowUp',
      'ArrowDown',
      '-',
      '+',
      'o',
      'e',
      'Delete',
      'p',
      's',
      't',
      'l',
      'z',
      '?',
      'Escape',
    ];
    for (const press of presses) expect(reviewKeys.filter((entry) => entry.matches(key(press))).length, press).toBe(1);
    expect(commandOf(reviewKeys, key('ArrowLeft', { shiftKey: true }))).toBe('jump-back');
    expect(commandOf(reviewKeys, key('z', { ctrlKey: true }))).toBe('undo');
    expect(commandOf(reviewKeys, key('Z', { shiftKey: true }))).toBe('redo');
    expect(commandOf(reviewKeys, key('§'))).toBeUndefined();
    expect(new Set(reviewKeys.map((entry) => entry.command)).size).toBe(reviewKeys.length);
  });
});

describe('editing with one key', () => {
  it('goes through the verdicts and back to none', () => {
    const seen: (string | undefined)[] = [];
    let mark: Mark = error;
    for (let press = 0; press < 5; press += 1) {
      mark = withNextPunishment(mark);
      seen.push(mark.kind === 'error' ? mark.punished : 'not an error');
    }
    expect(seen).toEqual(['yes', 'partly', 'no', 'spared', undefined]);
  });
  it('goes through the stages, and finishing ends the attempt', () => {
    const finished = withNextStage(attempt);
    expect(finished).toMatchObject({ stage: 'finished', end: 'finished' });
    expect(withNextStage(finished)).toMatchObject({ stage: 'entry', end: undefined });
    expect(withNextStage(error)).toBe(error);
  });
  it('ends nothing before its start, and links on and off', () => {
    expect(withEndAt(attempt, 10)).toBeUndefined();
    expect(withEndAt(attempt, 25)).toMatchObject({ endSeconds: 25 });
    expect(withLink(withLink(error, 'x'), 'x')).toMatchObject({ ledTo: [] });
  });
});

describe('words', () => {
  it('say who is on top, whichever way the position is held', () => {
    expect(
      markWords({ kind: 'position', id: 'p', atSeconds: 1, positionId: 'closed-guard', holder: 'a' }, names),
    ).toMatchObject({ who: 'Marek on top', athlete: 'b' });
    expect(
      markWords({ kind: 'position', id: 'p', atSeconds: 1, positionId: 'back-control', holder: 'a' }, names),
    ).toMatchObject({ who: 'Ana attacking' });
    expect(markWords(attempt, names)).toMatchObject({ who: 'Marek', how: 'locked' });
  });
  it('say what to do about a mark that cannot be stored', () => {
    expect(markProblemText({ code: 'note-too-long', characters: 10_000, most: 4000 })).toContain('10,000');
    expect(markProblemText({ code: 'anything else' })).toContain('did not take');
    expect(tideWords(3.2, names)).toBe('Ana far better placed');
    expect(tideWords(0, names)).toBe('level');
  });
});
