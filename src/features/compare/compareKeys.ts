import { type KeyEntry, plain, shifted, sign } from '@/ui/keys/keyEntry';

export type CompareCommand =
  | 'play'
  | 'frame-back'
  | 'frame-on'
  | 'jump-back'
  | 'jump-on'
  | 'left'
  | 'right'
  | 'slower'
  | 'faster'
  | 'tie'
  | 'untie'
  | 'to-tie'
  | 'loop'
  | 'closer'
  | 'wider'
  | 'exchange'
  | 'keys'
  | 'leave';

/** Every key of comparing, in the order in which the sheet of keys lists them. */
export const compareKeys: readonly KeyEntry<CompareCommand>[] = [
  { command: 'play', shown: 'Space', does: 'play or pause both', matches: plain(' ') },
  { command: 'left', shown: '1', does: 'work on the left clip', matches: plain('1') },
  { command: 'right', shown: '2', does: 'work on the right clip', matches: plain('2') },
  { command: 'frame-back', shown: '←', does: 'one picture back', matches: plain('arrowleft') },
  { command: 'frame-on', shown: '→', does: 'one picture on', matches: plain('arrowright') },
  { command: 'jump-back', shown: 'Shift ←', does: 'five seconds back', matches: shifted('arrowleft') },
  { command: 'jump-on', shown: 'Shift →', does: 'five seconds on', matches: shifted('arrowright') },
  { command: 'slower', shown: '−', does: 'this clip slower', matches: sign('-') },
  { command: 'faster', shown: '+', does: 'this clip faster', matches: sign('+', '=') },
  { command: 'tie', shown: 'T', does: 'here the same thing happens in both: tie them', matches: plain('t') },
  { command: 'untie', shown: 'Shift T', does: 'untie them: each moves alone', matches: shifted('t') },
  { command: 'to-tie', shown: 'Enter', does: 'back to where they are tied', matches: plain('enter') },
  { command: 'loop', shown: 'O', does: 'loop the last four seconds of both, or stop it', matches: plain('o') },
  { command: 'closer', shown: 'X', does: 'look closer', matches: plain('x') },
  { command: 'wider', shown: 'Shift X', does: 'look wider', matches: shifted('x') },
  { command: 'exchange', shown: 'W', does: 'exchange left and right', matches: plain('w') },
  { command: 'keys', shown: '?', does: 'this sheet', matches: sign('?') },
  { command: 'leave', shown: 'Esc', does: 'back to the review', matches: plain('escape') },
];
