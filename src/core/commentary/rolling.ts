import type { Cue } from './cue';

/** Rolling captions show the line before once more above each new one. @source common practice of automatic captions */
const LEAST_WORDS = 2;

/** Takes out of each cue the words with which the one before ended, so that nothing is heard twice. A cue that says nothing new is left out. */
export function undoRolling(cues: readonly Cue[]): Cue[] {
  const fresh: Cue[] = [];
  let shown: readonly string[] = [];
  for (const cue of cues) {
    const words = cue.text.split(/\s+/).filter(Boolean);
    const again = overlapOf(shown, words);
    const isRolling = again >= LEAST_WORDS && cue.startSeconds - (fresh.at(-1)?.endSeconds ?? cue.startSeconds) < 3;
    shown = words;
    const rest = isRolling ? words.slice(again) : words;
    if (rest.length > 0) fresh.push(rest.length === words.length ? cue : { ...cue, text: rest.join(' ') });
  }
  return fresh;
}

/** How many of the last words of one list the other begins with. */
function overlapOf(shown: readonly string[], words: readonly string[]): number {
  for (let length = Math.min(shown.length, words.length); length >= LEAST_WORDS; length -= 1)
    if (words.slice(0, length).every((word, at) => word === shown[shown.length - length + at])) return length;
  return 0;
}
