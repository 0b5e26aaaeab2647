import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Mark } from '../marks';
import { descendantFinder, latestBelow, linkGraphOf } from './linkGraph';

const error = (id: string, atSeconds: number, ...ledTo: string[]): Mark => ({
  kind: 'error',
  id,
  atSeconds,
  errorId: 'err-half-flat',
  athlete: 'a',
  ledTo,
});
const note = (id: string, atSeconds: number): Mark => ({ kind: 'note', id, atSeconds, note: id });

describe('the links of a round', () => {
  it('lead from place to place, without what is not there', () => {
    const graph = linkGraphOf([error('a', 1, 'c', 'gone'), note('b', 2), error('c', 3, 'b', 'd'), note('d', 9)]);
    expect(graph.below).toEqual([[2], [], [1, 3], []]);
    const find = descendantFinder(graph);
    expect([...find(0)].sort()).toEqual([1, 2, 3]);
    expect(find(1)).toEqual([]);
    expect([...latestBelow(graph)]).toEqual([9, 2, 9, 9]);
  });
  it('end where a circle closes', () => {
    const graph = linkGraphOf([error('a', 1, 'b'), error('b', 2, 'a', 'b'), error('c', 3, 'c')]);
    const find = descendantFinder(graph);
    expect(find(0)).toEqual([1]);
    expect(find(1)).toEqual([0]);
    expect(find(2)).toEqual([]);
    expect(Math.max(...latestBelow(graph))).toBe(3);
  });
  it('are nothing without marks', () => {
    const graph = linkGraphOf([]);
    expect(graph.below).toEqual([]);
    expect(latestBelow(graph).length).toBe(0);
  });
  it('give each place what a plain search over the ids gives', () => {
    const links = fc.array(fc.array(fc.nat(20), { maxLength: 3 }), { minLength: 1, maxLength: 15 });
    fc.assert(
      fc.property(links, (ledTo) => {
        const marks = ledTo.map((targets, at) => error(`m${at}`, at, ...targets.map((target) => `m${target}`)));
        const plain = (start: number) => {
          const seen = new Set<number>();
          const visit = (at: number): void => {
            for (const next of ledTo[at]!.filter((one) => one < marks.length)) {
              if (seen.has(next)) continue;
              seen.add(next);
              visit(next);
            }
          };
          visit(start);
          seen.delete(start);
          return [...seen].sort((one, other) => one - other);
        };
        const find = descendantFinder(linkGraphOf(marks));
        for (let at = 0; at < marks.length; at += 1)
          expect([...find(at)].sort((one, other) => one - other)).toEqual(plain(at));
      }),
    );
  });
  it('never let the last consequence come before the error itself', () => {
    const links = fc.array(fc.array(fc.nat(12), { maxLength: 2 }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(links, (ledTo) => {
        const marks = ledTo.map((targets, at) => error(`m${at}`, at, ...targets.map((target) => `m${target}`)));
        const latest = latestBelow(linkGraphOf(marks));
        for (const [at, last] of latest.entries()) expect(last).toBeGreaterThanOrEqual(at);
      }),
    );
  });
});
