import { describe, expect, it } from 'vitest';
import type { Mark } from '../round';
import type { MarkDraft } from './index';
import { buildVocabularyIndex, phraseMark, readCall } from './index';

// Two calls that differ in one small thing must differ in that and in nothing else: who, not, should have, almost, left, from and to, is and does.
const index = buildVocabularyIndex();
const read = (text: string): Readonly<Record<string, unknown>> => {
  const { draft } = readCall(text, index, {
    uniform: 'gi',
    state: { kind: 'position', positionId: 'half-guard', holder: 'b' },
    calledBy: { a: ['ana'], b: ['marek'] },
    atSeconds: 60,
    roundStartSeconds: 0,
  });
  return (draft ?? {}) as MarkDraft & Readonly<Record<string, unknown>>;
};

type Pair = readonly [one: string, other: string, saysOne: object, saysOther: object];

const submissions = [
  ['armbar', 'armbar'],
  ['triangle', 'triangle'],
  ['kimura', 'kimura'],
  ['guillotine', 'guillotine'],
  ['toe hold', 'toe-hold'],
  ['knee bar', 'knee-bar'],
  ['americana', 'americana'],
  ['arm triangle', 'arm-triangle'],
  ['omoplata', 'omoplata'],
  ['ezekiel', 'ezekiel-choke'],
] as const;
const movements = [
  ['knee slice', 'knee-slice'],
  ['scissor sweep', 'scissor-sweep'],
  ['double leg', 'double-leg'],
  ['arm drag', 'arm-drag'],
  ['hip bump sweep', 'hip-bump-sweep'],
  ['stack pass', 'stack-pass'],
  ['single leg', 'single-leg'],
  ['leg drag', 'leg-drag'],
] as const;
const grips = [
  ['underhook', 'underhook'],
  ['overhook', 'overhook'],
  ['crossface', 'crossface'],
  ['collar tie', 'collar-tie'],
  ['two on one', 'two-on-one'],
] as const;
const moves = [...submissions, ...movements];

