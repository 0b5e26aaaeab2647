import { isDeepStrictEqual } from 'node:util';

export interface Put<Content extends object> {
  /** Rows stored: 0 when the id is taken. */
  readonly insert: () => Promise<number>;
  readonly find: () => Promise<(Content & { readonly version: number }) | undefined>;
  readonly content: Content;
  /** Rows changed: 0 when somebody else changed it since. */
  readonly update: (seenVersion: number) => Promise<number>;
}

/**
 * Stores what a form says under the id that its page made: new with version 0, a change of that version otherwise. A new one that is sent again,
 * because its answer was lost, is the same one; what was corrected in the form in between becomes its change. Answers rows, 0 for a conflict.
 */
export async function putOnce<Content extends object>(version: number, put: Put<Content>): Promise<number> {
  if (version > 0) return put.update(version);
  const made = await put.insert();
  if (made > 0) return made;
  const there = await put.find();
  if (!there) return 0;
  return isSame(put.content, there) ? 1 : put.update(there.version);
}

/** Whether everything in `content` is so in what is there; what is absent in one may be undefined in the other. */
function isSame(content: object, there: object): boolean {
  const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value ?? null));
  return Object.entries(content).every(([name, value]) =>
    isDeepStrictEqual(plain(value), plain((there as Record<string, unknown>)[name])),
  );
}
