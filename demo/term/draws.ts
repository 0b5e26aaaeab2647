/** Chance that is the same in every run: numbers, choices and counts from one seed. */
export interface Draws {
  /** From 0 up to 1. */
  readonly number: () => number;
  readonly chance: (probability: number) => boolean;
  readonly between: (low: number, high: number) => number;
  readonly whole: (low: number, high: number) => number;
  readonly one: <Item>(items: readonly Item[]) => Item;
  /** One of the keys, each as likely as its weight. */
  readonly weighted: <Key extends string>(weights: Readonly<Partial<Record<Key, number>>>) => Key;
  readonly normal: () => number;
  readonly poisson: (mean: number) => number;
  /** Of whole shape times a half. */
  readonly gamma: (shape: number, rate: number) => number;
}

/** @source mulberry32, public domain (from memory); Box–Muller for normals; Marsaglia & Tsang 2000 for gammas; Knuth for Poissons */
export function drawsFrom(seed: number): Draws {
  let state = seed | 0;
  const number = () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
  const between = (low: number, high: number) => low + number() * (high - low);
  const normal = () => Math.sqrt(-2 * Math.log(1 - number())) * Math.cos(2 * Math.PI * number());
  const gamma = (shape: number, rate: number): number => {
    if (shape < 1) return gamma(shape + 1, rate) * (1 - number()) ** (1 / shape);
    const d = shape - 1 / 3;
    for (;;) {
      const x = normal();
      const v = (1 + x / Math.sqrt(9 * d)) ** 3;
      if (v > 0 && Math.log(1 - number()) < x ** 2 / 2 + d - d * v + d * Math.log(v)) return (d * v) / rate;
    }
  };
  return {
    number,
    between,
    normal,
    gamma,
    chance: (probability) => number() < probability,
    whole: (low, high) => Math.floor(between(low, high + 1)),
    one: (items) => {
      if (items.length === 0) throw new Error('draws.one: nothing to choose from');
      return items[Math.floor(number() * items.length)] as (typeof items)[number];
    },
    weighted: (weights) => {
      const entries = Object.entries(weights) as [keyof typeof weights & string, number][];
      let left = number() * entries.reduce((sum, [, weight]) => sum + weight, 0);
      for (const [key, weight] of entries) {
        left -= weight;
        if (left < 0) return key as never;
      }
      throw new Error('draws.weighted: nothing weighs anything');
    },
    poisson: (mean) => {
      const limit = Math.exp(-mean);
      let count = 0;
      for (let product = number(); product > limit; product *= number()) count += 1;
      return count;
    },
  };
}
