import { type ExposureUnit, exposureIn, exposureUnit, type RoundFigures } from '../figures';
import type { CalendarDate } from '../kernel';
import type { Athlete } from '../round';
import { findError } from '../vocabulary';

/** Homework that an athlete of a round was given after an earlier one. */
export interface Homework {
  readonly athlete: Athlete;
  readonly errorId: string;
  readonly text: string;
  /** When it was to be looked at again; empty when no day was set. */
  readonly due: string;
  readonly givenOn: CalendarDate;
  /** The round after which it was given; absent when several were closed together. */
  readonly roundId?: string;
  /** How often the error was seen then. */
  readonly countThen: number;
}

export interface HomeworkCheck {
  /** Nothing in this round put it to the test; nothing of it was seen where it could have been; it was there again. */
  readonly shows: 'not-tested' | 'kept' | 'again';
  readonly count: number;
  /** Minutes in the position, or times that it could have happened. */
  readonly exposure: number;
  readonly unit: ExposureUnit;
}

/** Whether a round shows that homework against an error was done. @source own decision: only where the error had a chance */
export function checkHomework(figures: RoundFigures, errorId: string): HomeworkCheck {
  const error = findError(errorId);
  const count = figures.occurrences.get(errorId)?.length ?? 0;
  const exposure = exposureIn(figures, errorId);
  const unit = error ? exposureUnit(error.exposure) : 'times';
  const shows = count > 0 ? 'again' : exposure > 0 ? 'kept' : 'not-tested';
  return { shows, count, exposure, unit };
}
