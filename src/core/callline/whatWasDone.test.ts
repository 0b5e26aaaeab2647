import { describe, expect, it } from 'vitest';
import { type AttemptMark, conceptIdOf, type Mark, type RoundState } from '../round';
import { buildVocabularyIndex, type CallContext, readCall } from './index';

const index = buildVocabularyIndex();
const at = (positionId: string, holder: 'a' | 'b'): RoundState => ({ kind: 'position', positionId, holder });
const context = (state: RoundState = { kind: 'unmarked' }, marks: readonly Mark[] = []): CallContext => ({
  uniform: 'gi',
  state,
  calledBy: { a: ['ana'], b: ['marek'] },
  atSeconds: 30,
  roundStartSeconds: 0,
  marks,
});
const attempt = (techniqueId: string, athlete: 'a' | 'b', atSeconds = 22): AttemptMark => ({
  ...{ id: `${techniqueId} ${atSeconds}`, kind: 'attempt', atSeconds, techniqueId, athlete, stage: 'entry' },
});
/** Kind, entry, whose it is and how it ended. */
function told(text: string, around = context()): string {
  const { draft } = readCall(text, index, around);
  if (!draft) return '';
  const whose = draft.kind === 'position' ? draft.holder : 'athlete' in draft ? draft.athlete : undefined;
  const end = 'end' in draft ? draft.end : undefined;
  return [draft.kind, conceptIdOf({ ...draft, id: 'x' } as Mark), whose, end].filter(Boolean).join(' ');
}

describe('a move', () => {
  it.each([
    ['ana postures out', 'attempt triangle-posture-escape a finished'],
    ['marek rolls back to guard', 'attempt roll-to-guard-from-turtle b finished'],
    ['ana bridges him over', 'attempt bridge-and-roll a finished'],
    ['marek snaps her down', 'attempt snap-down b finished'],
    ['ana smash to mount', 'attempt unnamed-pass a finished'],
  ])('that a verb tells as done is done: “%s”', (text, meant) => expect(told(text)).toBe(meant));

  it.each([
    ['ana shoots a double leg', 'attempt double-leg a'],
    ['marek bridges', 'attempt bridge-and-roll b'],
    ['ana knee slice', 'attempt knee-slice a'],
  ])('that is begun or only named is not: “%s”', (text, meant) => expect(told(text)).toBe(meant));

  it.each([
    ['ana outside trip, they go down in half', 'attempt outside-trip a finished'],
    ['marek toreando, side control', 'attempt toreando b finished'],
    ['ana single leg to the outside, dumped him', 'attempt single-leg a finished'],
  ])('is done where the next clause says so: “%s”', (text, meant) => expect(told(text)).toBe(meant));

  it.each([
    ['marek armbar, mount', 'attempt armbar b'],
    ['ana knee slice, half guard', 'attempt knee-slice a'],
  ])('is not done where the clause only says where: “%s”', (text, meant) => expect(told(text)).toBe(meant));

  it('has its remark behind it, from where or by what it came', () => {
    expect(told('ana kimura from the bump')).toBe('attempt kimura a');
    expect(told('marek kimura on the posted arm')).toBe('attempt kimura b');
    expect(told('ana finishes the double by turning the corner')).toBe('attempt double-leg a finished');
  });
});

/* A sweep starts from guard or half guard: rule books of the main federations. */
describe('somebody who is dumped', () => {
  it('was swept from a guard, and taken down anywhere else', () => {
    expect(told('ana dumps him', context(at('closed-guard', 'a')))).toBe('attempt unnamed-sweep a finished');
    expect(told('ana dumps him', context(at('standing-clinch', 'a')))).toBe('attempt unnamed-takedown a finished');
  });
});

describe('a position', () => {
  it.each([
    ['marek locks a body triangle on the right', 'position body-triangle-back b'],
    ['ana on her elbows and knees', 'position turtle b'],
    ["marek on top now in ana's half", 'position half-guard b'],
    ['marek on top in guard', 'position closed-guard a'],
  ])('is told by who holds it and whose it is: “%s”', (text, meant) => expect(told(text)).toBe(meant));

  it('is that of the one whose move leads there, called right after it', () => {
    const back = at('body-triangle-back', 'b');
    expect(told('saddle', context(back, [attempt('saddle-entry', 'a')]))).toBe('position saddle a');
    expect(told('saddle', context(back, [attempt('saddle-entry', 'a', 5)]))).toBe('position saddle b');
    const escaped = { ...attempt('saddle-entry', 'a'), end: 'escaped' } as const;
    expect(told('saddle', context(back, [escaped]))).toBe('position saddle b');
  });
});

describe('“the same again”', () => {
  const before = [attempt('lasso-sweep', 'a', 10), attempt('toreando', 'b', 15)];
  it.each([
    ['ana same sweep', 'attempt lasso-sweep a'],
    ['marek same pass again', 'attempt toreando b'],
    ['ana second time the same thing', 'attempt lasso-sweep a'],
  ])('is the last one of that class: “%s”', (text, meant) =>
    expect(told(text, context(undefined, before))).toBe(meant),
  );
  it.each(['ana same sweep', 'ana same sweep again', 'ana sweep again'])(
    'is only its class where none was named: “%s”',
    (text) => expect(told(text)).toBe('attempt unnamed-sweep a'),
  );
});

describe('whose', () => {
  it.each([
    ['got up on my elbow', ' a'],
    ['he is on my back', 'position back-control b'],
    ['marek is on my back', 'position back-control b'],
  ])('“my” is one’s own unless another one does it: “%s”', (text, meant) => expect(told(text)).toContain(meant));
  it('a tap is, however it is given', () => {
    const around = context(undefined, [attempt('armbar', 'a')]);
    for (const text of ['marek taps', 'marek taps with his foot', 'marek has to tap'])
      expect(told(text, around), text).toBe('attempt armbar a finished');
  });
});

describe('before a comma', () => {
  it('a stop is one, and the time is over', () => {
    expect(told('restart, shake hands')).toBe('stoppage');
    expect(readCall('time, ana down by two', index, context())).toMatchObject({ endsRound: true });
  });
});
