import type { Drill } from '../vocabulary';

/** Shortest class that can be planned, in minutes. @source own decision: arrival, one lesson, one round, close */
export const LEAST_CLASS_MINUTES = 20;
/** From this length on a class has its whole warm-up, rounds and close. @source common practice */
const WHOLE_MINUTES = 50;

/** How an academy builds its classes; whole minutes. */
export interface ClassShape {
  readonly warmUpMinutes: number;
  /** What rounds get at least; they take what lessons leave. */
  readonly roundsMinutes: number;
  readonly closeMinutes: number;
  readonly leastLessonMinutes: number;
  readonly mostLessonMinutes: number;
  readonly mostLessons: number;
  /** From this length on a class may have two themes. */
  readonly twoThemesMinutes: number;
}

/** Each number with its default, its bounds, and why. */
export const shapeNumbers: Readonly<
  Record<
    keyof ClassShape,
    { readonly usual: number; readonly least: number; readonly most: number; readonly reason: string }
  >
> = {
  // @source common practice, all of them; where coaches differ the academy says otherwise
  warmUpMinutes: {
    usual: 8,
    least: 0,
    most: 30,
    reason: 'movements of the theme; half of it in a class under 50 minutes',
  },
  roundsMinutes: { usual: 12, least: 0, most: 90, reason: 'at least; rounds also take what lessons leave' },
  closeMinutes: { usual: 3, least: 0, most: 15, reason: 'one thing each, homework, who is sore' },
  leastLessonMinutes: { usual: 8, least: 4, most: 30, reason: 'under eight nobody gets turns' },
  mostLessonMinutes: { usual: 25, least: 8, most: 60, reason: 'over twenty-five nobody stays with it' },
  mostLessons: { usual: 3, least: 1, most: 4, reason: 'after the third nobody remembers the first' },
  twoThemesMinutes: {
    usual: 85,
    least: 30,
    most: 241,
    reason: 'one theme taught well, unless there is time for two; 241 is never',
  },
};

export const usualShape = Object.fromEntries(
  Object.entries(shapeNumbers).map(([name, { usual }]) => [name, usual]),
) as unknown as ClassShape;

/** Minutes that every class has beside its lessons. */
export function fixedMinutes(minutes: number, shape: ClassShape = usualShape) {
  const share = minutes >= WHOLE_MINUTES ? 1 : 0.4;
  return {
    'warm-up': Math.ceil(shape.warmUpMinutes * share),
    rounds: Math.ceil(shape.roundsMinutes * share),
    close: Math.ceil(shape.closeMinutes * share),
  };
}

/** Whole minutes for all lessons of a class together. */
export function drillMinutesIn(minutes: number, shape: ClassShape = usualShape): number {
  const fixed = fixedMinutes(minutes, shape);
  return Math.max(0, minutes - fixed['warm-up'] - fixed.rounds - fixed.close);
}

/** How many themes a class of so many minutes may have. */
export const mostThemesIn = (minutes: number, { twoThemesMinutes }: ClassShape = usualShape): number =>
  minutes >= twoThemesMinutes ? 2 : 1;

/** Drills as an academy runs them: no lesson shorter or longer than it says. */
export const inShape = (drills: readonly Drill[], shape: ClassShape): Drill[] =>
  drills.map((drill) => ({ ...drill, lesson: { least: shape.leastLessonMinutes, most: shape.mostLessonMinutes } }));
