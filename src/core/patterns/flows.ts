import type { RoundFigures, Stay } from '../figures';
import { placeOfRole } from '../round';
import { findPosition, type PositionFamily } from '../vocabulary';
import type { Moment } from './habits';

/** Whether somebody is on top or attacks, below or defends, or neither. */
export type FlowPlace = 'over' | 'under' | 'level';
/** A kind of position as one athlete is in it: half guard below, mount on top. */
export interface FlowNode {
  readonly key: string;
  readonly family: PositionFamily;
  readonly place: FlowPlace;
  readonly seconds: number;
  readonly stays: number;
  /** How well placed, weighed by time. */
  readonly tide: number;
}
/** How often one kind of position went on to another, without a stop between. */
export interface FlowStream {
  readonly from: string;
  readonly to: string;
  readonly count: number;
  /** Of all that went on from there, 0 to 1. */
  readonly share: number;
  /** How much better placed afterwards; below 0 it cost. */
  readonly gain: number;
  /** When it happened: the moment of the change. */
  readonly moments: readonly Omit<Moment, 'markId'>[];
}
export interface Flows {
  /** Best placed first. */
  readonly nodes: readonly FlowNode[];
  /** By where they come from, most frequent first. */
  readonly streams: readonly FlowStream[];
}

/** Stays of less than this apart follow each other. @source own decision: rounding of typed times */
const SAME_MOMENT_SECONDS = 0.05;

const nodeOf = (stay: Stay) => {
  const family = findPosition(stay.positionId)?.family ?? 'scramble';
  const place = placeOfRole(stay.role);
  return { key: `${family}/${place}`, family, place };
};

/** How somebody's rounds flow: how long they are in each kind of position, and where they go on to. A change within one kind is none. */
export function flowsOf(rounds: readonly RoundFigures[]): Flows {
  const nodes = new Map<string, { -readonly [Name in keyof FlowNode]: FlowNode[Name] }>();
  const streams = new Map<string, { from: string; to: string; gain: number; moments: Omit<Moment, 'markId'>[] }>();
  for (const { roundId, heldOn, stays } of rounds) {
    let before: Stay | undefined;
    for (const stay of stays) {
      const known = nodeOf(stay);
      const node = nodes.get(known.key) ?? { ...known, seconds: 0, stays: 0, tide: 0 };
      node.tide = (node.tide * node.seconds + stay.tide * stay.seconds) / (node.seconds + stay.seconds);
      node.seconds += stay.seconds;
      const follows = before && stay.atSeconds - before.atSeconds - before.seconds < SAME_MOMENT_SECONDS;
      const from = before && follows ? nodeOf(before).key : undefined;
      if (from !== known.key) node.stays += 1;
      nodes.set(known.key, node);
      if (before && from !== undefined && from !== known.key) {
        const key = `${from} ${known.key}`;
        const stream = streams.get(key) ?? { from, to: known.key, gain: 0, moments: [] };
        stream.gain += stay.tide - before.tide;
        stream.moments.push({ roundId, heldOn, atSeconds: stay.atSeconds });
        streams.set(key, stream);
      }
      before = stay;
    }
  }
  const wentOn = new Map<string, number>();
  for (const { from, moments } of streams.values()) wentOn.set(from, (wentOn.get(from) ?? 0) + moments.length);
  return {
    nodes: [...nodes.values()].sort((one, other) => other.tide - one.tide || (one.key < other.key ? -1 : 1)),
    streams: [...streams.values()]
      .map(({ from, to, gain, moments }) => ({
        ...{ from, to, moments, count: moments.length },
        ...{ share: moments.length / (wentOn.get(from) ?? moments.length), gain: gain / moments.length },
      }))
      .sort((one, other) => (one.from === other.from ? other.count - one.count : one.from < other.from ? -1 : 1)),
  };
}
