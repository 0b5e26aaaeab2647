import { describe, expect, it } from 'vitest';
import type { Mark } from '../round';
import { belts, errors, grips, positions, strengths, techniques, type Uniform } from '../vocabulary';
import {
  buildVocabularyIndex,
  type CallContext,
  draftFromChoice,
  holderOf,
  listNextCalls,
  matchConcepts,
  noHabits,
  phraseMark,
  readCall,
} from './index';

const index = buildVocabularyIndex();
const names = { a: 'ana', b: 'marek' };
const contextOf = (
  uniform: Uniform = 'gi',
  state: CallContext['state'] = { kind: 'position', positionId: 'half-guard', holder: 'a' },
): CallContext => ({
  uniform,
  state,
  calledBy: { a: ['ana', 'velden', 'white'], b: ['marek', 'osei', 'blue'] },
  atSeconds: 50,
  roundStartSeconds: 10,
});
const read = (text: string, context = contextOf()) => readCall(text, index, context);
const clean = (mark: object) => Object.fromEntries(Object.entries(mark).filter(([, value]) => value !== undefined));

describe('the call line reads what a coach would say', () => {
  const cases: [string, object][] = [
    [
      'ana passes knee slice',
      { kind: 'attempt', techniqueId: 'knee-slice', athlete: 'a', stage: 'finished', end: 'finished' },
    ],
    [
      'b grips cross sleeve left',
      { kind: 'grip', gripId: 'cross-sleeve-grip', athlete: 'b', side: 'left', outcome: 'got' },
    ],
    ['a triangle locked', { kind: 'attempt', techniqueId: 'triangle', athlete: 'a', stage: 'locked' }],
    ['b elbows flared punished', { kind: 'error', errorId: 'err-elbows-open', athlete: 'b', punished: 'yes' }],
    ['marek half guard', { kind: 'position', positionId: 'half-guard', holder: 'a' }],
    ['ana top half guard', { kind: 'position', positionId: 'half-guard', holder: 'a' }],
    ['ana mount', { kind: 'position', positionId: 'mount', holder: 'a' }],
    ['ana bottom mount', { kind: 'position', positionId: 'mount', holder: 'b' }],
    ['b back control', { kind: 'position', positionId: 'back-control', holder: 'b' }],
    [
      'blue armbar locked escaped',
      { kind: 'attempt', techniqueId: 'armbar', athlete: 'b', stage: 'locked', end: 'escaped' },
    ],
    ['good frame inside', { kind: 'strength', strengthId: 'good-frame-inside', athlete: 'b' }],
    ['stop 12', { kind: 'stoppage', endSeconds: 62 }],
    ['ana advantage', { kind: 'ruling', athlete: 'a', ruling: 'advantage' }],
    ['marek penalty', { kind: 'ruling', athlete: 'b', ruling: 'penalty' }],
    [
      'board 4 2',
      {
        kind: 'board',
        score: {
          a: { points: 4, advantages: 0, penalties: 0 },
          b: { points: 2, advantages: 0, penalties: 0 },
        },
      },
    ],
    ['off camera 12', { kind: 'stoppage', endSeconds: 62, offCamera: true }],
    ['out of picture', { kind: 'stoppage', endSeconds: 60, offCamera: true }],
    [
      'a rnc taps by injury',
      { kind: 'attempt', techniqueId: 'rear-naked-choke', stage: 'finished', end: 'finished', tapCause: 'injury' },
    ],
    [
      'ana half guard pass with crossface finished',
      { kind: 'attempt', techniqueId: 'crossface-half-pass', stage: 'finished' },
    ],
    ['flat in half guard', { kind: 'error', errorId: 'err-half-flat', athlete: 'b' }],
    ['standing', { kind: 'position', positionId: 'standing-neutral' }],
  ];
  it.each(cases)('%s', (text, expected) => {
    expect(read(text)).toMatchObject({ understood: true, draft: expected });
  });

  it('shifts times and keeps a remark after a dash', () => {
    expect(read('3 back ana mount').draft).toMatchObject({ atSeconds: 47, kind: 'position' });
    expect(read('at 2:41 ana mount').draft).toMatchObject({ atSeconds: 171 });
    expect(read('ana mount - knees were wide').draft).toMatchObject({ kind: 'position', note: 'knees were wide' });
  });

  it('forgives a slip of the keyboard', () => {
    expect(read('ana kimra').draft).toMatchObject({ techniqueId: 'kimura' });
    expect(read('ana sidecontrol').choices.map((one) => one.concept.id)).toBeDefined();
    expect(read('ana butterfly sweap').draft).toMatchObject({ techniqueId: 'butterfly-sweep' });
  });

  it('understands what newcomers write first', () => {
    const state = { kind: 'position' as const, positionId: 'half-guard', holder: 'a' as const };
    const inHalf = (text: string) => read(text, { ...contextOf('gi'), state }).draft;
    expect(inHalf('ana americana attempt')).toMatchObject({
      kind: 'attempt',
      techniqueId: 'americana',
      stage: 'entry',
    });
    expect(inHalf('ana rear naked choke almost')).toMatchObject({ techniqueId: 'rear-naked-choke', stage: 'control' });
    expect(inHalf('marek goes to mount')).toMatchObject({ kind: 'position', positionId: 'mount', holder: 'b' });
    expect(inHalf('marek on top')).toMatchObject({ kind: 'position', positionId: 'half-guard', holder: 'b' });
    expect(inHalf('marek is on the bottom')).toMatchObject({ positionId: 'half-guard', holder: 'a' });
    expect(inHalf('good frame inside from marek')).toMatchObject({ kind: 'strength', athlete: 'b' });
    expect(inHalf('referee stops')).toMatchObject({ kind: 'stoppage' });
    expect(inHalf('time')).toMatchObject({ kind: 'note', note: 'time' });
    for (const words of ['time', 'time is up', 'Time!', 'bell']) expect(read(words).endsRound).toBe(true);
    for (const words of ['time out', 'good time', 'ana half guard']) expect(read(words).endsRound).toBeUndefined();
  });
  it('keeps as a note what it cannot read, and loses nothing', () => {
    for (const text of ['blah di blah', '🦉🦉', 'שלום עולם', '<script>alert(1)</script>', `${'x'.repeat(5000)}`]) {
      expect(read(text)).toMatchObject({ understood: false, draft: { kind: 'note', note: text } });
    }
    expect(read('   ').draft).toBeUndefined();
    expect(read('note constructor toString').draft).toMatchObject({ kind: 'note', note: 'constructor toString' });
    expect(read('constructor').draft?.kind).toBe('note');
  });
});

