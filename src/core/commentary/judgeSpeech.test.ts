import { describe, expect, it } from 'vitest';
import { judgeSpeech } from './judgeSpeech';

const judged = (text: string) => judgeSpeech(text.split(' '))?.judgement;
const firm = (text: string) => judgeSpeech(text.split(' '))?.firm;

describe('a clause of speech', () => {
  it.each(['goes over like a sack of flour', 'stands there like somebody at a bus stop', 'hangs on like grim death'])(
    '“%s” judges by what it likens to',
    (text) => {
      expect(judged(text)).toBe('error');
      expect(firm(text)).toBe(true);
    },
  );
  it('praises where praise stands beside it', () => expect(judged('beautiful like water')).toBe('good'));
  it.each(['it looks like a triangle', 'something like that', 'would like a pass'])('“%s” likens nothing', (text) =>
    expect(firm(text)).not.toBe(true),
  );
  it.each([
    'both ankles were right there for her',
    'she couldve had the back',
    'if he had framed first',
    'it was made for you',
  ])('“%s” is a missed chance', (text) => expect(judged(text)).toBe('chance'));
  it.each(['that is ugly', 'no idea what that grip is for', 'why is he on his back'])('“%s” is a fault', (text) =>
    expect(judged(text)).toBe('error'),
  );
  it.each(['i like how that knee stays in', 'i like the grip', 'so much better with the frame', 'well timed'])(
    '“%s” is praise',
    (text) => expect(judged(text)).toBe('good'),
  );
  it.each(['i dont know', 'i cant see it from here', 'we didnt count that', 'im not sure'])(
    '“%s” is about the speaker',
    (text) => expect(firm(text)).not.toBe(true),
  );
  it('of nothing judges nothing', () => expect(judgeSpeech([])).toBeUndefined());
});
