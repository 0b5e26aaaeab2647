import { expect, it } from 'vitest';
import { unpackReel } from '@/core/reel';
import { ownPath, reelAddress } from './addresses';

it('a way back stays within the application', () => {
  expect(ownPath('/students/00000000-0000-4000-8000-000000000001?after=x~1')).toBeTruthy();
  for (const text of [
    undefined,
    '',
    '//elsewhere',
    '/\\elsewhere',
    'https://elsewhere',
    'javascript:1',
    '/a b',
    `/${'a'.repeat(500)}`,
  ])
    expect(ownPath(text)).toBeUndefined();
});
it('a reel’s address carries title, way back and moments', () => {
  const moments = [{ markId: '00000000-0000-4000-8000-000000000001' }];
  const { searchParams } = new URL(
    reelAddress({ title: 'flat & still', moments, back: '/students/x?after=1' }),
    'http://x',
  );
  expect(searchParams.get('title')).toBe('flat & still');
  expect(ownPath(searchParams.get('back') ?? '')).toBe('/students/x?after=1');
  expect(unpackReel(searchParams.get('moments') ?? '')).toEqual(moments);
});
