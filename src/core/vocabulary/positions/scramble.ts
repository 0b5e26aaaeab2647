import type { Position } from '../types';

export const scramblePositions: readonly Position[] = [
  {
    id: 'double-guard-pull',
    name: 'double guard pull',
    family: 'scramble',
    betterRole: 'neutral',
    uniform: 'both',
    houseValue: 0,
    aliases: ['double pull', 'both seated'],
    heardAs: ['double poll'],
    nextCalls: [
      ['wrestle-up', 4],
      ['fifty-fifty', 3],
      ['seated-guard', 3],
      ['technical-stand-up', 3],
      ['single-leg-x-entry', 2],
    ],
  },
  {
    id: 'scramble',
    name: 'scramble',
    family: 'scramble',
    betterRole: 'neutral',
    uniform: 'both',
    houseValue: 0,
    aliases: ['loose exchange', 'both moving'],
    heardAs: ['scrambled'],
    nextCalls: [
      ['turtle', 4],
      ['front-headlock', 3],
      ['half-guard', 3],
      ['side-control', 3],
      ['standing-neutral', 2],
      ['turtle-back-take', 3],
    ],
  },
];
