import { expect, it } from 'vitest';
import { newcomerSentences } from '../../../tests/language/newcomer';
import { parseClock } from '../clock';
import { findIntervalAt, type Mark, type RoundState, readRound } from '../round';
import { buildVocabularyIndex, phraseMark, readCall } from './index';

const span = { startSeconds: 0, endSeconds: 360 };
const index = buildVocabularyIndex();

/** Each sentence as it is read while the marks before it lie in the ledger, as on the page. */
function readAll() {
  const marks: Mark[] = [];
  return newcomerSentences
    .trim()
    .split('\n')
    .map((line, at) => {
      const [, time = '', text = '', meant = ''] = /^(\d:\d\d) (.+) > (.+)$/.exec(line) ?? [];
      const stateAt = (seconds: number): RoundState =>
        findIntervalAt(readRound(span, marks), seconds)?.state ?? { kind: 'unmarked' };
      const reading = readCall(`at ${time} ${text}`, index, {
        uniform: 'no-gi',
        state: { kind: 'unmarked' },
        stateAt,
        calledBy: { a: ['felix'], b: ['bruno'] },
        atSeconds: 0,
        roundStartSeconds: 0,
        marks,
      });
      const mark = { ...reading.draft, id: `m${at}` } as Mark;
      marks.push(mark);
      expect(mark.atSeconds).toBe(parseClock(time));
      const asked = meant === '~' && reading.doubtful;
      const read = mark.kind === 'note' || asked ? '~' : phraseMark(mark, { a: 'felix', b: 'bruno' });
      return { text, meant, read };
    });
}

it('a newcomer’s fifty sentences are read as they were meant, nine in ten of them', () => {
  const read = readAll();
  const wrong = read.filter((one) => one.read !== one.meant);
  const told = wrong.map((one) => `${one.text} > ${one.read}`).join('\n');
  console.info(`a newcomer’s sentences: ${read.length - wrong.length} of ${read.length} read as meant\n${told}`);
  expect(read.length).toBe(50);
  expect(wrong.length, told).toBeLessThanOrEqual(5);
});
