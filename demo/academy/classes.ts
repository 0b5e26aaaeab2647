export interface DemoClass {
  readonly key: string;
  readonly title: string;
  readonly inDays: number;
  /** Then on the first such day, 1 being Monday. */
  readonly onWeekday?: number;
  readonly time: string;
  readonly minutes: number;
  readonly uniform: 'gi' | 'no-gi';
  readonly level: string;
  readonly pairsOnMats: number;
  /** Chance of coming by person. */
  readonly expected: Readonly<Record<string, number>>;
}

export const upcomingClasses: readonly DemoClass[] = [
  {
    key: 'evening',
    title: 'Evening class',
    inDays: 1,
    time: '19:00',
    minutes: 75,
    uniform: 'gi',
    level: 'all belts',
    pairsOnMats: 7,
    expected: { ana: 0.9, marek: 0.8, bruno: 0.6, iris: 0.7, teo: 0.8, nadia: 0.9, felix: 0.6, yara: 0.7, samir: 0.8, pia: 0.8 },
  },
  {
    key: 'no-gi',
    title: 'No-gi, small group',
    inDays: 3,
    time: '18:30',
    minutes: 60,
    uniform: 'no-gi',
    level: 'from blue',
    pairsOnMats: 4,
    expected: { ana: 0.8, iris: 0.8, teo: 0.9, yara: 0.6, felix: 0.7 },
  },
  {
    key: 'saturday',
    title: 'Saturday, young and old',
    inDays: 4,
    onWeekday: 6,
    time: '10:30',
    minutes: 60,
    uniform: 'gi',
    level: 'all belts',
    pairsOnMats: 6,
    expected: { mia: 0.9, jon: 0.9, ana: 0.5, marek: 0.6, nadia: 0.7, samir: 0.5 },
  },
];
