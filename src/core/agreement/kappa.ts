/** Agreement beyond chance; undefined when only one category was ever used, so that no disagreement was possible. */
export interface Kappa {
  readonly observed: number;
  readonly expected: number;
  readonly kappa: number | undefined;
  readonly count: number;
}

/**
 * Cohen's kappa of two raters over the same units. Categories are compared as they are; the two lists are equally long, else it throws.
 * @source J. Cohen, "A Coefficient of Agreement for Nominal Scales", Educational and Psychological Measurement 20 (1960)
 */
export function cohenKappa(one: readonly string[], other: readonly string[]): Kappa {
  if (one.length !== other.length) throw new Error('cohenKappa: both raters must have judged the same units');
  const count = one.length;
  const share = (list: readonly string[]) => {
    const counts = new Map<string, number>();
    for (const category of list) counts.set(category, (counts.get(category) ?? 0) + 1);
    return counts;
  };
  const [first, second] = [share(one), share(other)];
  const same = one.filter((category, index) => category === other[index]).length;
  const observed = count > 0 ? same / count : 0;
  let expected = 0;
  for (const [category, times] of first) expected += (times / count) * ((second.get(category) ?? 0) / count);
  const categories = new Set([...first.keys(), ...second.keys()]);
  const kappa = categories.size < 2 ? undefined : (observed - expected) / (1 - expected);
  return { observed, expected, kappa, count };
}
