import type { TalkTrack } from '@/core/commentary';

/** What was said over the footage of a round. */
export interface RoundTalk {
  readonly id: string;
  readonly seconds: number;
  readonly track: TalkTrack;
  readonly byName?: string;
  readonly createdAt: string;
}

/** The footage as a talk sees and moves it. */
export interface TalkFootage {
  readonly now: () => number;
  readonly seek: (seconds: number) => void;
  readonly play: () => void;
  readonly pause: () => void;
  readonly playing: boolean;
  readonly speed: number;
}

export interface TalkState {
  readonly talks: readonly RoundTalk[];
  readonly recording?: { readonly state: 'asking' | 'running' | 'keeping'; readonly seconds: number };
  /** Which one is heard. */
  readonly playing?: string;
  readonly problem?: string;
}
