import { describe, expect, it } from 'vitest';
import type { Mark } from '../round';
import { buildVocabularyIndex, type CallContext, phraseMark, readCall } from './index';

/** What a call may say beyond what, whose and how far. The calls are the makers' own. */
const calls: readonly (readonly [text: string, fields: Readonly<Record<string, unknown>>])[] = [
  ['ana armbar at the wall', { kind: 'attempt', techniqueId: 'armbar', amid: ['wall'] }],
  ['marek knee slice finished while tired', { techniqueId: 'knee-slice', stage: 'finished', amid: ['tired'] }],
  ['marek knee slice after a reset at the edge', { techniqueId: 'knee-slice', amid: ['reset', 'edge'] }],
  ['ana triangle finished by luck', { techniqueId: 'triangle', stage: 'finished', came: 'luck' }],
  ['ana triangle finished as a gift', { techniqueId: 'triangle', came: 'gift' }],
  ['ana triangle light tap', { techniqueId: 'triangle', stage: 'finished', tapCause: 'courtesy' }],
  ['ana underhook not got', { kind: 'grip', gripId: 'underhook', outcome: 'missed' }],
  ['ana missed underhook', { kind: 'chance', techniqueId: 'underhook' }],
  ['ana missed back control', { kind: 'chance', techniqueId: 'back-control' }],
  ['ana closed guard posture broken', { kind: 'position', positionId: 'closed-guard', held: { posture: 'broken' } }],
  ['marek mount high', { positionId: 'mount', held: { height: 'high' } }],
  ['marek side control left head outside', { positionId: 'side-control', held: { side: 'left', head: 'outside' } }],
  ['ana elbows flared left on the elbow', { kind: 'error', errorId: 'err-elbows-open', side: 'left', part: 'elbow' }],
  ['good frame inside left', { kind: 'strength', strengthId: 'good-frame-inside', side: 'left' }],
  ['scissor sweep or pendulum sweep', { techniqueId: 'scissor-sweep', orElse: 'pendulum-sweep' }],
  ['stop 30 blood', { kind: 'stoppage', reason: 'blood' }],
  ['stop another pair', { kind: 'stoppage', reason: 'another pair', endSeconds: 110 }],
  ['stop 8 for his belt', { kind: 'stoppage', reason: 'kit', note: 'his belt' }],
  ['ana 2 points', { kind: 'ruling', athlete: 'a', ruling: 'points', points: 2 }],
  ['two points for marek', { kind: 'ruling', athlete: 'b', ruling: 'points', points: 2 }],
  ['4 points ana for the mount', { kind: 'ruling', athlete: 'a', points: 4, note: 'mount' }],
  ['hazard neck loaded', { kind: 'hazard', hazard: 'neck loaded' }],
  ['danger, marek cranks it', { kind: 'hazard', hazard: 'cranked', athlete: 'b', note: 'cranks it' }],
  ['the wall is too close', { kind: 'hazard', hazard: 'wall or floor' }],
];

const context: CallContext = {
  uniform: 'gi',
  state: { kind: 'position', positionId: 'half-guard', holder: 'b' },
  calledBy: { a: ['ana', 'white'], b: ['marek', 'blue'] },
  atSeconds: 100,
  roundStartSeconds: 10,
};
const index = buildVocabularyIndex();
const read = (text: string) => readCall(text, index, context).draft;
const told = (draft: object | undefined) =>
  Object.fromEntries(Object.entries(draft ?? {}).filter(([, value]) => value !== undefined));

describe('what a call may say besides', () => {
  it.each(calls)('%s', (text, fields) => expect(told(read(text))).toMatchObject(fields));

  it.each(calls)('%s: the words of its mark give the same mark', (text) => {
    const draft = read(text);
    const phrase = phraseMark({ ...draft, id: 'x' } as Mark, { a: 'ana', b: 'marek' });
    expect(told(read(phrase)), phrase).toEqual(told(draft));
  });

  it('leaves "or" alone where it joins no two names', () => {
    expect(read('ana armbar or something')).not.toHaveProperty('orElse');
    expect(read('ana armbar or armbar')).not.toHaveProperty('orElse');
  });
  it('takes no points and no hazard from what says something else', () => {
    expect(read('ana two on one')?.kind).not.toBe('ruling');
    expect(read('marek behind by 2 points')?.kind).not.toBe('ruling');
    expect(read('ana pushes off the wall')?.kind).not.toBe('hazard');
  });
});
