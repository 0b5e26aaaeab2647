import type { RoundState } from '../round';
import { findError, findGrip, findPosition, findStrength, findTechnique, isUnnamed } from '../vocabulary';
import type { AlikeEntry, Resemblance, ToldKind } from './resemblance';

/** Whether an entry belongs to where the athletes are: 1, −1 where it belongs elsewhere, 0 where nothing is known. */
export function fitsState(id: string | undefined, state: RoundState): number {
  const here = state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;
  if (!here || id === undefined || isUnnamed(id) || findGrip(id) || findPosition(id)) return 0;
  const families: readonly string[] = findTechnique(id)?.fromFamilies ?? [
    (findError(id) ?? findStrength(id))?.family ?? 'any',
  ];
  if (families.includes('any')) return 0;
  return families.includes(here) ? 1 : -1;
}

/** The kinds that a clause resembles, of those that are asked for, with their shares; most first. */
export const likestKinds = ({ kinds }: Resemblance, among: ReadonlySet<ToldKind>) =>
  (Object.entries(kinds) as [ToldKind, number][])
    .filter(([kind, share]) => share > 0 && among.has(kind))
    .sort((one, other) => other[1] - one[1]);

/** How much more an entry is thought of that belongs to where the round is. @source own decision */
const FIT_SHARE = 0.25;

/** Entries of a kind, likest first; those that belong to where the round is before those that belong elsewhere. */
export function likestOf(kind: ToldKind, { entries }: Resemblance, state: RoundState): AlikeEntry[] {
  const worth = ({ id, likeness }: AlikeEntry) => likeness * (1 + FIT_SHARE * fitsState(id, state));
  return [...entries[kind]].sort((one, other) => worth(other) - worth(one));
}
