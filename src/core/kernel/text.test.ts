import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isStorableText, storablePart } from './text';

describe('a text that can be kept', () => {
  it('has no NUL and no half of a surrogate pair, wherever they stand', () => {
    for (const text of ['\0', 'a\0b', 'half \ud83e', '\udd4b first', '\ud83e\ud83e\udd4b'])
      expect(isStorableText(text), JSON.stringify(text)).toBe(false);
    for (const text of ['', 'plain', 'Ünïcödé 🥋', 'tab\tand\nline', '\u2028', 'עברית'])
      expect(isStorableText(text), JSON.stringify(text)).toBe(true);
  });

  it('agrees with the language’s own well-formedness, and what is left of any text can be kept', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const wellFormed = (text as string & { isWellFormed(): boolean }).isWellFormed();
        expect(isStorableText(text)).toBe(wellFormed && !text.includes('\0'));
        expect(isStorableText(storablePart(text))).toBe(true);
      }),
    );
  });
});