const pairs: readonly Pair[] = [
  ...moves.map(
    ([name, techniqueId]): Pair => [
      `ana ${name}`,
      `marek ${name}`,
      { kind: 'attempt', techniqueId, athlete: 'a' },
      { kind: 'attempt', techniqueId, athlete: 'b' },
    ],
  ),
  ...moves.map(
    ([name, techniqueId]): Pair => [
      `ana ${name}`,
      `ana missed ${name}`,
      { kind: 'attempt', techniqueId },
      { kind: 'chance', techniqueId, athlete: 'a' },
    ],
  ),
  ...moves.map(
    ([name, techniqueId]): Pair => [
      `ana ${name} finished`,
      `ana should have ${name}`,
      { kind: 'attempt', techniqueId, end: 'finished' },
      { kind: 'chance', techniqueId },
    ],
  ),
  ...moves.map(
    ([name, techniqueId]): Pair => [
      `ana ${name}`,
      `ana almost ${name}`,
      { techniqueId, stage: 'entry' },
      { techniqueId, stage: 'control' },
    ],
  ),
  ...submissions.map(
    ([name, techniqueId]): Pair => [
      `ana ${name} left`,
      `ana ${name} right`,
      { techniqueId, side: 'left' },
      { techniqueId, side: 'right' },
    ],
  ),
  ...submissions.map(
    ([name, techniqueId]): Pair => [
      `ana ${name}, tap`,
      `ana ${name}, time`,
      { techniqueId, end: 'finished' },
      { techniqueId, end: 'interrupted' },
    ],
  ),
  ...submissions.map(
    ([name, techniqueId]): Pair => [
      `ana ${name}`,
      `ana escapes the ${name}`,
      { techniqueId, athlete: 'a' },
      { techniqueId, athlete: 'b', end: 'escaped' },
    ],
  ),
  ...movements.map(
    ([name, techniqueId]): Pair => [
      `ana ${name}, works`,
      `ana ${name}, bails`,
      { techniqueId, end: 'finished' },
      { techniqueId, end: 'abandoned' },
    ],
  ),
  ...movements.map(
    ([name, techniqueId]): Pair => [
      `ana hits the ${name}`,
      `ana fakes the ${name}`,
      { techniqueId, end: 'finished' },
      { techniqueId, verdict: 'bait' },
    ],
  ),
  ...grips.map(
    ([name, gripId]): Pair => [
      `ana gets the ${name}`,
      `ana loses the ${name}`,
      { kind: 'grip', gripId, outcome: 'got' },
      { kind: 'grip', gripId, outcome: 'lost' },
    ],
  ),
  ...grips.map(
    ([name, gripId]): Pair => [
      `ana ${name}`,
      `${name} marek`,
      { kind: 'grip', gripId, athlete: 'a' },
      { kind: 'grip', gripId, athlete: 'b' },
    ],
  ),
  [
    'ana sweeps',
    'ana is swept',
    { techniqueId: 'unnamed-sweep', athlete: 'a' },
    { techniqueId: 'unnamed-sweep', athlete: 'b' },
  ],
  [
    'marek sweeps',
    'marek gets swept',
    { techniqueId: 'unnamed-sweep', athlete: 'b' },
    { techniqueId: 'unnamed-sweep', athlete: 'a' },
  ],
  [
    'ana passes',
    'ana gets passed',
    { techniqueId: 'unnamed-pass', athlete: 'a' },
    { techniqueId: 'unnamed-pass', athlete: 'b' },
  ],
  ['ana takes marek down', 'ana gets taken down', { athlete: 'a', end: 'finished' }, { athlete: 'b', end: 'finished' }],
  ['ana submits marek', 'ana gets submitted', { athlete: 'a', end: 'finished' }, { athlete: 'b', end: 'finished' }],
  ['ana taps', 'marek taps', { athlete: 'b', end: 'finished' }, { athlete: 'a', end: 'finished' }],
  ['ana mount', 'ana is mounted', { positionId: 'mount', holder: 'a' }, { positionId: 'mount', holder: 'b' }],
  ['ana mount', 'ana under mount', { positionId: 'mount', holder: 'a' }, { positionId: 'mount', holder: 'b' }],
  ['ana side control', 'ana under side control', { holder: 'a' }, { holder: 'b' }],
  ['ana flat', 'good: ana not flat', { kind: 'error' }, { kind: 'strength' }],
  ['ana no posture', 'ana good posture', { kind: 'error' }, { kind: 'strength' }],
  ['ana panics under pressure', 'ana does not panic', {}, { kind: 'strength' }],
  ['ana flat punished', 'ana flat not punished', { punished: 'yes' }, { punished: 'no' }],
  ['ana elbows wide punished', 'ana elbows wide partly punished', { punished: 'yes' }, { punished: 'partly' }],
  ['ana gives the underhook', 'ana gives the underhook on purpose', { kind: 'error' }, { verdict: 'concession' }],
  ['stop 10', 'off camera 10', { kind: 'stoppage' }, { kind: 'stoppage', offCamera: true }],
  ['ana advantage', 'ana penalty', { ruling: 'advantage' }, { ruling: 'penalty' }],
  ['ana turtle', 'marek turtle', { positionId: 'turtle', holder: 'b' }, { positionId: 'turtle', holder: 'a' }],
  ['ana pulls guard', 'marek pulls guard', { athlete: 'a' }, { athlete: 'b' }],
];

describe('two calls that differ in one small thing', () => {
  it('are at least 120 pairs', () => expect(pairs.length).toBeGreaterThanOrEqual(120));

  it.each(pairs)('“%s” and “%s”', (one, other, saysOne, saysOther) => {
    expect(read(one)).toMatchObject(saysOne);
    expect(read(other)).toMatchObject(saysOther);
  });
});

describe('what is kept in own words', () => {
  it.each(['ana wrong foot in front', 'good: marek nice timing on that one', 'marek hand too weak, punished'])(
    '“%s” reads back as itself from its own phrase',
    (text) => {
      const first = read(text);
      const again = read(phraseMark({ ...first, id: 'x' } as unknown as Mark, { a: 'ana', b: 'marek' }));
      expect(again).toEqual(first);
    },
  );
});
