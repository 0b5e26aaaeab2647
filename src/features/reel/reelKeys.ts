import {
  type LookCommand,
  lookKeys,
  type MoveCommand,
  moveKeys,
  playKey,
  type SpeedCommand,
  speedKeys,
} from '@/player/playheadKeys';
import { type KeyEntry, type KeyGroup, plain, redoKey, shifted, sign, undoKey } from '@/ui/keys/keyEntry';

/** What plays and looks. */
export type PlayCommand =
  | 'play'
  | MoveCommand
  | Exclude<SpeedCommand, 'loop'>
  | LookCommand
  | 'next'
  | 'previous'
  | 'from-start'
  | 'again'
  | 'whole-screen';
export type ReelCommand = PlayCommand | 'to-review' | 'keys' | 'leave';
export type EditCommand =
  | 'begin-here'
  | 'end-here'
  | 'stop-here'
  | 'draw'
  | 'write'
  | 'sound'
  | 'reading'
  | 'earlier'
  | 'later'
  | 'drop'
  | 'undo'
  | 'redo';

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

/** What changes a saved reel, besides what plays it. */
const editGroup: KeyGroup<EditCommand> = {
  title: 'Changing the reel',
  entries: [
    { command: 'begin-here', shown: 'Q', does: 'this moment begins here', matches: plain('q') },
    { command: 'end-here', shown: 'W', does: 'it ends here', matches: plain('w') },
    { command: 'stop-here', shown: 'E', does: 'the picture stands still here', matches: plain('e') },
    { command: 'draw', shown: 'D', does: 'draw on the picture, which stands still then', matches: plain('d') },
    { command: 'write', shown: 'R', does: 'write what stands below', matches: plain('r') },
    { command: 'sound', shown: 'U', does: 'with sound, or silent', matches: plain('u') },
    { command: 'reading', shown: 'I', does: 'score and tide in the corner, or not', matches: plain('i') },
    { command: 'earlier', shown: 'Shift ↑', does: 'earlier in the reel', matches: shifted('arrowup') },
    { command: 'later', shown: 'Shift ↓', does: 'later in the reel', matches: shifted('arrowdown') },
    { command: 'drop', shown: 'Delete', does: 'leave the moment out', matches: plain('delete') },
    { command: 'undo', shown: 'Z', does: 'take the last change back', matches: undoKey },
    { command: 'redo', shown: 'Shift Z', does: 'make it again', matches: redoKey },
  ],
};

/** Every key of a reel that is put together. */
export const editorKeyGroups: readonly KeyGroup<ReelCommand | EditCommand>[] = [editGroup, ...reelKeyGroups];
export const editorKeys: readonly KeyEntry<ReelCommand | EditCommand>[] = editorKeyGroups.flatMap(
  (group) => group.entries,
);
