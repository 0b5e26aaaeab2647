import type { Athlete, ChainReading, RoundReading } from '../round';

/** One athlete of a round that is closed. */
export interface RoundToClose {
  readonly reading: RoundReading;
  readonly chains: ChainReading;
  readonly athlete: Athlete;
  readonly personId: string;
}
