import type { AttemptMade, RoundFigures } from '../figures';
import { type Stage, stages } from '../marks';
import { type Interval, quantile, wilsonInterval } from '../statistics';
import { type TechniqueFamily, techniqueFamilyOf } from '../vocabulary';
import type { Moment } from './habits';

/** How far attempts at one technique, or at all of one family, came over several rounds. */
export interface Funnel<Of extends string = string> {
  /** The technique, or the family. */
  readonly of: Of;
  /** Tries and chances let pass together; the chances of partners are not marked, and are their tries. */
  readonly openings: number;
  /** From a try to its end, where the end is marked. */
  readonly medianSeconds?: number;
  /** From a try to where it holds, and from there (else from the try) to where it is locked, where somebody called it then. */
  readonly medianToControl?: number;
  readonly medianToLocked?: number;
  /** How many came so far or further. */
  readonly reached: Readonly<Record<Stage, number>>;
  /** Share of tries that was finished, with its 95 % interval; undefined where nothing was tried. */
  readonly finished?: { readonly share: number; readonly interval: Interval };
  /** Tries and chances let pass, in order of time. */
  readonly moments: readonly (Moment & { readonly stage?: Stage })[];
}

/**
 * Somebody's attempts (or those of their partners) by technique, with the chances of it that they let pass, most openings first. A later stage implies
 * the earlier ones.
 */
export const funnelsOf = (rounds: readonly RoundFigures[], whose: 'own' | 'faced'): Funnel[] =>
  funnelsBy(rounds, whose, (techniqueId) => techniqueId);

/** The same by family of techniques, those left out that the catalogue does not know. */
export const familyFunnelsOf = (rounds: readonly RoundFigures[], whose: 'own' | 'faced'): Funnel<TechniqueFamily>[] =>
  funnelsBy(rounds, whose, techniqueFamilyOf);

/** A funnel of a family without its moments, which are those of its techniques. */
export type FamilyFunnel = Omit<Funnel<TechniqueFamily>, 'moments'>;

/** Families with the moments of their techniques, in order of time. */
export const withMoments = (
  families: readonly FamilyFunnel[],
  techniques: readonly Funnel[],
): Funnel<TechniqueFamily>[] =>
  families.map((family) => ({
    ...family,
    moments: techniques
      .filter((one) => techniqueFamilyOf(one.of) === family.of)
      .flatMap((one) => one.moments)
      .sort(byTime),
  }));

function funnelsBy<Key extends string>(
  rounds: readonly RoundFigures[],
  whose: 'own' | 'faced',
  keyOf: (techniqueId: string) => Key | undefined,
): Funnel<Key>[] {
  const byKey = new Map<Key, { attempts: (AttemptMade & Moment)[]; missed: Moment[] }>();
  const of = (techniqueId: string) => {
    const key = keyOf(techniqueId);
    const known = (key && byKey.get(key)) ?? { attempts: [], missed: [] };
    if (key) byKey.set(key, known);
    return known;
  };
  for (const { roundId, heldOn, attempts, missed } of rounds) {
    for (const attempt of attempts)
      if (attempt.isOwn === (whose === 'own')) of(attempt.techniqueId).attempts.push({ ...attempt, roundId, heldOn });
    for (const { techniqueId, markId, atSeconds } of whose === 'own' ? missed : [])
      if (techniqueId !== undefined) of(techniqueId).missed.push({ markId, roundId, heldOn, atSeconds });
  }
  return [...byKey]
    .map(([key, { attempts, missed }]): Funnel<Key> => {
      const countFrom = (stage: Stage) =>
        attempts.filter((one) => stages.indexOf(one.stage) >= stages.indexOf(stage)).length;
      const reached = {
        entry: attempts.length,
        control: countFrom('control'),
        locked: countFrom('locked'),
        finished: countFrom('finished'),
      };
      const interval = wilsonInterval(reached.finished, attempts.length);
      return {
        of: key,
        openings: attempts.length + missed.length,
        medianSeconds: medianOf(attempts, (one) => one.seconds),
        medianToControl: medianOf(attempts, (one) => one.toControl),
        medianToLocked: medianOf(attempts, (one) => one.toLocked && one.toLocked - (one.toControl ?? 0)),
        reached,
        finished: interval && { share: reached.finished / attempts.length, interval },
        moments: [
          ...attempts.map(({ markId, roundId, heldOn, atSeconds, stage }) => ({
            markId,
            roundId,
            heldOn,
            atSeconds,
            stage,
          })),
          ...missed,
        ].sort(byTime),
      };
    })
    .sort((one, other) => other.openings - one.openings || (one.of < other.of ? -1 : 1));
}

const medianOf = (attempts: readonly AttemptMade[], secondsOf: (one: AttemptMade) => number | undefined) =>
  quantile(
    attempts.flatMap((one) => secondsOf(one) ?? []),
    0.5,
  );

const byTime = (one: Moment, other: Moment): number =>
  one.heldOn === other.heldOn ? one.atSeconds - other.atSeconds : one.heldOn < other.heldOn ? -1 : 1;
