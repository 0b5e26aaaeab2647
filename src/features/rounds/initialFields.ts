import type { WeightUnit } from '@/core/kernel';
import { type Circumstances, type Condition, ordinaryCircumstances } from '@/core/round';
import type { RoundInput } from '@/server/rounds/roundInput';
import { type AthleteFields, type CardFields, emptyAthlete, type PersonFacts, showWeight } from './roundCardReducer';

interface KnownAthlete {
  readonly personId: string;
  readonly name: string;
  readonly division?: 'male' | 'female';
  readonly belt?: AthleteFields['belt'];
  readonly stripes: number;
  readonly weightKg?: number;
  readonly weightSource?: AthleteFields['weightSource'];
  readonly toldApartBy: string;
  readonly condition: Condition;
}

export type KnownRound = Pick<
  RoundInput,
  | 'heldOn'
  | 'uniform'
  | 'ruleSet'
  | 'plannedSeconds'
  | 'occasion'
  | 'theme'
  | 'numberInSession'
  | 'startSeconds'
  | 'endSeconds'
> & {
  readonly circumstances: Circumstances;
  readonly a: KnownAthlete;
  readonly b: KnownAthlete;
};

const athleteFields = (one: KnownAthlete, people: readonly PersonFacts[], unit: WeightUnit): AthleteFields => ({
  condition: { freshness: one.condition.freshness, sleep: one.condition.sleep, hurt: one.condition.hurt },
  height: String(one.condition.heightCm ?? people.find((person) => person.id === one.personId)?.heightCm ?? ''),
  personId: one.personId,
  name: one.name,
  standing: people.find((person) => person.id === one.personId)?.standing ?? 'student',
  division: one.division,
  belt: one.belt,
  stripes: one.stripes,
  weight: showWeight(one.weightKg, unit),
  weightSource: one.weightSource ?? 'stated',
  toldApartBy: one.toldApartBy,
});

const minutesWords = (seconds: number | undefined): string => (seconds === undefined ? '' : String(seconds / 60));

/** The card of an existing round as it stands in the fields. */
export function fieldsOfRound(round: KnownRound, people: readonly PersonFacts[], unit: WeightUnit): CardFields {
  return {
    heldOn: round.heldOn,
    lastDay: round.heldOn,
    circumstances: round.circumstances,
    uniform: round.uniform,
    ruleSet: round.ruleSet,
    plannedMinutes: minutesWords(round.plannedSeconds),
    occasion: round.occasion,
    theme: round.theme,
    numberInSession: String(round.numberInSession),
    start: round.startSeconds,
    end: round.endSeconds,
    a: athleteFields(round.a, people, unit),
    b: athleteFields(round.b, people, unit),
  };
}

/** A new card: today, the whole file, kit and rules as in the latest round. */
export function newFields(
  today: string,
  footageSeconds: number | undefined,
  latest: KnownRound | undefined,
): CardFields {
  return {
    heldOn: today,
    lastDay: today,
    circumstances: ordinaryCircumstances,
    uniform: latest?.uniform ?? 'gi',
    ruleSet: latest?.ruleSet ?? 'no-score',
    plannedMinutes: latest ? minutesWords(latest.plannedSeconds) : '5',
    occasion: 'sparring',
    theme: '',
    numberInSession: latest && latest.heldOn === today ? String(latest.numberInSession + 1) : '1',
    start: 0,
    end: footageSeconds ?? 300,
    a: emptyAthlete,
    b: emptyAthlete,
  };
}
