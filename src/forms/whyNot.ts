import { messageOf, type Outcome } from '@/core/kernel';

export const AWAY = 'The server could not be reached. Nothing is lost: try again in a moment.';

/** Why something was not done, in one line: no answer came, or it was refused; undefined when it was done. */
export const whyNot = (outcome: Outcome | undefined): string | undefined =>
  outcome === undefined ? AWAY : outcome.ok ? undefined : messageOf(outcome);
