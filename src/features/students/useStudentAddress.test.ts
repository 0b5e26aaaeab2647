import { expect, it } from 'vitest';
import { changedAddress } from './useStudentAddress';

it('changes what was asked for, takes out what is empty, and begins lists anew', () => {
  const now = new URLSearchParams('uniform=gi&after=x&from=2026-01-01');
  expect(changedAddress('/students/1', now, { uniform: '', with: 'p' })).toBe('/students/1?from=2026-01-01&with=p');
  expect(changedAddress('/students/1', now, { uniform: '', from: '' })).toBe('/students/1');
  expect(changedAddress('/students/1', new URLSearchParams(), { side: 'student' })).toBe('/students/1?side=student');
});
