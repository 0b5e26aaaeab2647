import type { Position } from '../types';

export const kneeOnBellyPositions: readonly Position[] = [
  {
    id: 'knee-on-belly',
    name: 'knee on belly',
    family: 'knee-on-belly',
    betterRole: 'top',
    uniform: 'both',
    houseValue: 2,
    points: 'knee-on-belly',
    aliases: ['knee on stomach', 'knee ride'],
    heardAs: ['new on belly', 'neon belly'],
    nextCalls: [
      ['mount', 4],
      ['side-control', 4],
      ['far-side-armbar', 3],
      ['baseball-bat-choke', 1],
      ['knee-on-belly-escape', 4],
      ['north-south', 2],
    ],
  },
];
