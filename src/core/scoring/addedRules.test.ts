import { expect, it } from 'vitest';
import { type Mark, readRound } from '../round';
import { type RuleSet, scoreRound } from './index';

it('a rule set that is added as data judges a round: no other file knows of it', () => {
  const houseRules: RuleSet = {
    id: 'house',
    name: 'The house’s own',
    uniform: 'both',
    points: {
      points: { takedown: 1, sweep: 1, 'knee-on-belly': 1, pass: 2, mount: 5, back: 5 },
      holdSeconds: 5,
      pointlessRatio: 0,
      bodyTriangleCounts: true,
      penalties: ['warning'],
    },
  };
  const at = (atSeconds: number, positionId: string): Mark => ({
    kind: 'position',
    id: positionId,
    atSeconds,
    positionId,
    holder: 'a',
  });
  const reading = readRound({ startSeconds: 0, endSeconds: 60 }, [
    at(0, 'half-guard'),
    at(10, 'mount'),
    at(14, 'body-triangle-back'),
  ]);
  if (!houseRules.points) throw new Error('it has points');
  const { events, lost } = scoreRound(reading, houseRules.points, 60);
  // Past the guard for long enough; the mount for four of its five seconds; the back with a body triangle, which counts here.
  expect(events.map((one) => `${one.atSeconds} ${one.what} ${one.points}`)).toEqual(['15 pass 2', '19 back 5']);
  expect(lost.map((one) => `${one.what} ${one.heldSeconds}`)).toEqual(['mount 4']);
});
