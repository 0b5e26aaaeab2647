import { type KeyEntry, plain, redoKey, shifted, undoKey } from '@/ui/keys/keyEntry';

export type ReviewCommand =
  | 'call'
  | 'next-call'
  | 'play'
  | 'frame-back'
  | 'frame-on'
  | 'jump-back'
  | 'jump-on'
  | 'mark-before'
  | 'mark-after'
  | 'slower'
  | 'faster'
  | 'loop'
  | 'edit'
  | 'delete'
  | 'punished'
  | 'stage'
  | 'end-here'
  | 'led-to'
  | 'undo'
  | 'redo'
  | 'commentary'
  | 'find'
  | 'closer'
  | 'wider'
  | 'skip-lulls'
  | 'lull-look'
  | 'lull-unseen'
  | 'yes'
  | 'no'
  | 'next-question'
  | 'who'
  | 'clocks'
  | 'times'
  | 'compare'
  | 'score'
  | 'overtime'
  | 'turn-press'
  | 'draw'
  | 'stopwatch'
  | 'answerer'
  | 'close-review'
  | 'keys'
  | 'leave';

/** Every key of Review, in the order in which the sheet of keys lists them. */
export const reviewKeys: readonly KeyEntry<ReviewCommand>[] = [
  { command: 'call', shown: 'Enter', does: 'write a call at this moment', matches: plain('enter') },
  {
    command: 'next-call',
    shown: '1 to 5',
    does: 'begin one of the likely calls',
    matches: (event) => /^[1-6]$/.test(event.key) && !event.ctrlKey && !event.metaKey,
  },
  { command: 'play', shown: 'Space', does: 'play or pause', matches: plain(' ') },
  { command: 'frame-back', shown: '←', does: 'one picture back', matches: plain('arrowleft') },
  { command: 'frame-on', shown: '→', does: 'one picture on', matches: plain('arrowright') },
  { command: 'jump-back', shown: 'Shift ←', does: 'five seconds back', matches: shifted('arrowleft') },
  { command: 'jump-on', shown: 'Shift →', does: 'five seconds on', matches: shifted('arrowright') },
  { command: 'mark-before', shown: '↑', does: 'to the mark before', matches: plain('arrowup') },
  { command: 'mark-after', shown: '↓', does: 'to the next mark', matches: plain('arrowdown') },
  { command: 'slower', shown: '−', does: 'slower', matches: (event) => event.key === '-' },
  { command: 'faster', shown: '+', does: 'faster', matches: (event) => event.key === '+' || event.key === '=' },
  { command: 'loop', shown: 'O', does: 'loop the last four seconds, or stop it', matches: plain('o') },
  { command: 'skip-lulls', shown: 'J', does: 'play over the lulls, or through them', matches: plain('j') },
  {
    command: 'next-question',
    shown: 'R',
    does: 'to the next error whose consequence is not said yet',
    matches: plain('r'),
  },
  { command: 'yes', shown: 'Y', does: 'yes: it led to that; in the lull play was stopped', matches: plain('y') },
  { command: 'no', shown: 'N', does: 'no: it did not; in the lull they only lay still', matches: plain('n') },
  { command: 'lull-look', shown: 'G', does: 'go to the lull that is asked about', matches: plain('g') },
  { command: 'lull-unseen', shown: 'U', does: 'the lull was off camera', matches: plain('u') },
  { command: 'who', shown: 'W', does: 'who is who: pictures, exchange the two', matches: plain('w') },
  { command: 'clocks', shown: 'K', does: 'clocks seen in the footage', matches: plain('k') },
  {
    command: 'close-review',
    shown: 'Shift Enter',
    does: 'close the review: the draft for the athlete',
    matches: shifted('enter'),
  },
  { command: 'score', shown: 'B', does: 'the score, its holds and the official board', matches: plain('b') },
  {
    command: 'turn-press',
    shown: 'H',
    does: 'overtime: a turn begins here; again: they are free',
    matches: plain('h'),
  },
  { command: 'overtime', shown: 'Shift H', does: 'overtime: turns, sums, what is needed next', matches: shifted('h') },
  { command: 'stopwatch', shown: 'Q', does: 'stopwatch: from here; again: to here, and keep it', matches: plain('q') },
  { command: 'answerer', shown: 'Shift Q', does: 'the measured time: whose answer it was', matches: shifted('q') },
  { command: 'draw', shown: 'D', does: 'draw on the picture of the chosen mark', matches: plain('d') },
  { command: 'times', shown: 'M', does: 'times of the round, of the file, of each clock', matches: plain('m') },
  { command: 'compare', shown: 'V', does: 'compare this moment with another clip', matches: plain('v') },
  { command: 'closer', shown: 'X', does: 'look closer (also the wheel; drag to move)', matches: plain('x') },
  { command: 'wider', shown: 'Shift X', does: 'look wider', matches: shifted('x') },
  { command: 'edit', shown: 'E', does: 'rewrite the chosen mark', matches: plain('e') },
  {
    command: 'delete',
    shown: 'Delete',
    does: 'delete the chosen mark',
    matches: (event) => event.key === 'Delete' || event.key === 'Backspace',
  },
  { command: 'punished', shown: 'P', does: 'the error: punished, partly, not, spared', matches: plain('p') },
  { command: 'stage', shown: 'S', does: 'the attempt: one stage further', matches: plain('s') },
  { command: 'end-here', shown: 'T', does: 'the attempt or stoppage ends here', matches: plain('t') },
  { command: 'led-to', shown: 'L', does: 'the error led to … (↑ ↓, then L or Enter)', matches: plain('l') },
  { command: 'undo', shown: 'Z', does: 'undo', matches: undoKey },
  {
    command: 'redo',
    shown: 'Shift Z',
    does: 'redo',
    matches: redoKey,
  },
  { command: 'commentary', shown: 'C', does: 'a spoken commentary: read it into marks', matches: plain('c') },
  {
    command: 'find',
    shown: 'F',
    does: 'find a student, a round, a mark (leaves this page; all is kept)',
    matches: plain('f'),
  },
  { command: 'keys', shown: '?', does: 'this sheet', matches: (event) => event.key === '?' },
  { command: 'leave', shown: 'Esc', does: 'leave linking, unchoose', matches: (event) => event.key === 'Escape' },
];
