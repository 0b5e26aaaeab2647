import { type Athlete, athleteAt, type RoundState } from '../round';

const tellsStanding =
  /^(?:(?:stands?|stood|gets?|got|rises|rose|comes|came|pops) (?:right |back |straight )?up\b|stands$)/;

/**
 * Who stands up in the closed guard stands in it: who that is, when the words tell that somebody gets to the feet there. Without a subject it is the one on top,
 * and nobody where the subject is the one whose guard it is.
 */
export function standingInGuard(text: string, subject: Athlete | undefined, state: RoundState): Athlete | undefined {
  if (!tellsStanding.test(text)) return undefined;
  if (state.kind !== 'position' || !['closed-guard', 'high-closed-guard'].includes(state.positionId)) return undefined;
  const over = athleteAt(state, 'over');
  return subject === undefined || subject === over ? over : undefined;
}
