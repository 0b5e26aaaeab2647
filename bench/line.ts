export interface BenchLine {
  readonly what: string;
  readonly measured: string;
  readonly goal?: string;
}

export const median = (values: readonly number[]): number =>
  [...values].sort((one, other) => one - other)[Math.floor(values.length / 2)] ?? Number.NaN;

/** Milliseconds of some work, the median of several runs after a first one that is not counted. */
export function timeWork(work: () => unknown, runs = 9): number {
  work();
  return median(
    Array.from({ length: runs }, () => {
      const began = performance.now();
      work();
      return performance.now() - began;
    }),
  );
}
