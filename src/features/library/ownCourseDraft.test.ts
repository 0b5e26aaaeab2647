import { describe, expect, it } from 'vitest';
import { drills } from '@/core/vocabulary';
import { branchesOf, courseOf, draftOf } from './ownCourseDraft';

describe('a drill in the fields of its form', () => {
  it('comes out as it went in, whichever drill', () => {
    for (const drill of drills) expect({ game: undefined, ...drill }).toMatchObject(courseOf(draftOf(drill)));
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
