import type { RosterLine } from './readRoster';

/** Somebody who is here already. */
export interface KnownPerson {
  readonly id: string;
  readonly name: string;
  readonly bornOn?: string;
}

/**
 * new: nobody has the name; here: the same name, and birthdays that do not differ; namesake: the name is here with another birthday; twice: an earlier line of
 * the list says the same; nobody: no name.
 */
export type RosterMatch = 'new' | 'here' | 'namesake' | 'twice' | 'nobody';

/** A name for comparing: without accents, case, and spaces too many. */
export const plainName = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** How each line of a list stands to those who are here, in its order. */
export function matchRoster(lines: readonly RosterLine[], known: readonly KnownPerson[]): readonly RosterMatch[] {
  const byName = new Map<string, KnownPerson[]>();
  for (const one of known) byName.set(plainName(one.name), [...(byName.get(plainName(one.name)) ?? []), one]);
  const seen = new Map<string, (string | undefined)[]>();
  const isSame = (one: string | undefined, other: string | undefined) => !one || !other || one === other;
  return lines.map(({ person }) => {
    if (!person) return 'nobody';
    const name = plainName(person.name);
    const before = seen.get(name) ?? [];
    if (before.some((bornOn) => isSame(bornOn, person.bornOn))) return 'twice';
    seen.set(name, [...before, person.bornOn]);
    const here = byName.get(name) ?? [];
    if (here.some((one) => isSame(one.bornOn, person.bornOn))) return 'here';
    return here.length > 0 ? 'namesake' : 'new';
  });
}
