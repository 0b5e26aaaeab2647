import type { TechniqueFamily } from '@/core/vocabulary';

/** What families of techniques are called at the head of a line. */
export const techniqueFamilyWords: Readonly<Record<TechniqueFamily, string>> = {
  takedowns: 'Takedowns',
  'guard-pulls': 'Guard pulls',
  passes: 'Passes',
  sweeps: 'Sweeps',
  escapes: 'Escapes',
  'back-takes': 'Back takes',
  openings: 'Openings of any kind',
  'leg-entries': 'Leg entries',
  chokes: 'Chokes',
  'arm-locks': 'Arm locks',
  'leg-locks': 'Leg locks',
  'other-submissions': 'Other submissions',
};
