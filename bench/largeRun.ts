import { drawsFrom } from '../demo/term/draws';
import { type Attendee, type ClassProblem, defaultLimits, type RunClass, type RunProblem } from '../src/core/planning';
import { errors } from '../src/core/vocabulary';

const CLASSES = 12;
const PEOPLE = 40;
const NEEDS = 8;

/** The coming weeks of a large academy, drawn from a seed: a dozen evenings, forty people who come to each, eight needs each. */
export function largeRun(seed: number): { readonly run: RunProblem; readonly classes: readonly ClassProblem[] } {
  const draws = drawsFrom(seed);
  const attendees = Array.from(
    { length: PEOPLE },
    (_, at): Attendee => ({
      ...{ personId: `p${at}`, belt: draws.one(['white', 'blue', 'purple']), age: 25, weightKg: 70 },
      ...{ chance: 0.6, injured: false },
      needs: Array.from({ length: NEEDS }, () => ({
        ...{ errorId: draws.one(errors.map((one) => one.id)), priority: draws.between(0, 3), count: 3, markIds: [] },
      })),
    }),
  );
  const evening = { minutes: 75, uniform: 'gi', pairsOnMats: 20, attendees, locks: [] } as const;
  const classes = Array.from(
    { length: CLASSES },
    (_, at): RunClass => ({ classId: `c${at}`, day: at * 2, ...evening }),
  );
  return {
    run: { classes, earlier: [], taughtOn: new Map(), isFair: true, seed: 1 },
    classes: classes.map(() => ({
      ...evening,
      ...{ limits: defaultLimits, restingDrillIds: new Set(), recentPairs: new Set() },
    })),
  };
}
