import { formatClock } from '@/core/clock';
import type { Mark, Repair, Restriction } from '@/core/round';
import { markWords, type Names } from '../reviewView';

/** What was agreed, as a clause. */
export function agreedWords(restriction: Restriction, names: Names): string {
  switch (restriction) {
    case 'a-from-below':
      return `${names.a} was to work from below`;
    case 'b-from-below':
      return `${names.b} was to work from below`;
    case 'a-from-above':
      return `${names.a} was to work from above`;
    case 'b-from-above':
      return `${names.b} was to work from above`;
    case 'no-submissions':
      return 'the round was without submissions';
    case 'no-leg-locks':
      return 'the round was without leg locks';
    case 'from-knees':
      return 'the round was from the knees';
    case 'partner-lets-work':
      return `${names.b} was to let ${names.a} work`;
  }
}

/** What a repair would do, as a question. */
export function repairWords({ code, before, after }: Repair, names: Names, startSeconds: number): string {
  switch (code) {
    case 'other-athlete': {
      const who = after && 'athlete' in after && after.athlete ? names[after.athlete] : 'the other';
      return `Was it ${who}’s?`;
    }
    case 'drop-earlier':
      return 'Take the other of the two positions away?';
    case 'end-at-start':
      return 'Let it end where it begins?';
    case 'into-round':
      return `Move it to ${formatClock((after?.atSeconds ?? before.atSeconds) - startSeconds)}, inside the round?`;
    case 'escaped':
      return 'Was it locked and then escaped, not finished?';
    case 'ask-about-it':
      return 'Ask the athlete about it instead?';
  }
}

/** "Samir: half guard pass at 0:36" */
export function targetWords(mark: Mark, names: Names, startSeconds: number, wordOf: (id: string) => string): string {
  const { what, who } = markWords(mark, names, wordOf);
  return `${who ? `${who}: ` : ''}${what} at ${formatClock(mark.atSeconds - startSeconds)}`;
}
