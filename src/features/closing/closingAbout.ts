import type { ClosingAbout } from '@/server/reviews/closingInput';

/** A name for it, for drafts that are kept on this machine. */
export const aboutKey = (about: ClosingAbout): string => {
  if (about.kind === 'round') return `${about.roundId}-${about.slot}`;
  const whose = about.kind === 'days' ? about.personId : 'academy';
  return `${whose}-${about.firstDay}-${about.lastDay}`;
};
