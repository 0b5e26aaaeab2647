import {
  type LookCommand,
  lookKeys,
  type MoveCommand,
  moveKeys,
  playKey,
  type SpeedCommand,
  speedKeys,
} from '@/player/playheadKeys';
import { type KeyEntry, type KeyGroup, plain, sign } from '@/ui/keys/keyEntry';

export type ReelCommand =
  | 'play'
  | MoveCommand
  | Exclude<SpeedCommand, 'loop'>
  | LookCommand
  | 'next'
  | 'previous'
  | 'from-start'
  | 'again'
  | 'whole-screen'
  | 'to-review'
  | 'keys'
  | 'leave';

/** Every key of a reel, in the groups and the order in which the sheet of keys lists them. */
export const reelKeyGroups: readonly KeyGroup<ReelCommand>[] = [
  {
    title: 'From moment to moment',
    entries: [
      playKey('play in a row, or pause'),
      { command: 'next', shown: '↓', does: 'the next moment', matches: plain('arrowdown') },
      { command: 'previous', shown: '↑', does: 'the moment before', matches: plain('arrowup') },
      { command: 'from-start', shown: 'Home', does: 'from the first moment', matches: plain('home') },
      { command: 'again', shown: 'O', does: 'this moment again and again, or go on', matches: plain('o') },
    ],
  },
  {
    title: 'Within a moment',
    entries: [
      ...moveKeys,
      ...speedKeys.filter((one): one is KeyEntry<'slower' | 'faster'> => one.command !== 'loop'),
      ...lookKeys,
    ],
  },
  {
    title: 'Page',
    entries: [
      { command: 'whole-screen', shown: 'F', does: 'picture over the whole screen, for a class', matches: plain('f') },
      { command: 'to-review', shown: 'Enter', does: 'open the moment in Review', matches: plain('enter') },
      { command: 'keys', shown: '?', does: 'this sheet', matches: sign('?') },
      { command: 'leave', shown: 'Esc', does: 'back', matches: plain('escape') },
    ],
  },
];

export const reelKeys: readonly KeyEntry<ReelCommand>[] = reelKeyGroups.flatMap((group) => group.entries);
