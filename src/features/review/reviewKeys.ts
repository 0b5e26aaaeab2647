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

import { type PanelCommand, panels } from './panels/registry';

export type ReviewCommand =
  | 'play'
  | MoveCommand
  | SpeedCommand
  | LookCommand
  | 'call'
  | 'next-call'
  | 'mark-before'
  | 'mark-after'
  | 'edit'
  | 'delete'
  | 'punished'
  | 'stage'
  | 'end-here'
  | 'led-to'
  | 'undo'
  | 'redo'
  | 'find'
  | 'skip-lulls'
  | 'lull-look'
  | 'lull-unseen'
  | 'yes'
  | 'no'
  | 'ask-again'
  | 'next-question'
  | 'times'
  | 'compare'
  | 'into-reel'
  | 'turn-press'
  | 'draw'
  | 'stopwatch'
  | 'answerer'
  | 'choose-before'
  | 'choose-after'
  | 'repeat'
  | 'for-other'
  | 'other-side'
  | 'punisher'
  | 'tap-cause'
  | 'verdict'
  | 'ask'
  | 'to-cause'
  | 'filter'
  | 'second-pass'
  | 'tide-view'
  | 'close-review'
  | 'keys'
  | 'leave'
  | PanelCommand;

/** Every key of Review, in the groups and the order in which the sheet of keys lists them. */
export const reviewKeyGroups: readonly KeyGroup<ReviewCommand>[] = [
  {
    title: 'Write',
    entries: [
      { command: 'call', shown: 'Enter', does: 'write a call at this moment', matches: plain('enter') },
      {
        command: 'next-call',
        shown: '1 to 5',
        does: 'begin one of the likely calls',
        matches: (event) => /^[1-6]$/.test(event.key) && !event.ctrlKey && !event.metaKey,
      },
      { command: 'repeat', shown: '.', does: 'the last mark once more, at this moment', matches: sign('.') },
      { command: 'for-other', shown: ',', does: 'the same mark for the other athlete', matches: sign(',') },
      { command: 'other-side', shown: '/', does: 'the same mark on the other side', matches: sign('/') },
      { command: 'edit', shown: 'E', does: 'rewrite the chosen mark', matches: plain('e') },
      {
        command: 'delete',
        shown: 'Delete',
        does: 'delete the chosen mark',
        matches: (event) => event.key === 'Delete' || event.key === 'Backspace',
      },
      { command: 'undo', shown: 'Z', does: 'undo', matches: undoKey },
      {
        command: 'redo',
        shown: 'Shift Z',
        does: 'redo',
        matches: redoKey,
      },
    ],
  },
  {
    title: 'Move',
    entries: [
      playKey(),
      ...moveKeys,
      { command: 'mark-before', shown: '↑', does: 'to the mark before', matches: plain('arrowup') },
      { command: 'mark-after', shown: '↓', does: 'to the next mark', matches: plain('arrowdown') },
      ...speedKeys,
      { command: 'skip-lulls', shown: 'J', does: 'play over the lulls, or through them', matches: plain('j') },
    ],
  },
  {
    title: 'Judge the chosen mark',
    entries: [
      { command: 'punished', shown: 'P', does: 'the error: punished, partly, not, spared', matches: plain('p') },
      {
        command: 'punisher',
        shown: 'Shift B',
        does: 'the error: from which belt on it would be punished',
        matches: shifted('b'),
      },
      {
        command: 'verdict',
        shown: 'I',
        does: 'no error: bait, on purpose, as agreed, nothing to fault',
        matches: plain('i'),
      },
      { command: 'ask', shown: 'A', does: 'unsure: ask the athlete', matches: plain('a') },
      { command: 'stage', shown: 'S', does: 'the attempt: one stage further', matches: plain('s') },
      { command: 'end-here', shown: 'T', does: 'the attempt or stoppage ends here', matches: plain('t') },
      {
        command: 'tap-cause',
        shown: 'Shift S',
        does: 'the tap: technique, injury, illness, courtesy',
        matches: shifted('s'),
      },
      { command: 'led-to', shown: 'L', does: 'the error led to … (↑ ↓, then L or Enter)', matches: plain('l') },
      { command: 'to-cause', shown: 'Shift R', does: 'back to what led to this mark', matches: shifted('r') },
      {
        command: 'choose-before',
        shown: 'Shift ↑',
        does: 'choose the mark before as well: keys then change all that are chosen',
        matches: shifted('arrowup'),
      },
      {
        command: 'choose-after',
        shown: 'Shift ↓',
        does: 'choose the next mark as well',
        matches: shifted('arrowdown'),
      },
      {
        command: 'second-pass',
        shown: 'Shift P',
        does: 'second pass: from one mark without a judgement to the next, answered by digits',
        matches: shifted('p'),
      },
    ],
  },
  {
    title: 'Answer what is asked',
    entries: [
      {
        command: 'next-question',
        shown: 'R',
        does: 'to the next mark that asks something: a doubt, what was agreed, what it led to',
        matches: plain('r'),
      },
      { command: 'yes', shown: 'Y', does: 'yes to the question; in the lull play was stopped', matches: plain('y') },
      { command: 'no', shown: 'N', does: 'no to the question; in the lull they only lay still', matches: plain('n') },
      { command: 'ask-again', shown: 'Shift N', does: 'ask again what was waved away', matches: shifted('n') },
      { command: 'lull-look', shown: 'G', does: 'go to the lull that is asked about', matches: plain('g') },
      { command: 'lull-unseen', shown: 'U', does: 'the lull was off camera', matches: plain('u') },
    ],
  },
  {
    title: 'Measure and look',
    entries: [
      {
        command: 'stopwatch',
        shown: 'Q',
        does: 'stopwatch: from here; again: to here, and keep it',
        matches: plain('q'),
      },
      { command: 'answerer', shown: 'Shift Q', does: 'the measured time: whose answer it was', matches: shifted('q') },
      {
        command: 'turn-press',
        shown: 'H',
        does: 'overtime: a turn begins here; again: they are free',
        matches: plain('h'),
      },
      { command: 'times', shown: 'M', does: 'times of the round, of the file, of each clock', matches: plain('m') },
      ...lookKeys,
      { command: 'draw', shown: 'D', does: 'draw on the picture of the chosen mark', matches: plain('d') },
      { command: 'tide-view', shown: 'Shift T', does: 'the tide from the other athlete’s side', matches: shifted('t') },
    ],
  },
  {
    title: 'Open and close',
    entries: [
      ...panels.map(({ id, key }): KeyEntry<ReviewCommand> => ({ command: `open ${id}`, ...key })),
      { command: 'filter', shown: 'Shift F', does: 'what the ledger shows', matches: shifted('f') },
      { command: 'compare', shown: 'V', does: 'compare this moment with another clip', matches: plain('v') },
      {
        command: 'into-reel',
        shown: 'Shift K',
        does: 'put the chosen marks, or else this moment, into a reel',
        matches: shifted('k'),
      },
      {
        command: 'find',
        shown: 'F',
        does: 'find a student, a round, a mark (leaves this page; all is kept)',
        matches: plain('f'),
      },
      {
        command: 'close-review',
        shown: 'Shift Enter',
        does: 'close the review: the draft for the athlete',
        matches: shifted('enter'),
      },
      { command: 'keys', shown: '?', does: 'this sheet', matches: (event) => event.key === '?' },
      { command: 'leave', shown: 'Esc', does: 'leave linking, unchoose', matches: (event) => event.key === 'Escape' },
    ],
  },
];

export const reviewKeys: readonly KeyEntry<ReviewCommand>[] = reviewKeyGroups.flatMap((group) => group.entries);
