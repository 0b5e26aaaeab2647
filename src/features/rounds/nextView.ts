import { firstNameOf } from '@/core/kernel';
import type { WorthReason } from '@/core/reviewing';
import { dayWords } from '@/terms/dayWords';

/** Whole minutes, never none. */
export const minutesWords = (seconds: number): string => {
  const minutes = Math.max(1, Math.round(seconds / 60));
  return minutes === 1 ? '1 minute' : `${minutes} minutes`;
};

function reasonWords(reason: WorthReason): string {
  switch (reason.code) {
    case 'never-reviewed':
      return 'never reviewed yet';
    case 'days-since-review':
      if (reason.days < 2) return reason.days === 0 ? 'reviewed today' : 'reviewed yesterday';
      return `last reviewed ${reason.days} days ago`;
    case 'class-soon':
      return `in class on ${dayWords(reason.onDay)}`;
    case 'competition-soon':
      return `competes on ${dayWords(reason.onDay)}`;
    case 'did-it-work':
      return reason.questions === 1 ? 'shows whether the drill helped' : 'shows whether the drills helped';
    case 'old-footage':
      return `The footage is ${reason.days} days old and counts half.`;
  }
}

/** Why a round is worth reviewing, a line for each person, then what holds for the round. */
export function whyLines(reasons: readonly WorthReason[], names: Readonly<Record<string, string>>): string[] {
  const people = [...new Set(reasons.flatMap((one) => ('personId' in one ? [one.personId] : [])))];
  const lines = people.map((id) => {
    const own = reasons.filter((one) => 'personId' in one && one.personId === id);
    return `${firstNameOf(names[id] ?? 'Somebody')}: ${own.map(reasonWords).join(', ')}`;
  });
  return [...lines, ...reasons.filter((one) => !('personId' in one)).map(reasonWords)];
}

/** How the time is reckoned. */
export function paceWords(ratio: number, learnedFrom: number): string {
  const pace = `${ratio.toFixed(1)} minutes for each minute of footage`;
  if (learnedFrom === 0) return `Reckoned with ${pace}, the usual pace; yours is learned as you review.`;
  return `Reckoned with ${pace}, from ${learnedFrom === 1 ? 'one round' : `${learnedFrom} rounds`} of your own.`;
}
