/** How an error of somebody went over the term: a factor of what their belt lets one expect, from a week on (0 is half a year ago). */
export interface Habit {
  readonly errorId: string;
  readonly course: readonly { readonly fromWeek: number; readonly factor: number }[];
}
export interface DemoHabits {
  readonly habits: readonly Habit[];
  /** Techniques that they look for more than others do. */
  readonly favourites: readonly string[];
  /** The side to which they like to go, and how often of ten. */
  readonly side?: { readonly side: 'left' | 'right'; readonly share: number };
  /** Weeks in which they are hurt and do not train, from and to. */
  readonly hurt?: readonly [number, number];
}

const always = (errorId: string, factor: number): Habit => ({ errorId, course: [{ fromWeek: 0, factor }] });
const goneFrom = (errorId: string, factor: number, week: number): Habit => ({
  errorId,
  course: [
    { fromWeek: 0, factor },
    { fromWeek: week, factor: 0.02 },
  ],
});

/** The week in which a class drilled what vanished from it on. */
export const LESSON_WEEKS = { nadia: 14, tomas: 12, samir: 10, selma: 16, teo: 8 } as const;

export const habitsOf: Readonly<Record<string, DemoHabits>> = {
  // Never changes, however often it is said.
  ana: {
    habits: [always('err-half-flat', 5), always('err-lets-top-settle', 2.5)],
    favourites: ['triangle', 'closed-guard-pull', 'scissor-sweep'],
    side: { side: 'left', share: 0.85 },
  },
  marek: {
    habits: [always('err-shoulders-past-hips', 4), always('err-arm-offered-in-guard', 3)],
    favourites: ['knee-slice', 'double-leg'],
  },
  // Gone after the class that drilled it.
  nadia: {
    habits: [goneFrom('err-half-flat', 6, LESSON_WEEKS.nadia), always('err-frame-elbow-out', 3)],
    favourites: ['elbow-escape'],
  },
  tomas: {
    habits: [goneFrom('err-elbows-open', 6, LESSON_WEEKS.tomas), always('err-flat-under-pin', 2.5)],
    favourites: ['single-leg', 'bridge-and-roll'],
  },
  samir: {
    habits: [goneFrom('err-flat-under-pin', 5, LESSON_WEEKS.samir), always('err-few-bridges', 3)],
    favourites: ['crossface-half-pass'],
  },
  // Gone, and back again.
  teo: {
    habits: [
      {
        errorId: 'err-reach-rounded-back',
        course: [
          { fromWeek: 0, factor: 5 },
          { fromWeek: LESSON_WEEKS.teo, factor: 0.02 },
          { fromWeek: 18, factor: 5 },
        ],
      },
    ],
    favourites: ['toreando', 'leg-drag'],
    side: { side: 'right', share: 0.8 },
  },
  selma: {
    habits: [goneFrom('err-retention-given-up', 3, LESSON_WEEKS.selma), always('err-seated-waiting', 3)],
    favourites: ['de-la-riva-sweep', 'arm-drag'],
  },
  // New of late.
  yara: {
    habits: [
      {
        errorId: 'err-head-over-line',
        course: [
          { fromWeek: 0, factor: 0 },
          { fromWeek: 22, factor: 6 },
        ],
      },
    ],
    favourites: ['body-lock-pass', 'arm-triangle'],
  },
  // Getting less, slowly.
  oskar: {
    habits: [
      {
        errorId: 'err-side-hips-high',
        course: [
          { fromWeek: 0, factor: 6 },
          { fromWeek: 13, factor: 1.5 },
        ],
      },
    ],
    favourites: ['kimura', 'over-under-pass'],
  },
  pia: { habits: [always('err-knees-released', 2)], favourites: ['half-guard-underhook-sweep'], hurt: [16, 20] },
  bruno: {
    habits: [always('err-underhook-uncontested', 3)],
    favourites: ['body-lock-takedown', 'crossface-half-pass', 'americana'],
  },
  iris: {
    habits: [always('err-back-too-high', 4)],
    favourites: ['turtle-back-take', 'rear-naked-choke'],
    side: { side: 'right', share: 0.9 },
  },
  lior: { habits: [always('err-stands-bent', 3), always('err-hand-crosses-over', 3)], favourites: ['double-leg'] },
  greta: { habits: [always('err-bench-press', 3), always('err-elbows-open', 2)], favourites: ['elbow-escape'] },
  hedda: { habits: [always('err-grip-formed-unanswered', 3)], favourites: ['foot-sweep'] },
  pavel: { habits: [always('err-block-late', 3)], favourites: ['butterfly-sweep', 'guillotine'] },
  noor: { habits: [always('err-heel-shown', 3)], favourites: ['ashi-entry-from-butterfly', 'straight-ankle-lock'] },
  eskil: { habits: [always('err-side-on-knees', 3)], favourites: ['stack-pass', 'cross-collar-choke'] },
  felix: { habits: [always('err-locks-on-toes', 3)], favourites: ['knee-slice', 'triangle'] },
  rhea: { habits: [always('err-choking-arm-peeled', 3)], favourites: ['bow-and-arrow-choke', 'half-guard-back-take'] },
  wim: { habits: [always('err-bellies-down', 3)], favourites: ['single-leg'] },
  liv: { habits: [always('err-hands-hover', 3)], favourites: ['sit-guard-pull'] },
  mia: { habits: [always('err-lets-top-settle', 2)], favourites: ['scissor-sweep'] },
  jon: { habits: [always('err-shoulders-past-hips', 3)], favourites: ['guard-open-kneeling'] },
};

/** What a habit makes of an error in a week: 1 without one. */
export function habitFactor(person: string, errorId: string, week: number): number {
  const course = habitsOf[person]?.habits.find((one) => one.errorId === errorId)?.course ?? [];
  return course.reduce((factor, step) => (week >= step.fromWeek ? step.factor : factor), 1);
}
