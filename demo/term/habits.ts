import type { PositionFamily } from '../../src/core/vocabulary';

/**
 * How an error of somebody went over the term: how often, from a week on (0 is half a year ago), a minute of its place or, where it is counted over
 * tries, of one try.
 */
export interface Habit {
  readonly errorId: string;
  readonly course: readonly { readonly fromWeek: number; readonly rate: number }[];
}
export interface DemoHabits {
  readonly habits: readonly Habit[];
  /** Techniques that they look for more than others do. */
  readonly favourites: readonly string[];
  /** Where they stay longer than others. */
  readonly lingers?: PositionFamily;
  /** The side to which they like to go, and how often of ten. */
  readonly side?: { readonly side: 'left' | 'right'; readonly share: number };
  /** Weeks in which they are hurt and do not train, from and to. */
  readonly hurt?: readonly [number, number];
}

const always = (errorId: string, rate: number): Habit => ({ errorId, course: [{ fromWeek: 0, rate }] });
const goneAfter = ({ errorId, week }: { readonly errorId: string; readonly week: number }, rate: number): Habit => ({
  errorId,
  course: [
    { fromWeek: 0, rate },
    { fromWeek: week, rate: 0.01 },
  ],
});

/** The class of which week drilled what of whose errors, which vanished from then on. */
export const lessons = {
  nadia: { week: 14, errorId: 'err-block-late' },
  tomas: { week: 12, errorId: 'err-elbows-open' },
  samir: { week: 10, errorId: 'err-underhook-given-in-guard' },
  selma: { week: 16, errorId: 'err-retention-given-up' },
  teo: { week: 8, errorId: 'err-reach-rounded-back' },
} as const;

export const habitsOf: Readonly<Record<string, DemoHabits>> = {
  // Never changes, however often it is said.
  ana: {
    habits: [always('err-half-flat', 1.5), always('err-lets-top-settle', 0.7)],
    favourites: ['triangle', 'closed-guard-pull', 'scissor-sweep'],
    lingers: 'half-guard',
    side: { side: 'left', share: 0.85 },
  },
  marek: {
    habits: [always('err-shoulders-past-hips', 1.2), always('err-arm-offered-in-guard', 0.8)],
    favourites: ['knee-slice', 'double-leg'],
    lingers: 'closed-guard',
  },
  // Gone after the class that drilled it.
  nadia: {
    habits: [goneAfter(lessons.nadia, 1.4), always('err-frame-elbow-out', 0.6)],
    favourites: ['elbow-escape'],
    lingers: 'open-guard',
  },
  tomas: {
    habits: [goneAfter(lessons.tomas, 2.5), always('err-flat-under-pin', 1.2)],
    favourites: ['single-leg', 'bridge-and-roll'],
    lingers: 'mount',
  },
  samir: {
    habits: [goneAfter(lessons.samir, 1.3), always('err-few-bridges', 0.8)],
    favourites: ['crossface-half-pass'],
    lingers: 'open-guard',
  },
  // Gone, and back again.
  teo: {
    habits: [
      {
        errorId: lessons.teo.errorId,
        course: [
          { fromWeek: 0, rate: 1.6 },
          { fromWeek: lessons.teo.week, rate: 0.01 },
          { fromWeek: 18, rate: 1.6 },
        ],
      },
    ],
    favourites: ['toreando', 'leg-drag'],
    lingers: 'open-guard',
    side: { side: 'right', share: 0.8 },
  },
  selma: {
    habits: [goneAfter(lessons.selma, 0.5), always('err-seated-waiting', 0.6)],
    favourites: ['de-la-riva-sweep', 'arm-drag'],
    lingers: 'open-guard',
  },
  // New of late.
  yara: {
    habits: [
      {
        errorId: 'err-head-over-line',
        course: [
          { fromWeek: 0, rate: 0 },
          { fromWeek: 22, rate: 1.5 },
        ],
      },
    ],
    favourites: ['body-lock-pass', 'arm-triangle'],
    lingers: 'open-guard',
  },
  // Getting less, slowly.
  oskar: {
    habits: [
      {
        errorId: 'err-side-hips-high',
        course: [
          { fromWeek: 0, rate: 2 },
          { fromWeek: 13, rate: 0.4 },
        ],
      },
    ],
    favourites: ['kimura', 'over-under-pass'],
    lingers: 'side-pin',
  },
  pia: { habits: [always('err-knees-released', 0.4)], favourites: ['half-guard-underhook-sweep'], hurt: [16, 20] },
  bruno: {
    habits: [always('err-underhook-uncontested', 0.8)],
    favourites: ['body-lock-takedown', 'crossface-half-pass', 'americana'],
    lingers: 'half-guard',
  },
  iris: {
    habits: [always('err-back-too-high', 1.0)],
    favourites: ['turtle-back-take', 'rear-naked-choke'],
    lingers: 'back',
    side: { side: 'right', share: 0.9 },
  },
  lior: { habits: [always('err-stands-bent', 0.7), always('err-hand-crosses-over', 0.6)], favourites: ['double-leg'] },
  greta: {
    habits: [always('err-bench-press', 0.9), always('err-elbows-open', 1.6)],
    favourites: ['elbow-escape'],
    lingers: 'mount',
  },
  hedda: { habits: [always('err-grip-formed-unanswered', 0.6)], favourites: ['foot-sweep'] },
  pavel: { habits: [always('err-block-late', 0.6)], favourites: ['butterfly-sweep', 'guillotine'] },
  noor: {
    habits: [always('err-heel-shown', 1.0)],
    favourites: ['ashi-entry-from-butterfly', 'straight-ankle-lock'],
    lingers: 'leg-entanglement',
  },
  eskil: { habits: [always('err-side-on-knees', 0.6)], favourites: ['stack-pass', 'cross-collar-choke'] },
  felix: { habits: [always('err-locks-on-toes', 0.5)], favourites: ['knee-slice', 'triangle'] },
  rhea: {
    habits: [always('err-choking-arm-peeled', 0.7)],
    favourites: ['bow-and-arrow-choke', 'half-guard-back-take'],
  },
  wim: { habits: [always('err-bellies-down', 1.0)], favourites: ['single-leg'] },
  liv: { habits: [always('err-hands-hover', 0.6)], favourites: ['sit-guard-pull'] },
  mia: { habits: [always('err-lets-top-settle', 0.7)], favourites: ['scissor-sweep'] },
  jon: { habits: [always('err-shoulders-past-hips', 1.2)], favourites: ['guard-open-kneeling'] },
};

/** How often somebody makes an error in a week; undefined where it is no habit of theirs. */
export function habitRate(person: string, errorId: string, week: number): number | undefined {
  const course = habitsOf[person]?.habits.find((one) => one.errorId === errorId)?.course;
  return course?.reduce((rate, step) => (week >= step.fromWeek ? step.rate : rate), 0);
}
