import { conceptIdOf, type Mark } from '../round';
import type { MatchedEvents } from './matchEvents';

/** One thing that two reviewers saw differently: only one of them marked it, or both did and judged it otherwise. */
export interface Difference {
  /** Stays the same while neither mark is replaced by another. */
  readonly key: string;
  readonly atSeconds: number;
  readonly first?: Mark;
  readonly second?: Mark;
  readonly in: readonly ('presence' | 'what' | 'position-holder' | 'punished' | 'stage' | 'end' | 'verdict')[];
}

/** Every difference between two reviews of a round, in order of time. */
export function listDifferences({ pairs, onlyOne, onlyOther }: MatchedEvents): Difference[] {
  const presence = ['presence'] as const;
  return [
    ...onlyOne.map((first): Difference => ({ key: first.id, atSeconds: first.atSeconds, first, in: presence })),
    ...onlyOther.map((second): Difference => ({ key: second.id, atSeconds: second.atSeconds, second, in: presence })),
    ...pairs.flatMap(({ one: first, other: second }): Difference[] => {
      const differs = differencesBetween(first, second);
      if (differs.length === 0) return [];
      return [{ key: `${first.id} ${second.id}`, atSeconds: first.atSeconds, first, second, in: differs }];
    }),
  ].sort((one, other) => one.atSeconds - other.atSeconds || (one.key < other.key ? -1 : 1));
}

function differencesBetween(first: Mark, second: Mark): Difference['in'] {
  const found: Difference['in'][number][] = [];
  if (conceptIdOf(first) !== conceptIdOf(second)) found.push('what');
  const compare = (field: string, name: Difference['in'][number]) => {
    const [one, other] = [first, second].map((mark) => (mark as unknown as Record<string, unknown>)[field]);
    if (one !== other) found.push(name);
  };
  compare('holder', 'position-holder');
  compare('punished', 'punished');
  compare('stage', 'stage');
  compare('end', 'end');
  compare('verdict', 'verdict');
  return found;
}
