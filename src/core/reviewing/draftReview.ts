import { teachableAt } from '../patterns';
import { countsAsError, type ErrorMark } from '../round';
import { type Belt, beltRank, findError, type Principle, principles } from '../vocabulary';
import { type DraftQuestion, draftQuestions } from './draftQuestions';
import type { RoundToClose } from './roundToClose';

export const MOST_WORK_POINTS = 3;
/** What an error that was not punished is taken to cost, as a share of its severity. @source house estimate */
const UNPUNISHED_SHARE = 0.4;
/** What a chance that was missed is taken to be worth. @source house estimate: less than any error that was punished */
const CHANCE_WORTH = 0.8;
/** So many different errors make a principle worth naming. @source own decision: one error has its own name */
const FEWEST_ERRORS_OF_PRINCIPLE = 2;

export const workKinds = ['error', 'symptom', 'chance', 'principle'] as const;
/** What there is to work on: a first cause, what only followed from one, a chance that was not taken, or what several errors have in common. */
export type WorkKind = (typeof workKinds)[number];

export interface WorkCandidate {
  readonly kind: WorkKind;
  /** The error, the technique, or the principle. */
  readonly conceptId: string;
  /** Its occurrences, round by round in order of time. */
  readonly markIds: readonly string[];
  /** In how many of the rounds, and with how many people. */
  readonly rounds: number;
  readonly people: number;
  /** Damage that hangs from them as first causes. */
  readonly damage: number;
  readonly unpunished: number;
  /** Punished, while what they led to is not linked: their price is not known yet. */
  readonly unlinked: number;
  /** The lowest belt from which an opponent would punish those that were not. */
  readonly punishedFrom?: Belt;
  /** The catalogue thinks of this belt for it. */
  readonly fitsBelt: boolean;
  /** For ranking: damage, and a part of the severity for each that was not punished, by how teachable it is at this belt, and what keeps happening. */
  readonly worth: number;
}

/** Something done well: a strength, or a technique that was finished. */
export interface GoodThing {
  readonly conceptId: string;
  readonly markIds: readonly string[];
}

export interface ReviewDraft {
  /** What was done well, most often first, strengths before finished techniques. */
  readonly goods: readonly GoodThing[];
  /** The first causes that are proposed: those that fit the belt, most worth first, at most three. */
  readonly points: readonly WorkCandidate[];
  /** All else that could be taken in, most worth first within its kind. */
  readonly others: readonly WorkCandidate[];
  readonly questions: readonly DraftQuestion[];
}

/**
 * What a review of one athlete of a round could say, or of somebody's rounds of an evening, or of everybody's: good things, the first causes by cost here and by
 * priority over time that fit the belt, all else to choose from, and the open questions. Symptoms are only offered: their first causes stand for them. Where
 * nothing fits the belt (a black belt's errors), the first causes are proposed all the same. `priorities` is what keeps happening, by error.
 * @source own decision after common practice: one thing done well, at most three to work on
 */
export function draftReview(
  rounds: readonly RoundToClose[],
  belt: Belt,
  priorities: ReadonlyMap<string, number>,
): ReviewDraft {
  const errors = listErrors(rounds, belt, priorities);
  const causes = errors.filter((one) => one.kind === 'error');
  const fitting = causes.filter((one) => one.fitsBelt);
  const points = (fitting.length > 0 ? fitting : causes).slice(0, MOST_WORK_POINTS);
  const rest = [...errors.filter((one) => !points.includes(one)), ...listChances(rounds), ...listPrinciples(errors)];
  return {
    goods: listGoods(rounds),
    points,
    others: rest.sort(
      (one, other) => workKinds.indexOf(one.kind) - workKinds.indexOf(other.kind) || byWorth(one, other),
    ),
    questions: rounds.flatMap(draftQuestions),
  };
}

const byWorth = (one: WorkCandidate, other: WorkCandidate): number =>
  other.worth - one.worth || (one.conceptId < other.conceptId ? -1 : 1);

interface Found<Marked> {
  readonly round: RoundToClose;
  readonly mark: Marked;
}

/** Things found, by a key, in the order in which they were met. */
function groupBy<Marked>(found: readonly Found<Marked>[], keyOf: (one: Found<Marked>) => string) {
  const groups = new Map<string, Found<Marked>[]>();
  for (const one of found) {
    const key = keyOf(one);
    const known = groups.get(key);
    if (known) known.push(one);
    else groups.set(key, [one]);
  }
  return groups;
}

const spreadOf = (found: readonly Found<unknown>[]) => ({
  rounds: new Set(found.map((one) => one.round)).size,
  people: new Set(found.map((one) => one.round.personId)).size,
});

function listErrors(
  rounds: readonly RoundToClose[],
  belt: Belt,
  priorities: ReadonlyMap<string, number>,
): WorkCandidate[] {
  const found = rounds.flatMap((round) =>
    round.reading.marks
      .filter(
        (mark): mark is ErrorMark => mark.kind === 'error' && mark.athlete === round.athlete && countsAsError(mark),
      )
      .map((mark) => ({ round, mark })),
  );
  const kindOf = ({ round, mark }: Found<ErrorMark>): WorkKind =>
    round.chains.symptomIds.has(mark.id) ? 'symptom' : 'error';
  return [...groupBy(found, (one) => `${kindOf(one)} ${one.mark.errorId}`)]
    .map(([key, own]) => errorCandidate(key.startsWith('symptom') ? 'symptom' : 'error', own, belt, priorities))
    .sort(byWorth);
}

