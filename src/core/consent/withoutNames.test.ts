import fc from 'fast-check';
import { expect, it } from 'vitest';
import { withoutName } from './withoutNames';

it('leaves nobody named who did not agree', () => {
  const told = (text: string, kept: string[] = []) => withoutName(text, 'Marek Osei', 'your partner', kept);
  expect(told('Marek Osei passed; marek’s knee, Osei again.')).toBe(
    'your partner passed; your partner’s knee, your partner again.',
  );
  expect(told('Mareks and Marekson are others')).toBe('Mareks and Marekson are others');
  expect(told('Marek and Osei', ['Marek Velden'])).toBe('Marek and your partner');
  expect(withoutName('Łukasz, łukasz!', 'Łukasz', 'x')).toBe('x, x!');
  expect(withoutName('a (b) c', '(b)', 'x')).toBe('a x c');
  expect(withoutName('text', '  ', 'x')).toBe('text');
});
it('names nobody, whatever they are called', () => {
  fc.assert(
    fc.property(fc.stringMatching(/^[\p{L}]{3,12}$/u), fc.lorem(), (name, words) => {
      const text = withoutName(`${words} ${name}, ${words}`, name, '#');
      expect(text.toLowerCase().split(/[^\p{L}]+/u)).not.toContain(name.toLowerCase());
    }),
  );
});
