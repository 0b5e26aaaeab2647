import fc from 'fast-check';
import { expect, it } from 'vitest';
import { pack, unpack } from './packed';

it('comes out as it went in, also numbers that JSON lacks', () => {
  expect(unpack(pack({ high: Number.POSITIVE_INFINITY, low: Number.NEGATIVE_INFINITY, none: Number.NaN }))).toEqual({
    ...{ high: Number.POSITIVE_INFINITY, low: Number.NEGATIVE_INFINITY, none: Number.NaN },
  });
  const plain = fc.letrec((tie) => ({
    value: fc.oneof(fc.double(), fc.string(), fc.boolean(), fc.constant(null), tie('list'), tie('record')),
    list: fc.array(tie('value'), { maxLength: 5 }),
    record: fc.dictionary(fc.string(), tie('value'), { maxKeys: 5 }),
  })).value;
  fc.assert(
    fc.property(plain, (value) => {
      // JSON has no minus nothing.
      const written = (one: unknown) =>
        JSON.stringify(one, (_key, each) => (Number.isFinite(each) || typeof each !== 'number' ? each : `${each}`));
      expect(written(unpack(pack(value)))).toBe(written(value));
    }),
  );
});

it('leaves out what is undefined', () => {
  expect(unpack(pack({ a: 1, b: undefined }))).toEqual({ a: 1 });
});
