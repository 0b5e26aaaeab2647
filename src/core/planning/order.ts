import { present } from '../kernel';
import type { CatalogueFamily } from '../vocabulary';
import { type DrillPhase, drillPhases } from './benefit';

export interface OrderItem {
  readonly drillId: string;
  readonly family: CatalogueFamily;
  readonly phases: readonly DrillPhase[];
}

/** One drill in one phase of the class. */
export interface OrderedItem {
  readonly drillId: string;
  readonly phase: DrillPhase;
}

/**
 * Technique, then progressive, then positional; within that the sequence with the fewest changes of position family, across the
 * phases too. Exact for up to seven drills a phase by trying all sequences of families; ties keep the order given.
 */
export function orderDrills(items: readonly OrderItem[]): OrderedItem[] {
  const ordered: OrderedItem[] = [];
  let options: { last: CatalogueFamily | undefined; changes: number; sequence: OrderedItem[] }[] = [
    { last: undefined, changes: 0, sequence: [] },
  ];
  for (const phase of drillPhases) {
    const here = items.filter((item) => item.phases.includes(phase));
    if (here.length === 0) continue;
    const families = [...new Set(here.map((item) => item.family))];
    const best = new Map<CatalogueFamily, (typeof options)[number]>();
    for (const before of options) {
      for (const sequence of permutations(families)) {
        const changes =
          before.changes + sequence.length - 1 + (before.last !== undefined && before.last !== sequence[0] ? 1 : 0);
        const last = present(sequence[sequence.length - 1]);
        const known = best.get(last);
        if (known && known.changes <= changes) continue;
        const added = sequence.flatMap((family) =>
          here.filter((item) => item.family === family).map((item) => ({ drillId: item.drillId, phase })),
        );
        best.set(last, { last, changes, sequence: [...before.sequence, ...added] });
      }
    }
    options = [...best.values()];
  }
  const winner = options.reduce(
    (least, option) => (option.changes < least.changes ? option : least),
    present(options[0]),
  );
  ordered.push(...winner.sequence);
  return ordered;
}

function permutations<Item>(items: readonly Item[]): Item[][] {
  if (items.length <= 1) return [[...items]];
  return items.flatMap((item, index) =>
    permutations([...items.slice(0, index), ...items.slice(index + 1)]).map((rest) => [item, ...rest]),
  );
}

/** Changes of family from block to block. */
export function countFamilyChanges(families: readonly CatalogueFamily[]): number {
  return families.slice(1).filter((family, index) => family !== families[index]).length;
}
