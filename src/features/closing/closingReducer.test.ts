import { describe, expect, it } from 'vitest';
import { closingInput } from '@/server/reviews/closingInput';
import { closingReducer, keysOf, ownPoint, type WorkPoint } from './closingReducer';

const point = (errorId: string): WorkPoint => ({
  errorId,
  title: errorId,
  text: '',
  cue: '',
  instead: '',
  branch: '',
  homework: '',
  homeworkDue: '',
  markIds: [],
});
const empty = { good: { text: '', markIds: [] }, points: [], questions: [], remark: '' };
const three = { ...empty, points: ['x', 'y', 'z'].map(point) };
const order = (content: { points: readonly WorkPoint[] }) => content.points.map((one) => one.errorId).join('');

describe('the review before it is signed', () => {
  it('is reordered, thinned out and filled again, with three things at most', () => {
    expect(order(closingReducer(three, { kind: 'move-point', at: 2, by: -1 }))).toBe('xzy');
    expect(order(closingReducer(three, { kind: 'move-point', at: 0, by: -1 }))).toBe('xyz');
    expect(order(closingReducer(three, { kind: 'move-point', at: 2, by: 1 }))).toBe('xyz');
    const two = closingReducer(three, { kind: 'drop-point', at: 1 });
    expect(order(two)).toBe('xz');
    expect(order(closingReducer(two, { kind: 'take-point', point: point('x') }))).toBe('xz');
    expect(order(closingReducer(two, { kind: 'take-point', point: point('q') }))).toBe('xzq');
    expect(order(closingReducer(three, { kind: 'take-point', point: point('q') }))).toBe('xyz');
  });
  it('takes several in own words, each under a name that stays while it is written', () => {
    const two = closingReducer(closingReducer(empty, { kind: 'take-point', point: ownPoint }), {
      kind: 'take-point',
      point: ownPoint,
    });
    const written = closingReducer(two, { kind: 'point', at: 0, patch: { title: 'breathe' } });
    expect(keysOf(two.points)).toEqual(keysOf(written.points));
    expect(keysOf([point('x'), ownPoint, { ...ownPoint, aboutId: 'armbar' }])).toEqual(['x', 'own 1', 'armbar']);
    expect(closingInput.safeParse(written).error?.issues[0]?.message).toBe('Say what it is about.');
  });
  it('keeps what is written in its place', () => {
    const written = closingReducer(three, { kind: 'point', at: 1, patch: { cue: 'elbow home' } });
    expect(written.points.map((one) => one.cue)).toEqual(['', 'elbow home', '']);
    const asked = closingReducer(closingReducer(empty, { kind: 'add-question' }), {
      kind: 'question',
      at: 0,
      text: 'why?',
    });
    expect(asked.questions).toEqual([{ text: 'why?', choices: [] }]);
    expect(closingReducer(asked, { kind: 'drop-question', at: 0 }).questions).toEqual([]);
    expect(closingReducer(empty, { kind: 'good', good: { text: 'calm' } }).good.text).toBe('calm');
  });
  it('is signed only when it says something, and with days that exist', () => {
    const problem = (content: object) => closingInput.safeParse({ ...empty, ...content }).error?.issues[0]?.message;
    expect(problem({})).toContain('nothing to sign');
    expect(problem({ remark: 'well fought' })).toBeUndefined();
    expect(problem({ points: [{ ...point('x'), homeworkDue: '2026-02-30' }] })).toContain('a day that exists');
    expect(problem({ points: ['a', 'b', 'c', 'd'].map(point) })).toContain('At most three');
    expect(problem({ remark: 'x'.repeat(2001) })).toContain('2000 characters');
  });
});
