import type { Occurrence, RoundFigures } from '../figures';
import type { Punishment } from '../round';

/** How much of a punishment each verdict is. @source own decision: partly is half */
export const punishmentWeight: Readonly<Record<Punishment, number>> = { yes: 1, partly: 0.5, no: 0, spared: 0 };

/** How the partner's belt stands to one's own. */
export const partnersBelts = ['lower', 'same', 'one-up', 'more-up'] as const;
export type PartnersBelt = (typeof partnersBelts)[number];

/** Occurrences with a verdict, and how many of them were punished (partly counts half). */
export interface Judged {
  readonly judged: number;
  readonly punished: number;
}
/** Who punishes an error, by how the partner's belt stands to one's own; a group without a verdict is absent. */
export type Verdicts = Readonly<Partial<Record<PartnersBelt, Judged>>>;

/** Own height less the partner's in steps of a belt, stripes as quarters, to the nearest whole step. Undefined when a belt is not known. */
export function partnersBeltOf({ beltGap }: Pick<RoundFigures, 'beltGap'>): PartnersBelt | undefined {
  if (beltGap === undefined) return undefined;
  const above = Math.round(-beltGap);
  if (above < 0) return 'lower';
  if (above === 0) return 'same';
  return above === 1 ? 'one-up' : 'more-up';
}

export function addVerdicts(one: Verdicts, other: Verdicts): Verdicts {
  const sum: { [Of in PartnersBelt]?: Judged } = { ...one };
  for (const belt of partnersBelts) {
    const [left, right] = [one[belt], other[belt]];
    if (right)
      sum[belt] = left ? { judged: left.judged + right.judged, punished: left.punished + right.punished } : right;
  }
  return sum;
}

/** What occurrences of one round say about who punishes an error. */
export function verdictsOf(
  round: Pick<RoundFigures, 'beltGap'>,
  occurrences: readonly Pick<Occurrence, 'punished'>[],
): Verdicts {
  const belt = partnersBeltOf(round);
  const verdicts = occurrences.flatMap(({ punished }) => punished ?? []);
  if (!belt || verdicts.length === 0) return {};
  return {
    [belt]: {
      judged: verdicts.length,
      punished: verdicts.reduce((sum, one) => sum + punishmentWeight[one], 0),
    },
  };
}

/** What is thought before anybody judged: so many verdicts, so many of them a punishment. @source house estimate */
const PRIOR: Judged = { judged: 4, punished: 0.6 * 4 };

/** The chance, 0 to 1, that somebody one belt up punishes an error: a beta posterior of the verdicts against just such partners. */
export function chanceOneUpPunishes(verdicts: Verdicts): number {
  const { judged, punished } = verdicts['one-up'] ?? { judged: 0, punished: 0 };
  return (punished + PRIOR.punished) / (judged + PRIOR.judged);
}
