import type { DrillPhase } from '@/core/planning';
import type { DrillGame } from '@/core/vocabulary';

/** What is done in each part of a lesson. */
export const phaseTitles: Readonly<Record<DrillPhase, string>> = {
  shown: 'Show it',
  technique: 'Repeat',
  progressive: 'Against rising answers',
  positional: 'Play it',
};

/** "From: half guard. One wins by: … The other: … Again after …, or 40 seconds; the winner stays." */
export const gameWords = ({ start, learnerWins, partnerWins, restart, seconds, change }: DrillGame): string[] => [
  `From: ${lower(start)}.`,
  `One wins by: ${learnerWins}. The other: ${partnerWins}.`,
  `Again after: ${restart}, or ${seconds} seconds; ${change === 'bell' ? 'change roles at the bell' : 'the winner stays, the other goes to the end of the line'}.`,
];

/** "If they stack → hips out; if they roll → follow." */
export const branchWords = (branches: readonly { readonly when: string; readonly answer: string }[]): string =>
  `If ${branches.map((branch) => `${branch.when} → ${branch.answer}`).join('; if ')}.`;

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
