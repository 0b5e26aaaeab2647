import { describe, expect, it } from 'vitest';
import type { AttemptMark, RoundState } from '../round';
import { type CallContext, draftFromChoice, phraseMark, readCall } from './index';
import { saysCondition } from './plainCalls';
import { buildVocabularyIndex } from './vocabularyIndex';

const index = buildVocabularyIndex();
const inGuard: RoundState = { kind: 'position', positionId: 'closed-guard', holder: 'a' };
const underSide: RoundState = { kind: 'position', positionId: 'side-control', holder: 'b' };
const context = (patch: Partial<CallContext> = {}): CallContext => ({
  uniform: 'gi',
  state: inGuard,
  calledBy: { a: ['ana'], b: ['samir'] },
  atSeconds: 50,
  roundStartSeconds: 0,
  ...patch,
});
const read = (text: string, patch: Partial<CallContext> = {}) => {
  const { draft } = readCall(text, index, context(patch));
  return draft && phraseMark({ ...draft, id: 'x' } as AttemptMark, { a: 'ana', b: 'samir' });
};
const armbar = (patch: Partial<AttemptMark> = {}): AttemptMark => ({
  kind: 'attempt',
  id: 'arm',
  atSeconds: 40,
  techniqueId: 'armbar',
  athlete: 'a',
  stage: 'locked',
  ...patch,
});

describe('a call that says only the class of a technique', () => {
  it.each([
    ['samir passes', 'samir unnamed pass finished'],
    ['samir passes the guard', 'samir unnamed pass finished'],
    ['passes the guard', 'samir unnamed pass finished'],
    ['samir guard pass', 'samir unnamed pass'],
    ['samir almost passes', 'samir unnamed pass control'],
    ['samir pass missed', 'samir missed unnamed pass'],
    ['ana sweeps', 'ana unnamed sweep finished'],
    ['ana sweeps samir', 'ana unnamed sweep finished'],
    ['ana sweep', 'ana unnamed sweep'],
    ['ana sweep abandoned', 'ana unnamed sweep abandoned'],
    ['ana reverses direction', 'ana unnamed sweep finished'],
    ['samir takes ana down', 'samir unnamed takedown finished'],
    ['samir takes her down', 'samir unnamed takedown finished'],
    ['samir takedown', 'samir unnamed takedown'],
    ['ana escapes', 'ana unnamed escape finished'],
    ['samir takes the back', 'samir unnamed back take finished'],
    ['ana submits samir', 'ana unnamed submission finished'],
    ['ana choke finished', 'ana unnamed submission finished - choke'],
    ['ana choke - from behind', 'ana unnamed submission - choke - from behind'],
    ['samir leg lock', 'samir unnamed submission - leg lock'],
  ])('“%s” is never taken for one that was not named', (text, phrase) => {
    expect(
      read(text)
        ?.toLowerCase()
        .replace(/\ba[n]? (\w+(?: \w+)?) without a name/, 'unnamed $1'),
    ).toBe(phrase);
  });

  it('counts turning over as a sweep only where a guard is', () => {
    const conceptOf = (state: RoundState) => readCall('ana reversal finished', index, context({ state })).draft;
    expect(conceptOf(inGuard)).toMatchObject({ techniqueId: 'unnamed-sweep' });
    expect(conceptOf(underSide)).toMatchObject({ techniqueId: 'unnamed-escape' });
  });

  it('leaves the back from turtle its usual name', () => {
    const state: RoundState = { kind: 'position', positionId: 'turtle', holder: 'b' };
    expect(readCall('samir takes the back', index, context({ state })).draft).toMatchObject({
      techniqueId: 'turtle-back-take',
    });
  });

  it('offers those with a name, and keeps how it went for the one that is chosen', () => {
    const reading = readCall('samir passes', index, context());
    expect(reading.remarks).toEqual([{ code: 'no-name-yet' }]);
    const stack = reading.choices.find((one) => one.concept.id === 'stack-pass')!.concept;
    expect(draftFromChoice('samir passes', reading.conceptWords, stack, context())).toMatchObject({
      techniqueId: 'stack-pass',
      athlete: 'b',
      stage: 'finished',
    });
    expect(reading.choices.every((one) => one.concept.kind === 'attempt')).toBe(true);
  });

  it('gives way to every name that begins with those words', () => {
    expect(readCall('samir passes knee slice', index, context()).draft).toMatchObject({ techniqueId: 'knee-slice' });
    expect(readCall('ana sweeps old school', index, context()).draft).toMatchObject({
      techniqueId: 'old-school-sweep',
      stage: 'finished',
    });
    expect(readCall('ana pass under the leg', index, context()).draft).not.toMatchObject({
      techniqueId: 'unnamed-pass',
    });
  });
});

