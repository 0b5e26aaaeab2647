import type { AttemptMade, RoundFigures } from '../figures';
import { type Stage, stages } from '../marks';
import { type Interval, wilsonInterval } from '../statistics';
import type { Moment } from './habits';

/** How far attempts at one technique came, over several rounds. */
export interface Funnel {
  readonly techniqueId: string;
  /** How many came so far or further. */
  readonly reached: Readonly<Record<Stage, number>>;
  /** Share that was finished, with its 95 % interval. */
  readonly finished: { readonly share: number; readonly interval: Interval };
  readonly moments: readonly (Moment & { readonly stage: Stage })[];
}

/** Somebody's attempts (or those of their partners) by technique, most frequent first. A later stage implies the earlier ones. */
export function funnelsOf(rounds: readonly RoundFigures[], whose: 'own' | 'faced'): Funnel[] {
  const byTechnique = new Map<string, (AttemptMade & { roundId: string; heldOn: string })[]>();
  for (const { roundId, heldOn, attempts } of rounds)
    for (const attempt of attempts) {
      if (attempt.isOwn !== (whose === 'own')) continue;
      const known = byTechnique.get(attempt.techniqueId) ?? [];
      known.push({ ...attempt, roundId, heldOn });
      byTechnique.set(attempt.techniqueId, known);
    }
  return [...byTechnique]
    .map(([techniqueId, all]): Funnel => {
      const countFrom = (stage: Stage) =>
        all.filter((one) => stages.indexOf(one.stage) >= stages.indexOf(stage)).length;
      const reached = {
        entry: all.length,
        control: countFrom('control'),
        locked: countFrom('locked'),
        finished: countFrom('finished'),
      };
      return {
        techniqueId,
        reached,
        finished: {
          share: reached.finished / all.length,
          interval: wilsonInterval(reached.finished, all.length) ?? { low: 0, high: 1 },
        },
        moments: all.map(({ markId, roundId, heldOn, atSeconds, stage }) => ({
          markId,
          roundId,
          heldOn,
          atSeconds,
          stage,
        })),
      };
    })
    .sort((one, other) => other.reached.entry - one.reached.entry || (one.techniqueId < other.techniqueId ? -1 : 1));
}
