import { describe, expect, it } from 'vitest';
import { callContextAt } from '../../../tests/support/callContext';
import { placeOfRole, roleIn } from '../round';
import { buildVocabularyIndex, type CallReading, readCall } from './index';

/**
 * Every verb with every technique, every preposition with every position, by the makers' own grammar: whether the sentences in which coaches tell things are
 * read for every entry, and not only for the ones in the examples.
 */
const index = buildVocabularyIndex();

const techniques: readonly (readonly [said: string, id: string, positionId: string, holder: 'a' | 'b' | undefined])[] =
  [
    ['scissor sweep', 'scissor-sweep', 'closed-guard', 'a'],
    ['hip bump sweep', 'hip-bump-sweep', 'closed-guard', 'a'],
    ['knee slice', 'knee-slice', 'half-guard', 'a'],
    ['armbar', 'armbar', 'mount', 'a'],
    ['triangle', 'triangle', 'closed-guard', 'a'],
    ['kimura', 'kimura', 'half-guard', 'b'],
    ['guillotine', 'guillotine', 'standing', undefined],
    ['double leg', 'double-leg', 'standing', undefined],
    ['rear naked choke', 'rear-naked-choke', 'back-control', 'a'],
    ['arm drag', 'arm-drag', 'standing', undefined],
    ['straight ankle lock', 'straight-ankle-lock', 'ashi-garami', 'a'],
    ['omoplata', 'omoplata', 'closed-guard', 'a'],
    ['americana', 'americana', 'mount', 'a'],
  ];
/** Always Ana's attempt, whoever is named. */
const attempts: Readonly<Record<string, readonly string[]>> = {
  'entry ': [
    'ana tries the X',
    'ana tried a X',
    'ana goes for the X',
    'ana went for a X',
    'ana is going for the X',
    'ana hunts the X',
    'ana wants a X',
    'ana works for the X',
    'ana is working on a X',
    'ana sets up the X',
    'ana threatens a X',
    'ana attacks with the X',
    'ana shoots a X',
    'ana dives on the X',
    'ana switches to the X',
    'ana follows up with a X',
    'ana throws up the X',
    'ana starts a X',
    'ana tries the X again',
    'second X by ana',
    'a quick X from ana',
    'i go for the X',
    'white goes for the X',
  ],
  'finished finished': [
    'ana hits the X',
    'ana hit a X',
    'ana lands the X',
    'ana finishes the X',
    'ana finishes with the X',
    'ana completes the X',
    'ana pulls off a X',
    'ana gets him with the X',
    'ana hits the X on marek',
    'X finished by ana',
    'ana X finished',
    'marek gets hit with a X',
  ],
  'locked ': ['ana locks the X', 'ana locks up the X', 'ana has the X locked', 'ana X locked in', 'ana X is deep'],
  'control ': [
    'ana almost gets the X',
    'ana nearly finishes the X',
    'ana comes close to the X',
    'marek is stuck in the X',
  ],
  'entry abandoned': [
    'ana gives up on the X',
    'ana lets go of the X',
    'ana abandons the X',
    'ana fails to finish the X',
    'ana cannot finish the X',
    'ana X fails',
  ],
  'entry escaped': [
    'marek defends the X',
    'marek escapes the X',
    'marek stuffs the X',
    'marek blocks the X',
    'marek slips out of the X',
    'marek shuts down the X',
    'ana X blocked by marek',
    'ana X stuffed',
    'ana tries the X but marek defends',
  ],
};

const positions: readonly (readonly [said: string, id: string, ana: 'over' | 'under'])[] = [
  ['mount', 'mount', 'over'],
  ['side control', 'side-control', 'over'],
  ['knee on belly', 'knee-on-belly', 'over'],
  ['north south', 'north-south', 'over'],
  ['closed guard', 'closed-guard', 'under'],
  ['half guard', 'half-guard', 'under'],
  ['butterfly guard', 'butterfly-guard', 'under'],
  ['spider guard', 'spider-guard', 'under'],
  ['single leg x', 'single-leg-x-guard', 'under'],
  ['deep half', 'deep-half-guard', 'under'],
];
const anywhere = [
  'ana X',
  'X ana',
  'ana in X',
  'ana is in X',
  'ana has X',
  'ana settles in X',
  'ana keeps X',
  'ana stays in X',
  'ana back in X',
  'ana lands in X',
  'ana ends up in X',
  'ana secures X',
  'ana works from X',
  'ana X again',
  'i am in X',
];
const pins = ['marek under X', 'marek is stuck under X', 'ana on top in X', 'marek is stuck in X'];
const guards = [
  'ana from the bottom in X',
  'marek on top in X',
  'marek in anas X',
  'marek inside the X',
  'ana plays X',
];

