import type { CalendarDate } from '../kernel';

export const consentPurposes = ['film', 'show', 'name'] as const;
/** What somebody agrees to: to be filmed; that their footage is shown to others than their coaches; that they are named there. */
export type ConsentPurpose = (typeof consentPurposes)[number];

/** Something that somebody agreed to, or a guardian for them. */
export interface Consent {
  readonly purpose: ConsentPurpose;
  readonly byGuardian: boolean;
  readonly givenOn: CalendarDate;
  /** The last day on which it holds; without one it holds until it is withdrawn. */
  readonly untilDay?: CalendarDate;
  readonly withdrawnOn?: CalendarDate;
}

/** Somebody whom footage shows. */
export interface Shown {
  /** Years, where a birthday is known. */
  readonly age?: number;
  /** Wears a belt of those under 16: it tells the age where no birthday does. */
  readonly childBelt: boolean;
  readonly consents: readonly Consent[];
}

/** Whether a consent holds on a day: from the day on which it was given to its last day, and not from the day on of its withdrawal. */
export const holdsOn = (consent: Consent, day: CalendarDate): boolean =>
  consent.givenOn <= day &&
  (consent.untilDay === undefined || day <= consent.untilDay) &&
  (consent.withdrawnOn === undefined || day < consent.withdrawnOn);

/** A known age decides; without one, a child's belt means a minor. @source main gi federation's graduation system, from memory: coloured children's belts end at 16 */
export const isMinorShown = ({ age, childBelt }: Pick<Shown, 'age' | 'childBelt'>): boolean =>
  age === undefined ? childBelt : age < 18;

export type SharingProblem = 'withdrawn' | 'ended' | 'guardian-missing';

/**
 * Why footage with somebody is not shown to anybody but their coaches; undefined when it may be. Of a minor, a guardian must have agreed to showing. Of an adult
 * nothing must be written down, but what was withdrawn or has ended, of filming or of showing, forbids it until it is given anew.
 * @source own decision after common practice; local law and the academy's own rules come first
 */
export function sharingProblem(person: Shown, day: CalendarDate): SharingProblem | undefined {
  for (const purpose of ['film', 'show'] as const) {
    const own = person.consents.filter((one) => one.purpose === purpose && one.givenOn <= day);
    if (own.length === 0 || own.some((one) => holdsOn(one, day))) continue;
    return own.some((one) => one.withdrawnOn !== undefined && one.withdrawnOn <= day) ? 'withdrawn' : 'ended';
  }
  if (!isMinorShown(person)) return undefined;
  const agreed = person.consents.some((one) => one.purpose === 'show' && one.byGuardian && holdsOn(one, day));
  return agreed ? undefined : 'guardian-missing';
}

/** Whether somebody may be named to others: only who agreed to it; for a minor, a guardian. */
export const mayBeNamed = (person: Shown, day: CalendarDate): boolean =>
  person.consents.some(
    (one) => one.purpose === 'name' && holdsOn(one, day) && (one.byGuardian || !isMinorShown(person)),
  );
