import { describe, expect, it } from 'vitest';
import { hearRuling, hearStop } from './calledOut';

describe('what stops a round', () => {
  it.each([
    'theres the buzzer',
    'and the bell goes',
    'thats time',
    'okay thats time thats it',
    'time',
    'times up',
    'the horn sounds with her on top',
    'end of the round',
    'and then it rings',
    'saved by the bell',
  ])('“%s” is its end', (text) => expect(hearStop(text)).toEqual({}));
  it.each([
    ['they roll off the mat', 'edge'],
    ['out of bounds there', 'edge'],
    ['the ref stands them up', 'referee'],
    ['he stops to tie his belt', 'kit'],
    ['she is fixing her hair', 'kit'],
    ['hold on there is some blood', 'blood'],
    ['we stop because the knee hurts', 'injury'],
    ['they bump into another pair and stop', 'another pair'],
  ])('“%s” is a stop, by reason of %s', (text, reason) => expect(hearStop(text)).toEqual({ reason }));
  it.each(['back to the middle', 'they reset', 'and they restart standing'])('“%s” is a stop', (text) =>
    expect(hearStop(text)).toEqual({}),
  );
  it.each([
    'ten seconds before the buzzer',
    'he is waiting for the bell',
    'she takes her time',
    'there is time for one more',
    'no time left to think',
    'it is time to pass',
    'the whole time',
    'he stops the pass',
    'and he stops moving',
    'nothing stops her',
    'a bell sleeve',
    '',
  ])('“%s” stops nothing', (text) => expect(hearStop(text)).toBeUndefined());
});

describe('what a referee gives', () => {
  it.each([
    ['two points', { ruling: 'points', points: 2 }],
    ['thats three for the pass', { ruling: 'points', points: 3 }],
    ['and four more points', { ruling: 'points', points: 4 }],
    ['an advantage for ana', { ruling: 'advantage' }],
    ['he gets a penalty', { ruling: 'penalty' }],
  ])('“%s”', (text, given) => expect(hearRuling(text, 'a')).toEqual({ athlete: 'a', ...given }));
  it.each([
    'that would be two points',
    'no points for that',
    'two hands on one',
    'two of them',
    'three times already',
    'down by two points',
    'takes advantage of it',
    'one more',
    'two minutes left',
  ])('“%s” is given by nobody', (text) => expect(hearRuling(text, 'a')).toBeUndefined());
  it('is nobody’s while nobody is known', () => expect(hearRuling('two points', undefined)).toBeUndefined());
});
