import { type Draws, drawsFrom } from '../demo/term/draws';
import { type Change, type ChangeKind, changeOf, PROBABLE, rateInterval, SURE } from '../src/core/patterns';
import type { BenchLine } from './line';

const HISTORIES = 4000;
/** The seed of the figures that are printed; nothing was tuned on it. */
const SEED = 41;
/** Comparable students: rates with this prior. */
const prior = { shape: 2, rate: 3 };

interface History {
  readonly kind: ChangeKind;
  readonly series: readonly { readonly count: number; readonly exposure: number }[];
}

/** A made-up history of one error: 6 to 24 rounds of one to four minutes, with the kinds of change in the shares that are asked for. */
function historyOf(draws: Draws, kind: ChangeKind, spread = 0): History {
  const rounds = draws.whole(6, 24);
  const rate = Math.min(2, Math.max(0.2, draws.gamma(prior.shape, prior.rate)));
  const at = draws.whole(2, rounds - 2);
  const backAt = kind === 'back' ? draws.whole(Math.min(at + 2, rounds - 2), rounds - 2) : rounds;
  const ratio = kind === 'less' ? draws.one([0.25, 0.5]) : kind === 'more' ? draws.one([2, 4]) : 0.03;
  const series = Array.from({ length: rounds }, (_, round) => {
    const exposure = draws.between(1, 4);
    const factor = kind === 'same' || round < at || round >= backAt ? 1 : ratio;
    const day = spread > 0 ? draws.gamma(1 / spread, 1 / spread) : 1;
    return { count: draws.poisson(rate * factor * exposure * day), exposure };
  });
  return { kind, series };
}

interface Told {
  readonly truth: ChangeKind;
  readonly said: Change;
}
const percent = (part: number, whole: number) => (whole === 0 ? '–' : `${((100 * part) / whole).toFixed(0)} %`);

/** How often statements of change are right, on simulated histories whose truth is known. */
export function measurePatterns(): BenchLine[] {
  const draws = drawsFrom(SEED);
  const tell = (kind: ChangeKind, spread = 0): Told => {
    const { series } = historyOf(draws, kind, spread);
    return { truth: kind, said: changeOf(series, 'minutes', prior) };
  };
  const shares = { same: 0.75, gone: 0.055, less: 0.07, more: 0.05, back: 0.075 } as const;
  const all = Array.from({ length: HISTORIES }, () => tell(draws.weighted(shares)));
  const certaintyOf = ({ said }: Told) => said.chances[said.kind];
  const claims = all.filter(({ said }) => said.kind !== 'same');
  const isRight = ({ truth, said }: Told) => truth === said.kind;
  const sure = claims.filter((one) => certaintyOf(one) >= SURE);
  const probable = claims.filter((one) => certaintyOf(one) >= PROBABLE && certaintyOf(one) < SURE);
  const unchanged = all.filter((one) => one.truth === 'same');
  const isClaim = (one: Told) => one.said.kind !== 'same' && certaintyOf(one) >= PROBABLE;
  const line = (what: string, measured: string, goal?: string): BenchLine => ({
    what: `${what} (simulated, seed ${SEED})`,
    measured,
    goal,
  });
  const toldOf = (kind: ChangeKind) => {
    const of = all.filter((one) => one.truth === kind);
    return `${kind} ${percent(of.filter((one) => isClaim(one) && isRight(one)).length, of.length)} of ${of.length}`;
  };
  const bad = Array.from({ length: 1000 }, () => tell('same', 1));
  const covered = (spread: number) => {
    const TURNS = 4000;
    let inside = 0;
    for (let turn = 0; turn < TURNS; turn += 1) {
      const rate = draws.between(0.2, 2);
      const exposures = Array.from({ length: draws.whole(6, 24) }, () => draws.between(1, 4));
      const series = exposures.map((exposure) => ({
        exposure,
        count: draws.poisson(rate * exposure * (spread > 0 ? draws.gamma(1 / spread, 1 / spread) : 1)),
      }));
      const { low, high } = rateInterval(series, 'minutes').interval;
      if (low <= rate && rate <= high) inside += 1;
    }
    return percent(inside, TURNS);
  };
  return [
    line(
      `statements of change that are said without “probably”, right of ${sure.length}`,
      percent(sure.filter(isRight).length, sure.length),
      'at least 90 %',
    ),
    line(
      `statements said with “probably”, right of ${probable.length}`,
      percent(probable.filter(isRight).length, probable.length),
      '75–95 %',
    ),
    line(
      `changes claimed where nothing changed, ${unchanged.length} histories`,
      percent(unchanged.filter(isClaim).length, unchanged.length),
      'at most 5 %',
    ),
    line(
      'changes that were told',
      ['gone', 'back', 'less', 'more'].map((kind) => toldOf(kind as ChangeKind)).join(', '),
    ),
    line(
      'changes claimed where nothing changed but days were good and bad (variance 1), 1000 histories',
      percent(bad.filter(isClaim).length, bad.length),
      'at most 5 %',
    ),
    line(
      '95 % intervals that hold the true rate / the same with good and bad days',
      `${covered(0)} / ${covered(1)}`,
      '93–97 %',
    ),
  ];
}
