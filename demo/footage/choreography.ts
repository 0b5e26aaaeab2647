import { type Athlete, attemptSpan, type Mark, placeOfRole, readRound, roleIn } from '../../src/core/round';
import { findPosition, findTechnique } from '../../src/core/vocabulary';
import { mixPostures, type Posture, stirPosture } from './body';
import { hasOwnPosture, type PairPosture, pairPosture } from './postures';
import type { Vector } from './vector';

interface Keyframe {
  readonly atSeconds: number;
  readonly pair: PairPosture;
  readonly over: Athlete;
  /** Where on the mat the pair has come to, in metres. */
  readonly drift: Vector;
}

/** Seconds in which the pair moves from one posture into the next; it arrives at the mark. */
const MOVE_SECONDS = 1.4;

export type Choreography = readonly Keyframe[];

/** What the two do over the whole film, from the marks of the round: the picture agrees with the marks because it is made of them. */
export function choreograph(
  span: { readonly startSeconds: number; readonly endSeconds: number },
  marks: readonly Mark[],
): Choreography {
  const reading = readRound(span, marks);
  const frames: Omit<Keyframe, 'drift'>[] = [
    { atSeconds: 0, pair: pairPosture('standing-neutral', 'standing'), over: 'a' },
  ];
  for (const interval of reading.intervals) {
    if (interval.state.kind !== 'position') continue;
    const { positionId, holder } = interval.state;
    const role = roleIn(positionId, holder, 'a');
    const over: Athlete = placeOfRole(role) === 'under' ? 'b' : 'a';
    const frame = { pair: pairPosture(positionId, findPosition(positionId)?.family ?? 'standing'), over };
    frames.push({ atSeconds: interval.startSeconds, ...frame });
    for (const mark of reading.marks) {
      if (mark.kind !== 'attempt' || mark.stage === 'entry' || !hasOwnPosture(mark.techniqueId)) continue;
      if (findTechnique(mark.techniqueId)?.class !== 'submissions') continue;
      const held = attemptSpan(mark, reading.intervals);
      if (mark.atSeconds < interval.startSeconds || mark.atSeconds >= interval.endSeconds) continue;
      frames.push({
        atSeconds: mark.atSeconds,
        pair: pairPosture(mark.techniqueId, 'submission-hold'),
        over: mark.athlete,
      });
      const until = Math.min(held.endSeconds, interval.endSeconds) - 0.2;
      frames.push({ atSeconds: until, pair: pairPosture(mark.techniqueId, 'submission-hold'), over: mark.athlete });
      if (until < interval.endSeconds - 2.5) frames.push({ atSeconds: until + MOVE_SECONDS, ...frame });
    }
  }
  frames.sort((one, other) => one.atSeconds - other.atSeconds);
  return frames.map((frame, index) => ({
    ...frame,
    drift: [0.45 * Math.sin(index * 1.7), 0, 0.3 * Math.cos(index * 2.3) - 0.1],
  }));
}

const ease = (share: number): number => share * share * (3 - 2 * share);

/** Smooth, repeatable unrest: three slow waves per joint. */
function wave(seconds: number, seed: number): number {
  return (
    Math.sin(seconds * 1.9 + seed * 12.9) * 0.5 +
    Math.sin(seconds * 3.1 + seed * 78.2) * 0.3 +
    Math.sin(seconds * 0.7 + seed * 37.7) * 0.6
  );
}

function unrest(seconds: number, athlete: number, amount: number) {
  return (key: string): Vector => {
    const seed = [...key].reduce((sum, letter) => sum + letter.charCodeAt(0), athlete * 31) / 97;
    const reach = key.startsWith('hand')
      ? 1.6
      : key.startsWith('foot')
        ? 0.5
        : key.startsWith('knee') || key.startsWith('elbow')
          ? 2
          : 0.8;
    return [
      wave(seconds, seed) * amount * reach,
      Math.abs(wave(seconds, seed + 1)) * amount * reach * 0.7,
      wave(seconds, seed + 2) * amount * reach,
    ];
  };
}

const shift = (posture: Posture, drift: Vector): Posture =>
  Object.fromEntries(
    Object.entries(posture).map(([key, [x, y, z]]) => [
      key,
      key === 'across' ? [x, y, z] : [x + drift[0], y, z + drift[2]],
    ]),
  ) as unknown as Posture;

/** Both athletes' postures at a moment. */
export function posturesAt(choreography: Choreography, seconds: number): Record<Athlete, Posture> {
  let next = choreography.findIndex((frame) => frame.atSeconds > seconds);
  if (next === -1) next = choreography.length;
  const here = choreography[Math.max(0, next - 1)]!;
  const after = choreography[next];
  const began = after ? Math.max(here.atSeconds, after.atSeconds - MOVE_SECONDS) : 0;
  const share = after && seconds > began ? ease((seconds - began) / (after.atSeconds - began)) : 0;
  const of = (frame: Keyframe, athlete: Athlete) =>
    shift(athlete === frame.over ? frame.pair.over : frame.pair.under, frame.drift);
  const moving = share > 0 && after ? 0.5 : 1;
  const postureOf = (athlete: Athlete) => {
    const base =
      after && share > 0
        ? lift(mixPostures(of(here, athlete), of(after, athlete), share), share, here, after, athlete)
        : of(here, athlete);
    return stirPosture(base, unrest(seconds, athlete === 'a' ? 0 : 1, 0.022 * moving));
  };
  return { a: postureOf('a'), b: postureOf('b') };
}

/** When top and bottom change places, the one who comes up passes above and behind the other instead of through. */
function lift(posture: Posture, share: number, here: Keyframe, after: Keyframe, athlete: Athlete): Posture {
  if (here.over === after.over) return posture;
  const rises = athlete === after.over;
  const bump = Math.sin(share * Math.PI) * (rises ? 0.28 : 0.04);
  const aside = Math.sin(share * Math.PI) * (rises ? 0.3 : -0.25);
  return Object.fromEntries(
    Object.entries(posture).map(([key, [x, y, z]]) => [key, key === 'across' ? [x, y, z] : [x, y + bump, z + aside]]),
  ) as unknown as Posture;
}
