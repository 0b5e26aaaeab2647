import {
  type CatalogueError,
  type Grip,
  type Position,
  type Principle,
  principles,
  type Strength,
  type Technique,
} from './types';

/** Places for what has no name yet: it can be marked at once and named later, and its figures count with its kind. */
const named = (id: string, name: string, ...aliases: string[]) => ({ id, name, aliases, heardAs: [] });
const everywhere = { fromFamilies: ['any'], uniform: 'both' } as const;

export const unnamedPositions: readonly Position[] = [
  {
    ...named('unnamed-position', 'a position without a name', 'unnamed position', 'new position'),
    family: 'scramble',
    betterRole: 'neutral',
    uniform: 'both',
    houseValue: 0,
    nextCalls: [],
  },
];

export const unnamedGrips: readonly Grip[] = [
  {
    ...named('unnamed-grip', 'a grip without a name', 'unnamed grip', 'new grip'),
    uniform: 'both',
    sided: false,
    target: '',
  },
];

export const unnamedTechniques: readonly Technique[] = [
  { ...named('unnamed-takedown', 'a takedown without a name', 'unnamed takedown'), ...everywhere, class: 'takedowns' },
  { ...named('unnamed-pull', 'a guard pull without a name', 'unnamed pull'), ...everywhere, class: 'guard-pulls' },
  { ...named('unnamed-pass', 'a pass without a name', 'unnamed pass', 'new pass'), ...everywhere, class: 'passes' },
  { ...named('unnamed-sweep', 'a sweep without a name', 'unnamed sweep', 'new sweep'), ...everywhere, class: 'sweeps' },
  { ...named('unnamed-escape', 'an escape without a name', 'unnamed escape'), ...everywhere, class: 'escapes' },
  {
    ...named('unnamed-back-take', 'a back take without a name', 'unnamed back take'),
    ...everywhere,
    class: 'back-takes',
    // Whether hooks are in has to be seen and said.
    resultPositionId: 'back-no-hooks',
    actorAfter: 'better',
  },
  {
    ...named('unnamed-leg-entry', 'a leg entry without a name', 'unnamed leg entry'),
    ...everywhere,
    class: 'leg-entries',
  },
  // An opening for anything at all: a grip, a frame, a step.
  { ...named('unnamed-chance', 'something without a name', 'unnamed chance'), ...everywhere, class: 'openings' },
  {
    ...named('unnamed-submission', 'a submission without a name', 'unnamed submission', 'new submission'),
    ...everywhere,
    class: 'submissions',
    lock: 'neck-mixed',
    // What nobody can name is treated as dangerous, and is kept out of what the young may try.
    danger: 'high',
    lowestBeltGi: 'white',
    lowestBeltNoGi: 'white',
    under16: 'not-allowed',
    hazardId: 'haz-tap',
  },
];

/** What an error or a good thing without a name is about; the words themselves stay with the mark. */
export const principleWords: Readonly<Record<Principle, string>> = {
  posture: 'posture',
  base: 'base',
  frames: 'frames',
  elbows: 'arms and elbows',
  'inside-position': 'inside position',
  grips: 'grips',
  hips: 'hips and weight',
  angle: 'angle',
  connection: 'connection',
  order: 'the order of things',
  timing: 'timing',
  direction: 'direction',
  awareness: 'awareness',
  energy: 'energy',
  safety: 'safety',
};

const unnamedError = (id: string, title: string, principle: Principle): CatalogueError => ({
  id,
  title,
  family: 'any',
  role: 'neutral',
  principles: [principle],
  leadsTo: [],
  exposure: { kind: 'live-time' },
  severity: 2,
  belts: ['white', 'blue', 'purple', 'brown', 'black'],
  teachable: { white: 0.4, blue: 0.4, purpleAndAbove: 0.4 },
  drillIds: [],
});

export const unnamedErrors: readonly CatalogueError[] = [
  unnamedError('err-unnamed', 'An error without a name', 'awareness'),
  ...principles.map((one) =>
    unnamedError(`err-unnamed-${one}`, `An error in ${principleWords[one]}, without a name`, one),
  ),
];

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const unnamedStrength = (id: string, title: string, principle: Principle): Strength => ({
  id,
  title,
  family: 'any',
  role: 'neutral',
  principles: [principle],
  because: 'worth looking at again',
});

export const unnamedStrengths: readonly Strength[] = [
  unnamedStrength('good-unnamed', 'Well done, without a name', 'awareness'),
  ...principles.map((one) =>
    unnamedStrength(`good-unnamed-${one}`, `${capital(principleWords[one])}, without a name`, one),
  ),
];

/** Whether an id stands for something that nobody has named yet. */
export const isUnnamed = (conceptId: string): boolean => /^(err-|good-)?unnamed(-[a-z-]+)?$/.test(conceptId);

/** Every id under which something without a name is marked. */
export const unnamedIds: readonly string[] = [
  ...unnamedPositions,
  ...unnamedGrips,
  ...unnamedTechniques,
  ...unnamedErrors,
  ...unnamedStrengths,
].map((one) => one.id);
