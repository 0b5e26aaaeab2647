import { type MoveCommand, moveKeys, playKey } from '@/player/playheadKeys';
import { type KeyEntry, type KeyGroup, plain, redoKey, sign, undoKey } from '@/ui/keys/keyEntry';

export type CutCommand =
  | 'play'
  | MoveCommand
  | 'leap-back'
  | 'leap-on'
  | 'round-before'
  | 'round-after'
  | 'to-begin'
  | 'to-end'
  | 'begin-here'
  | 'end-here'
  | 'confirm'
  | 'confirm-all'
  | 'drop'
  | 'merge'
  | 'split'
  | 'cut-up'
  | 'who'
  | 'closer'
  | 'wider'
  | 'undo'
  | 'redo'
  | 'keys'
  | 'leave';

/** Every key of cutting, in the groups and the order in which the sheet of keys lists them. */
export const cutKeyGroups: readonly KeyGroup<CutCommand>[] = [
  {
    title: 'Move',
    entries: [
      playKey(),
      ...moveKeys,
      { command: 'leap-back', shown: 'Page up', does: 'half a minute back', matches: plain('pageup') },
      { command: 'leap-on', shown: 'Page down', does: 'half a minute on', matches: plain('pagedown') },
      { command: 'round-before', shown: '↑', does: 'to the round before', matches: plain('arrowup') },
      { command: 'round-after', shown: '↓', does: 'to the next round', matches: plain('arrowdown') },
      { command: 'to-begin', shown: '<', does: 'to the beginning of the chosen round', matches: sign('<', ',') },
      { command: 'to-end', shown: '>', does: 'to its end', matches: sign('>', '.') },
      { command: 'closer', shown: '+', does: 'the strip closer', matches: sign('+', '=') },
      { command: 'wider', shown: '−', does: 'the strip wider', matches: sign('-') },
    ],
  },
  {
    title: 'Cut',
    entries: [
      {
        command: 'begin-here',
        shown: 'B',
        does: 'it begins here; without a choice, a new round does',
        matches: plain('b'),
      },
      { command: 'end-here', shown: 'E', does: 'it ends here', matches: plain('e') },
      { command: 'split', shown: 'S', does: 'split the round under the playhead', matches: plain('s') },
      { command: 'merge', shown: 'M', does: 'it and the next are one round', matches: plain('m') },
      {
        command: 'cut-up',
        shown: 'I',
        does: 'a round that is there into the ones that were found in it',
        matches: plain('i'),
      },
      { command: 'drop', shown: 'Delete', does: 'it is no round', matches: sign('Delete', 'Backspace') },
      { command: 'undo', shown: 'Z', does: 'undo', matches: undoKey },
      { command: 'redo', shown: 'Shift Z', does: 'redo', matches: redoKey },
    ],
  },
  {
    title: 'Go on',
    entries: [
      { command: 'confirm', shown: 'Enter', does: 'it is right as it stands', matches: plain('enter') },
      { command: 'confirm-all', shown: 'A', does: 'all of them are', matches: plain('a') },
      { command: 'who', shown: 'W', does: 'say who is in the confirmed rounds', matches: plain('w') },
      { command: 'keys', shown: '?', does: 'this sheet', matches: sign('?') },
      { command: 'leave', shown: 'Esc', does: 'choose nothing', matches: sign('Escape') },
    ],
  },
];

export const cutKeys: readonly KeyEntry<CutCommand>[] = cutKeyGroups.flatMap((group) => group.entries);
