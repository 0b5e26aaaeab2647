import { present } from '../kernel';
import type { Side } from '../round';
import { type Said, says } from './hearing';
import * as signals from './signals';

export type Outcome = {
  readonly stage: 'entry' | 'control' | 'locked' | 'finished';
  readonly end?: 'finished' | 'escaped' | 'abandoned' | 'declined';
};

/** How far it came, from the verbs around it. A movement that is simply named has happened; a submission that is named was tried. */
export function stageOf({ clause, whole }: Said, techniqueClass: string): Outcome {
  const around = `${clause.before}${clause.after}`;
  if (says(whole, signals.spares)) return { stage: 'locked', end: 'declined' };
  if (says(around, signals.nearly)) return { stage: 'locked', end: 'escaped' };
  if (says(whole, signals.fails)) return { stage: 'entry', end: 'abandoned' };
  if (techniqueClass === 'submissions') {
    if (/ (taps|tapped|finishes|finished|submits) /.test(whole)) return { stage: 'finished', end: 'finished' };
    return { stage: says(whole, signals.locks) ? 'locked' : 'entry' };
  }
  if (says(around, signals.tries)) return { stage: 'entry' };
  return { stage: 'finished', end: 'finished' };
}

/** The athlete's own side; "right now" and "right there" are none, nor is the side of the picture. */
export function sideIn({ clause, mention, words }: Said): Side | undefined {
  for (let at = clause.from; at <= clause.to; at += 1) {
    const { word } = present(words[at]);
    const next = words[at + 1]?.word ?? '';
    const previous = words[at - 1]?.word ?? '';
    if (word !== 'left' && word !== 'right') continue;
    if (
      /^(now|there|here|away|in|of|idea|so|back|and|samir)$/.test(next) ||
      /^(all|thats|is|that)$/.test(previous) ||
      at === 0
    )
      continue;
    if (word === 'left' && /^(is|are|minute|minutes|seconds|with)$/.test(previous)) continue;
    if (Math.abs(at - mention.from) <= 6) return word;
  }
  return undefined;
}
