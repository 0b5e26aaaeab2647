import { describe, expect, it } from 'vitest';
import { conceptIdOf, type Mark, type RoundState } from '../round';
import { grips, isUnnamed, techniques } from '../vocabulary';
import { buildVocabularyIndex, type CallContext, draftFromChoice, readCall } from './index';

const index = buildVocabularyIndex();
const context = (state: RoundState = { kind: 'unmarked' }): CallContext => ({
  uniform: 'gi',
  state,
  calledBy: { a: ['ana'], b: ['marek'] },
  atSeconds: 30,
  roundStartSeconds: 0,
});
/** Kind, entry and whose it is. */
function told(text: string, around = context()): string {
  const { draft } = readCall(text, index, around);
  if (!draft) return '';
  const whose = draft.kind === 'position' ? draft.holder : 'athlete' in draft ? draft.athlete : undefined;
  return [draft.kind, conceptIdOf({ ...draft, id: 'x' } as Mark), whose].filter(Boolean).join(' ');
}

describe('small words around a name', () => {
  it.each([
    ['ana has an underhook', 'grip underhook a'],
    ['marek has the crossface', 'grip crossface b'],
    ['again standing', 'position standing-neutral'],
    ['ana mount again', 'position mount a'],
    ['ana goes side control instead', 'position side-control a'],
    ['ana steps over, north south', 'position north-south a'],
    ['marek head and arm choke', 'attempt arm-triangle b'],
    ['ana upa escape', 'attempt bridge-and-roll a'],
    ['ana strong crossface', 'grip crossface a'],
    ['marek front headlock right off it', 'position front-headlock b'],
    ['ana goes berimbolo, back', 'attempt berimbolo a'],
    ['marek then guillotine off the post', 'attempt guillotine b'],
    ['marek finished the arm triangle from mount', 'attempt arm-triangle b'],
    ['kimura was right there', 'chance kimura a'],
    ['marek pulls half', 'attempt unnamed-pull b'],
  ])('change nothing: “%s”', (text, meant) => expect(told(text)).toBe(meant));

  it('name nothing alone', () => {
    for (const text of ['it', 'ana is', 'marek it', 'with the']) expect(told(text), text).toBe('note');
  });
  it('are no initials: “it” is no inside tie, “it” with a tie is one', () => {
    expect(told('ana breaks it')).not.toContain('inside-tie');
    expect(told('ana inside tie')).toBe('grip inside-tie a');
  });
  it('a word of the mat is no slip of another one', () => {
    expect(told('good calm from ana here')).not.toContain('calf');
  });
});

describe('a side', () => {
  const named = [...grips, ...techniques.filter(({ id }) => !isUnnamed(id))].map(({ id, name }) => ({ id, name }));
  it.each([
    ['before the name', (name: string) => `marek left ${name}`],
    ['behind the name', (name: string) => `marek ${name} left`],
    ['behind small words', (name: string) => `marek ${name} on the left side`],
  ] as const)('%s is understood with every grip and technique', (_, call) => {
    const misread = named.filter(({ id, name }) => {
      const { draft } = readCall(call(name), index, context());
      const read = draft && conceptIdOf({ ...draft, id: 'x' } as Mark);
      return !(
        read === id &&
        draft &&
        'side' in draft &&
        draft.side === 'left' &&
        'athlete' in draft &&
        draft.athlete === 'b'
      );
    });
    expect(misread.map(({ name }) => name)).toEqual([]);
  });
  it('is no part of an arm or a leg that is told of, and no verb', () => {
    expect(readCall('marek armbar right arm', index, context()).draft).toMatchObject({ side: 'right' });
    expect(readCall('ana left her elbow out', index, context()).draft).not.toHaveProperty('side', 'left');
  });
});

describe('praise', () => {
  it.each([
    ['nice arm triangle ana', 'attempt arm-triangle a'],
    ['great knee slice marek', 'attempt knee-slice b'],
    ['good underhook ana', 'strength good-underhook-won a'],
  ])('of a technique is that technique, praised: “%s”', (text, meant) => expect(told(text)).toBe(meant));
});

describe('who writes of “me”', () => {
  it.each([
    ['he tips me over', 'attempt unnamed-sweep b'],
    ['spider guard on me', 'position spider-guard b'],
    ['he was on my back', 'position back-control b'],
    ['i sweep him', 'attempt unnamed-sweep a'],
    ['my elbow is out', 'error err-elbows-open a'],
  ])('means the other one by “he”: “%s”', (text, meant) => expect(told(text)).toBe(meant));

  it('is the one who taps', () => {
    const { draft } = readCall('darce, i tap', index, context());
    expect(draft).toMatchObject({ kind: 'attempt', techniqueId: 'darce-choke', athlete: 'b', end: 'finished' });
  });
  it('may be the other athlete of the round', () => {
    expect(told('he tips me over', { ...context(), speaks: 'b' })).toBe('attempt unnamed-sweep a');
  });
  it('is understood in a choice, too', () => {
    const text = 'he tips me over';
    const { conceptWords } = readCall(text, index, context());
    const [concept] = [...index.concepts.values()].filter(({ id }) => id === 'butterfly-sweep');
    const made = concept && draftFromChoice(text, conceptWords, concept, context());
    expect(made).toMatchObject({ kind: 'attempt', techniqueId: 'butterfly-sweep', athlete: 'b' });
  });
  it('keeps the words as they were written', () => {
    expect(readCall('he does something to me', index, context()).draft).toEqual({
      kind: 'note',
      atSeconds: 30,
      note: 'he does something to me',
    });
  });
});

describe('what is done', () => {
  const guard = { kind: 'position', positionId: 'closed-guard', holder: 'a' } as const;
  it.each([
    ['marek stuck in half guard', guard, 'position half-guard b'],
    ['marek stands up', guard, 'position closed-guard-standing b'],
    ['ana stands up', guard, 'attempt technical-stand-up a'],
    ['ana gets up', { kind: 'position', positionId: 'turtle', holder: 'a' } as const, 'attempt turtle-stand-up a'],
  ])('is called by where from: “%s”', (text, state, meant) => expect(told(text, context(state))).toBe(meant));

  it.each([
    ['marek tips ana over', 'attempt unnamed-sweep b'],
    ['marek tips over', 'error err-kob-tips-forward b'],
    ['marek turns away from ana', 'error err-turns-away b'],
    ['ana spins behind', 'attempt unnamed-back-take a'],
  ])('to somebody or to oneself: “%s”', (text, meant) => expect(told(text)).toBe(meant));
});

describe('points', () => {
  it.each(['ana scores 2', 'two points ana', '2 for ana'])('are given in few words: “%s”', (text) =>
    expect(readCall(text, index, context()).draft).toMatchObject({ kind: 'ruling', athlete: 'a', points: 2 }),
  );
  it('are not what is scored against nobody', () => expect(told('scores 2')).toBe('note'));
});

describe('a stop', () => {
  it.each(['restart', 'restart from standing', 'reset in the middle', 'short break', 'drink break', 'water break 30'])(
    'is called in few words: “%s”',
    (text) => expect(told(text)).toBe('stoppage'),
  );
  it('keeps its reason and its length', () => {
    expect(readCall('water break 30', index, context()).draft).toMatchObject({ reason: 'drink', endSeconds: 60 });
  });
  it.each(['ana breaks the grip', 'marek breaks down'])('is no break of something: “%s”', (text) =>
    expect(told(text)).not.toBe('stoppage'),
  );
});
