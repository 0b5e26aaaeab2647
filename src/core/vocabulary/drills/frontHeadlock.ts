import type { DrillCourse } from '../types';

export const frontHeadlockDrills: readonly DrillCourse[] = [
  {
    id: 'drill-guillotine-hip',
    targetErrorIds: ['err-guillotine-sits-straight'],
    start: 'Front headlock, choke on the neck.',
    cue: 'Step to the choking side; that hip down.',
    branches: [
      { when: 'their legs come clear', answer: 'release the neck, since a shoulder choke comes next' },
      { when: 'they pull up', answer: 'stand' },
      { when: 'they stay', answer: 'close the elbow' },
    ],
    constraint: 'Tap light; stop at contact.',
    stages: ['static', 'cooperative', 'progressive'],
    leastMinutes: 5,
    mostMinutes: 9,
    secondsPerRepetition: 15,
    sided: true,
    uniform: 'both',
    groupSize: 2,
    lowestBelt: 'white',
    under16: false,
    hazardIds: ['haz-neck-front'],
    kappa: 0.3,
    family: 'front-headlock',
  },
];