describe('every concept', () => {
  const marks: object[] = [
    ...positions.flatMap((one) => {
      const holders = [...new Set([holderOf(one.id, 'a', 'over'), holderOf(one.id, 'b', 'over')])];
      return holders.map((holder) => ({ kind: 'position', positionId: one.id, holder }));
    }),
    ...grips.flatMap((one) => [
      { kind: 'grip', gripId: one.id, athlete: 'b', side: 'left', outcome: 'broken' },
      { kind: 'grip', gripId: one.id, athlete: 'a', outcome: 'got', side: 'not-seen' },
    ]),
    ...techniques.flatMap((one) => [
      { kind: 'attempt', techniqueId: one.id, athlete: 'b', stage: 'locked', end: 'escaped' },
      { kind: 'attempt', techniqueId: one.id, athlete: 'a', stage: 'finished', end: 'finished' },
    ]),
    ...errors.map((one) => ({ kind: 'error', errorId: one.id, athlete: 'b', punished: 'partly', ledTo: [] })),
    ...strengths.map((one) => ({ kind: 'strength', strengthId: one.id, athlete: 'b' })),
    ...belts.map((belt) => ({
      kind: 'error',
      errorId: errors[0]!.id,
      athlete: 'a',
      punished: 'no',
      punishedFrom: belt,
      ledTo: [],
    })),
    { kind: 'error', errorId: errors[0]!.id, athlete: 'a', verdict: 'agreed', ledTo: [] },
    { kind: 'measure', endSeconds: 51.4 },
    { kind: 'measure', endSeconds: 50.85, athlete: 'b' },
    { kind: 'turn', athlete: 'a', from: 'back' },
    { kind: 'turn', athlete: 'b', from: 'arm', end: 'ran-out' },
    { kind: 'turn', athlete: 'a', from: 'back', end: 'escaped', clockSeconds: 100.6, officialSeconds: 19 },
    { kind: 'turn', athlete: 'b', from: 'back', end: 'tapped', officialTotals: { a: 83, b: 74.5 } },
  ];

  it('reads back as itself from its own phrase', () => {
    const wrong: string[] = [];
    for (const mark of marks) {
      const id = Object.values(mark)[1] as string;
      const uniform =
        [...positions, ...grips, ...techniques].find((one) => one.id === id)?.uniform === 'no-gi' ? 'no-gi' : 'gi';
      const text = phraseMark({ ...mark, id: 'x', atSeconds: 50 } as Mark, names);
      const draft = read(text, contextOf(uniform)).draft;
      try {
        expect(clean(draft ?? {})).toEqual(clean({ ...mark, atSeconds: 50 }));
      } catch {
        wrong.push(text);
      }
    }
    expect(wrong).toEqual([]);
  });
});

describe('choices', () => {
  it('offer what the words may mean, and make the mark that is chosen', () => {
    const { choices, conceptWords } = read('marek guard left');
    expect(choices.length).toBeGreaterThan(2);
    const grip = choices.find((one) => one.concept.kind === 'position')!;
    expect(draftFromChoice('marek guard left', conceptWords, grip.concept, contextOf())).toMatchObject({
      kind: 'position',
    });
  });

  it('lean to what fits the position and the uniform', () => {
    const first = (words: string[], uniform: Uniform, positionId: string) =>
      matchConcepts(words, index, { uniform, positionId })[0]?.concept.id;
    expect(first(['spider'], 'gi', 'open-guard')).toBe('spider-guard');
    expect(matchConcepts(['spider', 'guard'], index, { uniform: 'no-gi' })[0]!.confidence).toBeLessThan(
      matchConcepts(['spider', 'guard'], index, { uniform: 'gi' })[0]!.confidence,
    );
  });
});

describe('likely next calls', () => {
  it('follow the position graph, and name who acts', () => {
    const calls = listNextCalls(
      noHabits,
      { state: { kind: 'position', positionId: 'half-guard', holder: 'b' } },
      'gi',
      names,
    );
    expect(calls.length).toBe(5);
    expect(calls.find((one) => one.conceptId === 'crossface-half-pass')).toMatchObject({
      athlete: 'b',
      text: expect.stringContaining('marek'),
    });
    expect(calls.find((one) => one.conceptId === 'half-guard-underhook-sweep')).toMatchObject({ athlete: 'a' });
    expect(listNextCalls(noHabits, { state: { kind: 'unmarked' } }, 'no-gi', names)[0]).toMatchObject({
      conceptId: 'standing-neutral',
    });
  });

  it('can be read back as calls', () => {
    for (const position of positions) {
      for (const call of listNextCalls(
        noHabits,
        { state: { kind: 'position', positionId: position.id, holder: 'a' } },
        'no-gi',
        names,
      )) {
        const reading = read(call.text, contextOf('no-gi', { kind: 'position', positionId: position.id, holder: 'a' }));
        expect(reading.understood, call.text).toBe(true);
      }
    }
  });
});
