import { expect, it } from 'vitest';
import { readTime } from './readTime';

it.each([
  ['share of time on top ana', 'ana', 'over'],
  ['how long is ana under side control since october', 'ana side control since october', 'under'],
  ['ana time in half guard bottom', 'ana in half guard', 'under'],
  ['ana time in closed guard', 'ana in closed guard', undefined],
  ['how much time does ana spend on the bottom?', 'ana', 'under'],
])('%s', (text, rest, place) => expect(readTime(text)).toMatchObject({ rest, place }));

it('says which words ask for the time', () => {
  expect(readTime('share of time on top ana')?.part.words).toEqual(['share', 'of', 'time', 'on', 'top']);
});

it('leaves what asks for something else', () => {
  for (const text of ['ana armbar', 'every time marek passes', 'time', 'the last time ana was swept', 'ana top half'])
    expect(readTime(text), text).toBeUndefined();
});
