import { firstNameOf } from '@/core/kernel';
import type { WorthReason } from '@/core/reviewing';

/** Whole minutes, never none. */
export const minutesWords = (seconds: number): string => {
  const minutes = Math.max(1, Math.round(seconds / 60));
  return minutes === 1 ? '1 minute' : `${minutes} minutes`;
};

/** Why a round is worth reviewing, as one coach tells another. */
export function reasonWords(reason: WorthReason, names: Readonly<Record<string, string>>): string {
  if (reason.code === 'old-footage') return `footage is ${reason.days} days old, counts half`;
  const who = firstNameOf(names[reason.personId] ?? 'somebody');
  switch (reason.code) {
    case 'never-reviewed':
      return `${who} was never reviewed`;
    case 'days-since-review':
      return reason.days === 0
        ? `${who} was reviewed today`
        : `${who} waits since ${reason.days} ${reason.days === 1 ? 'day' : 'days'}`;
    case 'class-soon':
      return `${who} is expected in class on ${reason.onDay}`;
    case 'competition-soon':
      return `${who} competes on ${reason.onDay}`;
    case 'did-it-work':
      return reason.questions === 1 ? `shows whether ${who}’s drill helped` : `shows whether ${who}’s drills helped`;
  }
}

/** How the time is reckoned. */
export function paceWords(ratio: number, learnedFrom: number): string {
  const pace = `${ratio.toFixed(1)} minutes for each minute of footage`;
  if (learnedFrom === 0) return `Reckoned with ${pace}, the usual pace; yours is learned as you review.`;
  return `Reckoned with ${pace}, from ${learnedFrom === 1 ? 'one round' : `${learnedFrom} rounds`} of your own.`;
}
