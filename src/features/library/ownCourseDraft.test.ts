import { describe, expect, it } from 'vitest';
import { drills } from '@/core/vocabulary';
import { branchesOf, courseOf, draftOf } from './ownCourseDraft';

describe('a drill in the fields of its form', () => {
  it('comes out as it went in, whichever drill', () => {
    for (const drill of drills)
      expect({ game: undefined, parts: undefined, ...drill }).toMatchObject(courseOf(draftOf(drill)));
  });
  it('leaves its parts to the academy unless one is written; then all are asked for', () => {
    const draft = draftOf(drills[0] ?? expect.fail());
    expect(courseOf(draft).parts).toBeUndefined();
    const parts = { static: '1', cooperative: '2', progressive: '', live: '4' };
    expect(courseOf({ ...draft, parts }).parts).toEqual({
      static: 1,
      cooperative: 2,
      progressive: Number.NaN,
      live: 4,
    });
    const own = { static: 1, cooperative: 2, progressive: 3, live: 4 };
    expect(courseOf(draftOf({ ...(drills[0] ?? expect.fail()), parts: own })).parts).toEqual(own);
  });
  it('keeps a way on whose answer is missing, so that it can be said', () => {
    expect(branchesOf(' they frame:  switch hips\n\nthey roll: follow: slowly\nthey stand ')).toEqual([
      { when: 'they frame', answer: 'switch hips' },
      { when: 'they roll', answer: 'follow: slowly' },
      { when: 'they stand', answer: '' },
    ]);
  });
  it('takes no half minutes for whole ones', () => {
    const draft = draftOf(drills[0] ?? expect.fail());
    for (const leastMinutes of ['', '8.5', 'eight', '-3'])
      expect(courseOf({ ...draft, leastMinutes }).leastMinutes).toBeNaN();
  });
});
