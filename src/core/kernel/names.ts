/** The first word of a name: what people call each other on the mat. */
export const firstNameOf = (name: string): string => name.trim().split(/\s+/)[0] ?? name;

/**
 * Short names for people who are named together, in their order: the first name where it is one person's alone among them, with the initial of the last word where that
 * tells them apart ("Timo B."), else the whole name.
 */
export function shortNamesOf(names: readonly string[]): string[] {
  const initialed = (name: string) => {
    const words = name.trim().split(/\s+/);
    const last = words.length > 1 ? words.at(-1) : undefined;
    return last ? `${words[0]} ${[...last][0]}.` : name.trim();
  };
  const counts = (shorten: (name: string) => string) => {
    const found = new Map<string, number>();
    for (const name of names) found.set(shorten(name).toLowerCase(), (found.get(shorten(name).toLowerCase()) ?? 0) + 1);
    return found;
  };
  const [first, second] = [counts(firstNameOf), counts(initialed)];
  return names.map((name) => {
    if (first.get(firstNameOf(name).toLowerCase()) === 1) return firstNameOf(name);
    return second.get(initialed(name).toLowerCase()) === 1 ? initialed(name) : name.trim();
  });
}
