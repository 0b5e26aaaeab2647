import type { CalendarDate } from '../kernel';
import type { Dose } from '../patterns';
import { type PlanNumbers, usualNumbers } from '../planning';
import type { CountOver, RateRatio } from '../statistics';
import { sinceDay } from './lessonEffect';

/** What became of one error of one student since something was first done about it. */
export interface LessonDone {
  readonly errorId: string;
  readonly first: Dose;
  readonly before: CountOver;
  readonly after: CountOver;
  /** Undefined where nothing can be said. */
  readonly ratio?: RateRatio;
  /** Exposure that is lacking before anything can be said; 0 where there is enough. */
  readonly lacking: number;
}

interface DoneAbout {
  readonly errorId: string;
  readonly history: readonly (CountOver & { readonly heldOn: CalendarDate })[];
  readonly doses: readonly Dose[];
}

/** Of each error about which something was done: before and since the first of it, the newest first. A round on the day itself is before. */
export function lessonsDone(
  errors: readonly DoneAbout[],
  { enoughExposure }: PlanNumbers = usualNumbers,
): LessonDone[] {
  return errors
    .flatMap(({ errorId, history, doses }): LessonDone[] => {
      const [first] = doses;
      if (!first) return [];
      const rounds = history.map(({ heldOn, count, exposure }) => ({ day: heldOn, count, exposure }));
      const { before, after, ratio } = sinceDay(rounds, first.day);
      const lacking = before.count === 0 ? 0 : Math.max(0, enoughExposure - after.exposure);
      // Of one student a plain difference may show on less footage than of many: it is said where it is beyond chance.
      const isTold = ratio !== undefined && before.count > 0 && (lacking === 0 || ratio.interval.high < 1);
      return before.count + after.count === 0
        ? []
        : [{ errorId, first, before, after, ratio: isTold ? ratio : undefined, lacking: isTold ? 0 : lacking }];
    })
    .sort((one, other) => (one.first.day < other.first.day ? 1 : -1));
}
