/** A condition with a `?` for each of its values; nothing for one that does not narrow. */
export type Condition = readonly [text: string, ...values: unknown[]] | undefined;

/** Conditions joined by "and", their values numbered from `first` on: only what narrows is asked, so that the database can choose its way. */
export function joinConditions(
  conditions: readonly Condition[],
  first = 1,
): { readonly text: string; readonly values: unknown[] } {
  const values: unknown[] = [];
  const texts = conditions.flatMap((condition) => {
    if (!condition) return [];
    const [text, ...given] = condition;
    const parts = text.split('?');
    const numbered = given.reduce<string>((sum, value, at) => {
      values.push(value);
      return `${sum}$${first + values.length - 1}${parts[at + 1] ?? ''}`;
    }, parts[0] ?? '');
    return [`(${numbered})`];
  });
  return { text: texts.length > 0 ? texts.join(' and ') : 'true', values };
}
