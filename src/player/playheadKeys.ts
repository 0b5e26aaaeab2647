import { type KeyEntry, plain, shifted, sign } from '@/ui/keys/keyEntry';

export type MoveCommand = 'frame-back' | 'frame-on' | 'jump-back' | 'jump-on';
export type SpeedCommand = 'slower' | 'faster' | 'loop';
export type LookCommand = 'closer' | 'wider';

/** Keys that mean the same on every page with footage. */
export const moveKeys: readonly KeyEntry<MoveCommand>[] = [
  { command: 'frame-back', shown: '←', does: 'one picture back', matches: plain('arrowleft') },
  { command: 'frame-on', shown: '→', does: 'one picture on', matches: plain('arrowright') },
  { command: 'jump-back', shown: 'Shift ←', does: 'five seconds back', matches: shifted('arrowleft') },
  { command: 'jump-on', shown: 'Shift →', does: 'five seconds on', matches: shifted('arrowright') },
];
export const speedKeys: readonly KeyEntry<SpeedCommand>[] = [
  { command: 'slower', shown: '−', does: 'slower', matches: sign('-') },
  { command: 'faster', shown: '+', does: 'faster', matches: sign('+', '=') },
  { command: 'loop', shown: 'O', does: 'loop the last four seconds, or stop it', matches: plain('o') },
];
export const lookKeys: readonly KeyEntry<LookCommand>[] = [
  { command: 'closer', shown: 'X', does: 'look closer (also the wheel; drag to move)', matches: plain('x') },
  { command: 'wider', shown: 'Shift X', does: 'look wider', matches: shifted('x') },
];
export const playKey = (does = 'play or pause'): KeyEntry<'play'> => ({
  command: 'play',
  shown: 'Space',
  does,
  matches: plain(' '),
});