describe('sentences about an attempt are read for every technique', () => {
  it.each(Object.entries(attempts))('%s', (told, sentences) => {
    const wrong = sentences.flatMap((sentence) =>
      techniques.flatMap(([said, id, positionId, holder]) => {
        const text = sentence.replace('X', said);
        const { draft } = readCall(text, index, callContextAt(positionId, holder));
        const is =
          draft?.kind === 'attempt' && `${draft.techniqueId} ${draft.athlete} ${draft.stage} ${draft.end ?? ''}`;
        return is === `${id} a ${told}` ? [] : [`${text}: ${is || draft?.kind}`];
      }),
    );
    expect(wrong).toEqual([]);
  });

  it('and the one that was on is changed, no second made', () => {
    const going = {
      kind: 'attempt',
      id: 'going',
      atSeconds: 90,
      techniqueId: 'armbar',
      athlete: 'a',
      stage: 'locked',
    } as const;
    const read = (text: string): CallReading =>
      readCall(text, index, { ...callContextAt('mount', 'a'), marks: [going] });
    for (const text of ['marek defends the armbar', 'ana lets go of the armbar', 'ana finishes the armbar'])
      expect(read(text).finishesId, text).toBe('going');
    expect(read('marek defends the armbar').draft).toMatchObject({ stage: 'locked', end: 'escaped' });
    expect(read('marek goes for the armbar').finishesId).toBeUndefined();
  });

  it('and one that comes further is the same one, further', () => {
    const going = {
      ...({
        kind: 'attempt',
        id: 'going',
        atSeconds: 90,
        techniqueId: 'armbar',
        athlete: 'a',
        stage: 'entry',
      } as const),
    };
    const read = (text: string, stage: 'entry' | 'locked' = 'entry') =>
      readCall(text, index, { ...callContextAt('mount', 'a'), marks: [{ ...going, stage }] });
    expect(read('ana armbar locked')).toMatchObject({ furthersId: 'going', draft: { stage: 'locked' } });
    expect(read('ana armbar almost in')).toMatchObject({ furthersId: 'going', draft: { stage: 'control' } });
    for (const [text, stage] of [
      ['ana armbar locked', 'locked'],
      ['marek armbar locked', 'entry'],
      ['ana triangle locked', 'entry'],
      ['ana armbar locked, escaped', 'entry'],
    ] as const)
      expect(read(text, stage).furthersId, text).toBeUndefined();
  });
});

describe('sentences about a position are read for every position', () => {
  const placed = (text: string, id: string, ana: 'over' | 'under') => {
    const { draft } = readCall(text, index, callContextAt('half-guard', 'b'));
    if (draft?.kind !== 'position' || !draft.holder) return [`${text}: ${draft?.kind}`];
    const is = `${draft.positionId} ${placeOfRole(roleIn(draft.positionId, draft.holder, 'a'))}`;
    return is === `${id} ${ana}` ? [] : [`${text}: ${is}`];
  };
  it.each(positions)('%s', (said, id, ana) => {
    const sentences = [...anywhere, ...(ana === 'over' ? pins : guards)];
    expect(sentences.flatMap((sentence) => placed(sentence.replace('X', said), id, ana))).toEqual([]);
  });
});

describe('what looks like such a sentence is none', () => {
  const kindOf = (text: string) => readCall(text, index, callContextAt('half-guard', 'b')).draft?.kind;
  it('where hands hold, where it lay open, where it is praised', () => {
    expect(kindOf('ana gets the wrist')).toBe('grip');
    expect(kindOf('ana had the kimura there')).toBe('chance');
    expect(kindOf('ana should go for the kimura')).toBe('chance');
  });
});
