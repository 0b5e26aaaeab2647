import { expect, it } from 'vitest';
import { readSequence } from './sequence';

it.each([
  ['after ana scissor sweep, mount', 'ana scissor sweep', 'mount', false],
  ['ana enters the legs then not finished', 'ana enters the legs', 'finished', true],
  ['marek knee slice and then back control', 'marek knee slice', 'back control', false],
  ['double leg followed by side control', 'double leg', 'side control', false],
  ['back control without rear naked choke', 'back control', 'rear naked choke', true],
  ['triangle, but no armbar', 'triangle', 'armbar', true],
])('%s', (text, first, second, isNot) => expect(readSequence(text)).toEqual({ first, second, isNot }));

it('any other question is none', () => {
  for (const text of ['', 'ana flat in half guard', 'then', 'after', 'after lunch', 'without', 'x then '])
    expect(readSequence(text)).toBeUndefined();
});
