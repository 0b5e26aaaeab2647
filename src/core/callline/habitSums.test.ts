import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type CallHabits, newHabitSums } from './index';

const context = fc.constantFrom('all', 'family mount', 'position mount', 'person x mount', 'person y mount');
const lesson: fc.Arbitrary<CallHabits> = fc
  .dictionary(
    context,
    fc.dictionary(fc.constantFrom('over||armbar', 'under||elbow-escape', '-||mount'), fc.integer({ min: 1, max: 9 }), {
      minKeys: 1,
    }),
  )
  .map((counts) => ({ counts }));

const sumOf = (lessons: readonly CallHabits[]) => {
  const sums = newHabitSums();
  for (const one of lessons) sums.add(one);
  return sums;
};

describe('lessons added up', () => {
  it('are as if a lesson that was taken out had never come', () => {
    fc.assert(
      fc.property(fc.array(lesson), fc.array(lesson), (kept, gone) => {
        const sums = sumOf([...kept, ...gone]);
        for (const one of gone) sums.remove(one);
        expect(sums.habitsFor(['x'])).toEqual(sumOf(kept).habitsFor(['x']));
      }),
    );
  });

  it('leave out the lesson of the round itself and what others usually do', () => {
    fc.assert(
      fc.property(fc.array(lesson), lesson, (others, own) => {
        const habits = sumOf([...others, own]).habitsFor(['x'], own);
        expect(habits).toEqual(sumOf(others).habitsFor(['x']));
        expect(Object.keys(habits.counts)).not.toContain('person y mount');
      }),
    );
  });

  it('send the page no more counts than it may have, the most frequent', () => {
    const sums = sumOf([{ counts: { all: { one: 3, two: 2, three: 1 } } }]);
    expect(sums.habitsFor([], undefined, 2).counts).toEqual({ all: { one: 3, two: 2 } });
  });
});