describe('a tap', () => {
  it('finishes the attack that was on, and says whose it was', () => {
    const marks = [armbar({ id: 'old', atSeconds: 12, techniqueId: 'triangle' }), armbar()];
    expect(readCall('samir taps', index, context({ marks })).draft).toMatchObject({
      techniqueId: 'armbar',
      athlete: 'a',
      stage: 'finished',
      end: 'finished',
    });
    expect(readCall('samir taps', index, context({ marks })).finishesId).toBe('arm');
    expect(readCall('tap', index, context({ marks })).draft).toMatchObject({ techniqueId: 'armbar', athlete: 'a' });
    expect(readCall('ana taps samir', index, context({ marks })).draft).toMatchObject({
      techniqueId: 'armbar',
      athlete: 'a',
    });
  });
  it('has no name when none was on, or only the other’s, or one long ago', () => {
    const unnamed = { techniqueId: 'unnamed-submission', stage: 'finished' };
    expect(readCall('samir taps', index, context()).draft).toMatchObject({ ...unnamed, athlete: 'a' });
    expect(readCall('ana taps', index, context({ marks: [armbar()] })).draft).toMatchObject({
      ...unnamed,
      athlete: 'b',
    });
    const long = context({ marks: [armbar()], atSeconds: 200 });
    expect(readCall('samir taps', index, long).draft).toMatchObject({ ...unnamed, athlete: 'a' });
    const later = context({ marks: [armbar({ atSeconds: 55 })] });
    expect(readCall('samir taps', index, later).draft).toMatchObject({ ...unnamed, athlete: 'a' });
  });
  it('is never that of an attack that was escaped, given up or over', () => {
    for (const end of ['escaped', 'abandoned', 'declined', 'finished'] as const) {
      const marks = [armbar({ end, stage: end === 'finished' ? 'finished' : 'locked' })];
      expect(readCall('samir taps', index, context({ marks })).finishesId).toBeUndefined();
      expect(readCall('samir taps', index, context({ marks })).draft).toMatchObject({
        techniqueId: 'unnamed-submission',
        athlete: 'a',
      });
    }
  });
  it('leaves nothing to choose', () => {
    expect(readCall('samir taps', index, context()).choices).toEqual([]);
  });
});

describe('how somebody is', () => {
  it.each(['samir tired', 'ana gets very tired', 'samir is out of breath', 'ana stalls', 'samir looks hurt'])(
    '“%s” is a note, not a technique that sounds like it',
    (text) => {
      const reading = readCall(text, index, context());
      expect(reading.draft).toMatchObject({ kind: 'note', note: text });
      expect(reading.understood).toBe(true);
    },
  );
  it('needs somebody, and something that is said', () => {
    expect(saysCondition([])).toBe(false);
    expect(saysCondition(['out', 'of'])).toBe(false);
    expect(saysCondition(['very', 'now'])).toBe(false);
    expect(saysCondition(['tired', 'armbar'])).toBe(false);
  });
});

describe('a whole name', () => {
  it('stands before a usual call that takes its last word for how far it came', () => {
    const usual = buildVocabularyIndex(undefined, { 'rear-naked-choke': 12 });
    const state: RoundState = { kind: 'position', positionId: 'back-control', holder: 'b' };
    expect(readCall('ana back control', usual, context({ state })).draft).toMatchObject({ positionId: 'back-control' });
    expect(readCall('samir rnc control', usual, context({ state })).draft).toMatchObject({
      techniqueId: 'rear-naked-choke',
      stage: 'control',
    });
  });
});

describe('where somebody is', () => {
  it('makes praise and blame of the other side less likely', () => {
    const first = (text: string) => readCall(text, index, context()).choices[0];
    const own = first('samir sits quite tall')!;
    const others = first('ana sits quite tall');
    expect(own.concept.id).toBe('good-posture-in-guard');
    expect(others?.confidence ?? 0).toBeLessThan(own.confidence);
  });
  it('counts for nothing where a title was said word for word', () => {
    const state: RoundState = { kind: 'position', positionId: 'half-guard', holder: 'a' };
    for (const who of ['ana', 'samir'])
      expect(readCall(`${who} flat in half guard`, index, context({ state })).draft).toMatchObject({
        kind: 'error',
        errorId: 'err-half-flat',
      });
  });
  it('does not let one word of a long title stand before a technique', () => {
    expect(readCall('ana bridges', index, context({ state: underSide })).draft).toMatchObject({ kind: 'attempt' });
  });
});
