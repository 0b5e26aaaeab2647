import type { Position } from '../types';

export const turtlePositions: readonly Position[] = [
  {
    id: 'turtle',
    name: 'turtle',
    family: 'turtle',
    betterRole: 'attacker',
    uniform: 'both',
    houseValue: 2,
    aliases: ['all fours', 'elbows and knees', 'balled up'],
    heardAs: ['turtles', 'total', 'hurdle'],
    nextCalls: [
      ['turtle-back-take', 5],
      ['roll-to-guard-from-turtle', 3],
      ['front-headlock', 3],
      ['clock-choke', 2],
      ['turtle-stand-up', 3],
      ['sit-out', 2],
      ['rolling-back-take', 2],
    ],
  },
  {
    id: 'belly-down',
    name: 'belly down, opponent behind',
    family: 'turtle',
    betterRole: 'attacker',
    uniform: 'both',
    houseValue: 3,
    aliases: ['belly down', 'flattened', 'face down'],
    heardAs: ['belly town'],
    nextCalls: [
      ['back-control', 4],
      ['rear-naked-choke', 4],
      ['back-no-hooks', 3],
      ['armbar', 1],
      ['turtle', 2],
    ],
  },
];
