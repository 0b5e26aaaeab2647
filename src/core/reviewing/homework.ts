import { type ExposureUnit, exposureIn, exposureUnit, type RoundFigures } from '../patterns';
import { findError } from '../vocabulary';

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
