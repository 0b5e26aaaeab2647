import type { Belt } from '../../src/core/vocabulary';

interface DemoUnit {
  readonly title: string;
  readonly belt: Belt;
  readonly conceptIds: readonly string[];
}

/** What the demo's academy teaches: made up, as everything of it. */
export const curriculum: readonly DemoUnit[] = [
  { title: 'Out from under', belt: 'white', conceptIds: ['elbow-escape', 'bridge-and-roll', 'drill-elbows-in'] },
  {
    title: 'Half guard, first steps',
    belt: 'white',
    conceptIds: ['drill-half-guard-side', 'half-guard-underhook-sweep'],
  },
  { title: 'Standing in the guard', belt: 'white', conceptIds: ['guard-open-standing', 'knee-slice', 'toreando'] },
  { title: 'To the feet', belt: 'white', conceptIds: ['single-leg', 'double-leg', 'snap-down'] },
  {
    title: 'A guard that moves',
    belt: 'blue',
    conceptIds: ['butterfly-sweep', 'de-la-riva-sweep', 'drill-block-the-side'],
  },
  { title: 'The back', belt: 'blue', conceptIds: ['turtle-back-take', 'rear-naked-choke', 'back-to-mat-escape'] },
  { title: 'Legs, safely', belt: 'blue', conceptIds: ['straight-ankle-lock', 'knee-line-extraction', 'heel-hide'] },
];
