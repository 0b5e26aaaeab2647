import { expect, it } from 'vitest';
import { beginReel, type ReelCourse, type ReelStep, stepReel } from './reelCourse';

const shown = [false, true, true, false, true];
const after = (steps: readonly ReelStep[], isShown: readonly boolean[] = shown): ReelCourse =>
  steps.reduce((course, step) => stepReel(isShown, course, step), beginReel(isShown));
const ended: ReelStep = { step: 'ended' };

it('plays what was filmed in a row, over what was not, and stops at the end', () => {
  expect(beginReel(shown)).toMatchObject({ at: 1, playing: true });
  expect(after([ended])).toMatchObject({ at: 2, playing: true });
  expect(after([ended, ended])).toMatchObject({ at: 4, playing: true });
  expect(after([ended, ended, ended])).toMatchObject({ at: 4, playing: false });
});
it('goes by keys without losing whether it plays, and stays at its ends', () => {
  expect(after([{ step: 'playing', playing: false }, { step: 'next' }])).toMatchObject({ at: 2, playing: false });
  expect(after([{ step: 'previous' }])).toMatchObject({ at: 1, playing: true });
  expect(after([{ step: 'go', at: 4 }, { step: 'next' }])).toMatchObject({ at: 4 });
  expect(after([{ step: 'go', at: 99 }])).toMatchObject({ at: 1 });
});
it('shows one moment again and again until it is told to go on', () => {
  const once = after([{ step: 'again' }, ended]);
  expect(once).toMatchObject({ at: 1, playing: true });
  expect(stepReel(shown, once, ended).turn).toBe(once.turn + 1);
  expect(stepReel(shown, stepReel(shown, once, { step: 'again' }), ended)).toMatchObject({ at: 2 });
});
it('does nothing where nothing was filmed', () => {
  expect(after([ended, { step: 'next' }], [false, false])).toMatchObject({ at: 0, playing: false });
  expect(beginReel([])).toMatchObject({ at: 0, playing: false });
});
