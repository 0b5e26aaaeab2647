/** "after a butterfly sweep, arm drag": how often one thing follows another within some seconds. */
export interface SearchedSequence {
  readonly first: string;
  readonly second: string;
  /** It is asked how often the second does not follow. */
  readonly isNot: boolean;
}

/** A thing follows another when it comes within so many seconds in the same round. @source own decision: as long as a cause is looked for */
export const FOLLOWS_WITHIN_SECONDS = 30;

const forms: readonly RegExp[] = [
  /^after (?<first>.+?)\s*[,:]\s*(?<second>.+)$/i,
  /^(?<first>.+?)\s*,?\s+(?:and\s+)?then\s+(?<second>.+)$/i,
  /^(?<first>.+?)\s*,?\s+followed by\s+(?<second>.+)$/i,
  /^(?<first>.+?)\s*,?\s+(?<not>without|but no|but not)\s+(?<second>.+)$/i,
];

/** Parts a question about what follows what; undefined for any other. */
export function readSequence(text: string): SearchedSequence | undefined {
  for (const form of forms) {
    const { first, second, not } = form.exec(text.trim())?.groups ?? {};
    if (!first || !second) continue;
    const [, no, what] = /^(not |no |never )?(.+)$/i.exec(second) ?? [];
    if (what) return { first: first.trim(), second: what.trim(), isNot: not !== undefined || no !== undefined };
  }
  return undefined;
}
