import type { AnyBelt } from '../../src/core/vocabulary';

export interface DemoPerson {
  readonly key: string;
  readonly name: string;
  readonly standing: 'student' | 'partner';
  readonly division: 'male' | 'female';
  /** Years of age when the demo is loaded; the birthday is made to fit. */
  readonly age: number;
  readonly belt: AnyBelt;
  readonly stripes: number;
  readonly weightKg: number;
  readonly injury?: string;
}

/** Everybody here is made up. */
export const people: readonly DemoPerson[] = [
  { key: 'ana', name: 'Ana Velden', standing: 'student', division: 'female', age: 27, belt: 'blue', stripes: 2, weightKg: 61.4 },
  { key: 'marek', name: 'Marek Osei', standing: 'student', division: 'male', age: 31, belt: 'white', stripes: 3, weightKg: 71.8 },
  { key: 'bruno', name: 'Bruno Tallis', standing: 'student', division: 'male', age: 38, belt: 'purple', stripes: 1, weightKg: 94.2 },
  { key: 'iris', name: 'Iris Kovar', standing: 'student', division: 'female', age: 34, belt: 'purple', stripes: 0, weightKg: 66.0 },
  { key: 'teo', name: 'Teo Lindqvist', standing: 'student', division: 'male', age: 23, belt: 'blue', stripes: 0, weightKg: 80.3 },
  { key: 'nadia', name: 'Nadia Brandt', standing: 'student', division: 'female', age: 29, belt: 'white', stripes: 1, weightKg: 58.3 },
  { key: 'felix', name: 'Felix Aduro', standing: 'student', division: 'male', age: 36, belt: 'brown', stripes: 2, weightKg: 84.0 },
  { key: 'yara', name: 'Yara Moss', standing: 'student', division: 'female', age: 25, belt: 'blue', stripes: 3, weightKg: 69.5 },
  { key: 'samir', name: 'Samir Holt', standing: 'student', division: 'male', age: 42, belt: 'white', stripes: 4, weightKg: 88.1 },
  { key: 'pia', name: 'Pia Lorens', standing: 'student', division: 'female', age: 52, belt: 'blue', stripes: 1, weightKg: 63.7, injury: 'Left shoulder, sore since the weekend' },
  { key: 'mia', name: 'Mia Serrat', standing: 'student', division: 'female', age: 15, belt: 'green', stripes: 1, weightKg: 52.0 },
  { key: 'jon', name: 'Jon Piet', standing: 'student', division: 'male', age: 14, belt: 'orange-black', stripes: 0, weightKg: 49.2 },
  { key: 'ludo', name: 'Ludo Reyhart', standing: 'partner', division: 'male', age: 46, belt: 'black', stripes: 1, weightKg: 80.9 },
];

export const coaches = [
  { signInName: 'ludo', displayName: 'Ludo Reyhart', role: 'head' },
  { signInName: 'felix', displayName: 'Felix Aduro', role: 'assistant' },
  { signInName: 'iris', displayName: 'Iris Kovar', role: 'assistant' },
  { signInName: 'tova', displayName: 'Tova Lindgren', role: 'helper' },
] as const;

/** Printed at the start of the demo; the demo listens on loopback only. */
export const DEMO_PASSWORD = 'slow owl on a beam';
export const ACADEMY_NAME = 'Tollgate Loft';

export const doNotPair: readonly (readonly [string, string])[] = [['samir', 'teo']];
