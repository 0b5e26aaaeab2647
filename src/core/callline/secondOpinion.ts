import { likestOf } from '../resemblance/fitsState';
import type { AlikeEntry, Resemblance, ToldKind } from '../resemblance/resemblance';
import { conceptIdOf, type Mark, type RoundState } from '../round';
import { isUnnamed } from '../vocabulary';
import type { MarkDraft } from './draftOf';

/** What a call resembles, seen beside what was read in it. */
export interface Opinion {
  /** The entry that it resembles most, of the kind that it resembles most. */
  readonly likest: AlikeEntry;
  /** How much of the resemblance falls to that kind, and to the kind of what was read. */
  readonly share: number;
  readonly shareOfRead: number;
  /** How like it is to what was read, entry by entry. */
  readonly likenessOfRead: number;
  /** The likest entry of the kind that was read. */
  readonly sameKind?: AlikeEntry;
}

/** What a call resembles; undefined where that is nothing that can be marked. */
export function opinionOf(draft: MarkDraft, alike: Resemblance, state: RoundState): Opinion | undefined {
  const kinds = (Object.entries(alike.kinds) as [ToldKind, number][])
    .filter(([kind, share]) => share > 0 && markable.has(kind))
    .sort((one, other) => other[1] - one[1]);
  const [first] = kinds;
  if (!first) return undefined;
  const [kind, share] = first;
  const [likest] = likestOf(kind, alike, state).filter(({ id }) => id !== '');
  if (!likest) return undefined;
  const readKind = draft.kind as ToldKind;
  const id = conceptIdOf({ ...draft, id: '' } as Mark);
  return {
    ...{ likest, share },
    shareOfRead: alike.kinds[readKind] ?? 0,
    likenessOfRead: alike.entries.find((one) => one.kind === readKind && one.id === id)?.likeness ?? 0,
    sameKind: likestOf(readKind, alike, state).find((one) => one.id !== '' && !isUnnamed(one.id)),
  };
}

const markable: ReadonlySet<ToldKind> = new Set(['error', 'strength', 'attempt', 'position', 'grip']);
