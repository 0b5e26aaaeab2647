import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { listTalks, talksApart } from '../../../tests/language/talks/scoreTalks';
import { wordsOf } from '../callline/words';
import { findError, findGrip, findPosition, findStrength, findTechnique } from '../vocabulary';
import { asTold, fitsState, likestOf, resemblanceOf, type ToldKind, toldKinds } from './index';
import { toldAttempts, toldErrors, toldGrips, toldPositions, toldStrengths } from './told';

const alike = (text: string) => resemblanceOf(wordsOf(text));
const likeliest = (text: string): ToldKind => {
  const { kinds } = alike(text);
  return toldKinds.reduce((one, other) => (kinds[other] > kinds[one] ? other : one));
};

describe('told sentences', () => {
  it.each([
    ['errors', toldErrors, findError],
    ['strengths', toldStrengths, findStrength],
    ['techniques', toldAttempts, findTechnique],
    ['positions', toldPositions, findPosition],
    ['grips', toldGrips, findGrip],
  ] as const)('of %s tell of entries that are there, none of two', (_, told, find) => {
    const lines = Object.entries(told).flatMap(([id, text]) =>
      text
        .trim()
        .split('\n')
        .map((line) => ({ id, line })),
    );
    for (const id of Object.keys(told)) if (id !== '') expect(find(id), id).toBeDefined();
    const seen = new Map<string, string>();
    for (const { id, line } of lines) {
      expect(line, id).toMatch(/^[a-z][a-z ,']*$/);
      expect(seen.get(line) ?? id, line).toBe(id);
      seen.set(line, id);
    }
  });
});

describe('what a clause resembles', () => {
  it.each([
    ['he shoves the knee down and strolls around the legs', 'attempt'],
    ['her elbows float way out from the ribs', 'error'],
    ['really calm under there, I like that', 'strength'],
    ['both of them are on the knees', 'position'],
    ['she has the sleeve and the collar', 'grip'],
    ['remember we will drill that on monday', 'aside'],
  ] as const)('“%s” tells of: %s', (text, kind) => expect(likeliest(text)).toBe(kind));

  it('knows a word by what it tells on the mat', () => {
    const [push] = alike('he pushes on the forehead').entries.grip;
    const [shove] = alike('he shoves on the forehead').entries.grip;
    expect(push).toEqual(shove);
    expect(push?.id).toBe('head-post');
  });
  it('shares itself out among the kinds', () => {
    const { kinds } = alike('he walks on both knees');
    expect(Object.values(kinds).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1);
  });
  it('is nothing for no words, small words, and words of another world', () => {
    for (const text of ['', 'the of and', 'xyzzy plugh', '🦉', 'constructor __proto__ toString'])
      expect(Object.values(alike(text).entries).flat(), text).toEqual([]);
  });
  it('is found for a text of many words, too, and leaves nothing behind for the next', () => {
    const before = alike('he takes the back');
    alike('knee '.repeat(20_000));
    expect(alike('he takes the back')).toEqual(before);
  });
});

describe('entries that belong to where the round is', () => {
  const mount = { kind: 'position', positionId: 'mount', holder: 'a' } as const;
  it('come before those that belong elsewhere', () => {
    const resemblance = alike('gets out');
    const [first] = likestOf('attempt', resemblance, mount);
    expect(fitsState(first?.id, mount)).toBeGreaterThanOrEqual(0);
    expect(fitsState('bridge-and-roll', mount)).toBe(1);
    expect(fitsState('toreando', mount)).toBe(-1);
    expect(fitsState('toreando', { kind: 'unmarked' })).toBe(0);
  });
});

describe('what people by other hands said', () => {
  /** Of marks with a name, how many have it first, and among three, when only their kind is known. */
  const shares = (talks: readonly string[]) => {
    const named = talks
      .flatMap(
        (talk) =>
          JSON.parse(readFileSync(`tests/language/talks/${talk}.json`, 'utf8')).marks as {
            readonly kind: ToldKind;
            readonly id: string | null;
            readonly accept?: readonly string[];
            readonly words: string;
            readonly core: boolean;
          }[],
      )
      .filter(
        ({ kind, id, core }) => core && id && ['error', 'attempt', 'position', 'grip', 'strength'].includes(kind),
      );
    const hits = named.map(({ kind, id, accept = [], words }) =>
      asTold.resembles(wordsOf(words)).entries[kind].findIndex((one) => [id, ...accept].includes(one.id)),
    );
    return {
      first: hits.filter((at) => at === 0).length / named.length,
      three: hits.filter((at) => at >= 0 && at < 3).length / named.length,
    };
  };
  it('names what it tells of, also where nobody looked at it', () => {
    const looked = shares(listTalks().filter((talk) => !talksApart.includes(talk)));
    const apart = shares([...talksApart]);
    console.log(
      `names by resemblance, looked at: first ${(100 * looked.first).toFixed(0)} %, among three ${(100 * looked.three).toFixed(0)} %; kept apart: ${(100 * apart.first).toFixed(0)} %, ${(100 * apart.three).toFixed(0)} %`,
    );
    for (const { first, three } of [looked, apart]) {
      expect(first).toBeGreaterThan(0.55);
      expect(three).toBeGreaterThan(0.7);
    }
  });
});