function errorCandidate(
  kind: 'error' | 'symptom',
  found: readonly Found<ErrorMark>[],
  belt: Belt,
  priorities: ReadonlyMap<string, number>,
): WorkCandidate {
  const conceptId = found[0]?.mark.errorId ?? '';
  const entry = findError(conceptId);
  const damageOf = ({ round, mark }: Found<ErrorMark>) => round.chains.damageByRoot.get(mark.id)?.total ?? 0;
  const damage = found.reduce((sum, one) => sum + damageOf(one), 0);
  const spared = found.filter(({ mark }) => mark.punished === 'no' || mark.punished === 'spared');
  // Punished, but what it led to is not linked yet: it had a price, taken to be the usual one until it is known.
  const unlinked = found.filter(
    (one) => (one.mark.punished === 'yes' || one.mark.punished === 'partly') && damageOf(one) === 0,
  ).length;
  const severity = entry?.severity ?? 1;
  const supposed = unlinked * severity + spared.length * severity * UNPUNISHED_SHARE;
  const teachable = entry ? teachableAt(entry, belt) : 1;
  const from = spared.flatMap(({ mark }) => mark.punishedFrom ?? []);
  return {
    ...{ kind, conceptId, markIds: found.map((one) => one.mark.id), ...spreadOf(found) },
    ...{ damage, unlinked, unpunished: spared.length },
    punishedFrom: from.sort((one, other) => beltRank(one) - beltRank(other))[0],
    fitsBelt: entry === undefined || entry.belts.length === 0 || entry.belts.includes(belt),
    worth: (damage + supposed) * teachable + (kind === 'error' ? (priorities.get(conceptId) ?? 0) : 0),
  };
}

const plain = { damage: 0, unpunished: 0, unlinked: 0, fitsBelt: true };

function listChances(rounds: readonly RoundToClose[]): WorkCandidate[] {
  const found = rounds.flatMap((round) =>
    round.reading.marks.flatMap((mark) =>
      mark.kind === 'chance' && mark.athlete === round.athlete && !mark.verdict && !mark.unsure
        ? [{ round, mark }]
        : [],
    ),
  );
  return [...groupBy(found, (one) => one.mark.techniqueId)].map(([conceptId, own]) => ({
    ...{ kind: 'chance', conceptId, markIds: own.map((one) => one.mark.id), ...spreadOf(own), ...plain },
    worth: CHANCE_WORTH * own.length,
  }));
}

const isPrinciple = (text: string): text is Principle => (principles as readonly string[]).includes(text);

/** What several different errors have in common; worth what they are worth together. */
function listPrinciples(errors: readonly WorkCandidate[]): WorkCandidate[] {
  const causes = errors.filter((one) => one.kind === 'error');
  const names = [...new Set(causes.flatMap((one) => findError(one.conceptId)?.principles ?? []))].filter(isPrinciple);
  return names.flatMap((principle): WorkCandidate[] => {
    const own = causes.filter((one) => findError(one.conceptId)?.principles.includes(principle));
    const sum = (of: (one: WorkCandidate) => number) => own.reduce((all, one) => all + of(one), 0);
    if (own.length < FEWEST_ERRORS_OF_PRINCIPLE) return [];
    return [
      {
        ...{ kind: 'principle', conceptId: principle, markIds: own.flatMap((one) => one.markIds), fitsBelt: true },
        ...{ rounds: Math.max(...own.map((one) => one.rounds)), people: Math.max(...own.map((one) => one.people)) },
        ...{ damage: sum((one) => one.damage), unlinked: sum((one) => one.unlinked) },
        ...{ unpunished: sum((one) => one.unpunished), worth: sum((one) => one.worth) },
      },
    ];
  });
}

function listGoods(rounds: readonly RoundToClose[]): GoodThing[] {
  const found = rounds.flatMap(({ reading, athlete }) =>
    reading.marks.flatMap((mark) => {
      if (mark.kind === 'strength' && mark.athlete === athlete)
        return [{ conceptId: mark.strengthId, markId: mark.id, rank: 0 }];
      if (
        mark.kind === 'attempt' &&
        mark.athlete === athlete &&
        mark.stage === 'finished' &&
        !mark.verdict &&
        !mark.came
      )
        return [{ conceptId: mark.techniqueId, markId: mark.id, rank: 1 }];
      return [];
    }),
  );
  const byConcept = new Map<string, { rank: number; markIds: string[] }>();
  for (const { conceptId, markId, rank } of found) {
    const known = byConcept.get(conceptId);
    if (known) known.markIds.push(markId);
    else byConcept.set(conceptId, { rank, markIds: [markId] });
  }
  return [...byConcept]
    .sort(([, one], [, other]) => one.rank - other.rank || other.markIds.length - one.markIds.length)
    .map(([conceptId, { markIds }]) => ({ conceptId, markIds }));
}
