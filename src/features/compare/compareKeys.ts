import {
  type LookCommand,
  lookKeys,
  type MoveCommand,
  moveKeys,
  playKey,
  type SpeedCommand,
  speedKeys,
} from '@/player/playheadKeys';
import { type KeyEntry, type KeyGroup, plain, shifted, sign } from '@/ui/keys/keyEntry';

export type CompareCommand =
  | 'play'
  | MoveCommand
  | SpeedCommand
  | LookCommand
  | 'left'
  | 'right'
  | 'tie'
  | 'untie'
  | 'to-tie'
  | 'exchange'
  | 'keys'
  | 'leave';

/** Every key of comparing, in the groups and the order in which the sheet of keys lists them. */
export const compareKeyGroups: readonly KeyGroup<CompareCommand>[] = [
  {
    title: 'Move',
    entries: [
      playKey('play or pause both'),
      { command: 'left', shown: '1', does: 'work on the left clip', matches: plain('1') },
      { command: 'right', shown: '2', does: 'work on the right clip', matches: plain('2') },
      ...moveKeys,
      ...speedKeys,
    ],
  },
  {
    title: 'Put them together',
    entries: [
      { command: 'tie', shown: 'T', does: 'here the same thing happens in both: tie them', matches: plain('t') },
      { command: 'untie', shown: 'Shift T', does: 'untie them: each moves alone', matches: shifted('t') },
      { command: 'to-tie', shown: 'Enter', does: 'back to where they are tied', matches: plain('enter') },
      { command: 'exchange', shown: 'W', does: 'exchange left and right', matches: plain('w') },
    ],
  },
  {
    title: 'Look',
    entries: [
      ...lookKeys,
      { command: 'keys', shown: '?', does: 'this sheet', matches: sign('?') },
      { command: 'leave', shown: 'Esc', does: 'back to the review', matches: plain('escape') },
    ],
  },
];

export const compareKeys: readonly KeyEntry<CompareCommand>[] = compareKeyGroups.flatMap((group) => group.entries);
