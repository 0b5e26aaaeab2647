import type { Position } from '../types';

export const frontHeadlockPositions: readonly Position[] = [
  {
    id: 'front-headlock',
    name: 'front headlock',
    family: 'front-headlock',
    betterRole: 'attacker',
    uniform: 'both',
    houseValue: 1.5,
    aliases: ['head and arm from the front', 'sprawl position'],
    heardAs: ['front had lock'],
    nextCalls: [
      ['guillotine', 4],
      ['darce-choke', 3],
      ['anaconda-choke', 2],
      ['snap-down', 2],
      ['turtle-back-take', 4],
      ['peek-out-escape', 4],
      ['sit-out', 2],
    ],
  },
];
