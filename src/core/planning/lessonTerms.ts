import { type Drill, drillOf, type HouseWords, type StageNumbers } from '../vocabulary';
import { type PlanNumbers, usualNumbers } from './numbers';

/** How an academy runs the lessons of its drills. */
export interface LessonTerms {
  readonly leastMinutes: number;
  readonly mostMinutes: number;
  readonly changeOverMinutes: number;
  /** Parts of a lesson's minutes by stage. */
  readonly parts: StageNumbers;
  /** How much a minute of a stage counts, 0 to 1. */
  readonly work: StageNumbers;
  /** How many times its effect a drill has that a signed review named. */
  readonly named: number;
  /** Share of a dose that reaches the partner. */
  readonly partner: number;
}

const lessonTerms = (numbers: PlanNumbers): LessonTerms => ({
  leastMinutes: numbers.leastLessonMinutes,
  mostMinutes: numbers.mostLessonMinutes,
  changeOverMinutes: numbers.changeOverMinutes,
  parts: {
    static: numbers.shownParts,
    cooperative: numbers.repeatedParts,
    progressive: numbers.answeredParts,
    live: numbers.playedParts,
  },
  work: {
    static: numbers.shownWork / 100,
    cooperative: numbers.repeatedWork / 100,
    progressive: numbers.answeredWork / 100,
    live: numbers.playedWork / 100,
  },
  named: numbers.namedPercent / 100,
  partner: numbers.partnerPercent / 100,
});
const usualTerms = lessonTerms(usualNumbers);

/** A drill as an academy runs it. */
export interface TaughtDrill extends Drill {
  readonly terms?: LessonTerms;
}

/** Drills as an academy runs them, with its numbers. */
export const taughtHere = (drills: readonly Drill[], numbers: PlanNumbers): TaughtDrill[] => {
  const terms = lessonTerms(numbers);
  return drills.map((drill) => ({ ...drill, terms }));
};

/** Looks drills up as an academy runs them, each made once. */
export function taughtBy(house: HouseWords, numbers: PlanNumbers): (id: string) => TaughtDrill | undefined {
  const known = new Map<string, TaughtDrill | undefined>();
  return (id) => {
    if (!known.has(id))
      known.set(
        id,
        taughtHere(
          [drillOf(house, id)].flatMap((one) => one ?? []),
          numbers,
        )[0],
      );
    return known.get(id);
  };
}

/** How a drill's lessons go: as the academy says, else as usual. */
export const termsOf = (drill: TaughtDrill): LessonTerms => drill.terms ?? usualTerms;
