/** A value of plain data as one text; it knows what it is a text of. */
export type Packed<Value> = string & { readonly packs?: Value };

/** Numbers that JSON lacks, as no text of ours begins. */
const words: Readonly<Record<string, number>> = {
  '\u0001+': Number.POSITIVE_INFINITY,
  '\u0001-': Number.NEGATIVE_INFINITY,
  '\u0001?': Number.NaN,
};
const wordOf = (value: number): string => (Number.isNaN(value) ? '\u0001?' : value > 0 ? '\u0001+' : '\u0001-');

/**
 * Many small facts as one text. A page that hands tens of thousands of them to the browser one by one spends most of its time on that (bench/academy); in one
 * piece they cost a fifth. Plain data only: what is undefined goes, infinite numbers and none stay what they are.
 */
export const pack = <Value>(value: Value): Packed<Value> =>
  JSON.stringify(value, (_key, one: unknown) =>
    typeof one === 'number' && !Number.isFinite(one) ? wordOf(one) : one,
  ) as Packed<Value>;

const revive = (_key: string, one: unknown): unknown =>
  typeof one === 'string' && one.startsWith('\u0001') ? (words[one] ?? one) : one;

/** What was packed. */
export const unpack = <Value>(text: Packed<Value>): Value =>
  // Looking at every value takes five times as long as reading them: only where there is such a number.
  JSON.parse(text, text.includes('"\\u0001') ? revive : undefined) as Value;
