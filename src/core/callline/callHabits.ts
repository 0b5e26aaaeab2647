import type { Span } from '../clock';
import {
  type Athlete,
  type AttemptMark,
  conceptIdOf,
  findIntervalAt,
  type Mark,
  opponentOf,
  placeOfRole,
  placeOnTop,
  type RoundState,
  readRound,
  roleIn,
  stateAfterAttempt,
} from '../round';
import { findError, findPosition, findTechnique, standardIdOf, techniques, type Uniform } from '../vocabulary';

/** Which of the two acts, seen from the position: who is on top or attacking, who is below, or nobody in particular. */
type Actor = 'over' | 'under' | 'a' | 'b' | '-';

/** Counts of calls by what was known before each: how this academy's rounds usually go on. Plain data, so a page can receive it. */
export interface CallHabits {
  /** Context → call key → count. */
  readonly counts: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

export const noHabits: CallHabits = { counts: {} };

export interface HabitRound {
  readonly span: Span;
  readonly uniform: Uniform;
  readonly marks: readonly Mark[];
  readonly people: Readonly<Record<Athlete, string>>;
}

/** What is known when the next call is guessed. */
export interface HabitContext {
  readonly state: RoundState;
  readonly last?: Mark;
  readonly beforeLast?: Mark;
  readonly people?: Readonly<Record<Athlete, string>>;
}

export interface GuessedCall {
  readonly conceptId: string;
  readonly athlete?: Athlete;
  readonly missed?: true;
  readonly probability: number;
}

const actorOfAthlete = (state: RoundState, athlete: Athlete | undefined): Actor => {
  if (athlete === undefined) return '-';
  if (state.kind !== 'position' || state.holder === undefined) return athlete;
  const place = placeOfRole(roleIn(state.positionId, state.holder, athlete));
  return place === 'level' ? athlete : place;
};

const athleteOfActor = (state: RoundState, actor: Actor): Athlete | undefined => {
  if (actor === '-') return undefined;
  if (actor === 'a' || actor === 'b') return actor;
  return (['a', 'b'] as const).find((athlete) => actorOfAthlete(state, athlete) === actor);
};

/** The athlete that a mark is about: its actor, or who is on top in a position. */
function athleteOf(mark: Mark): Athlete | undefined {
  if (mark.kind !== 'position') return 'athlete' in mark ? mark.athlete : undefined;
  if (mark.holder === undefined) return undefined;
  const over = placeOfRole(roleIn(mark.positionId, mark.holder, 'a')) === 'over' ? 'a' : 'b';
  return over;
}

const keyOf = (mark: Mark, state: RoundState): string | undefined => {
  const conceptId = conceptIdOf(mark);
  return (
    conceptId && `${actorOfAthlete(state, athleteOf(mark))}|${mark.kind === 'chance' ? 'missed' : ''}|${conceptId}`
  );
};

/** The contexts of a moment, from the most general to the most particular. */
function contextsOf({ state, last, beforeLast }: HabitContext): string[] {
  const positionId = state.kind === 'position' ? standardIdOf(state.positionId) : state.kind;
  const family = findPosition(positionId)?.family ?? state.kind;
  const contexts = ['all', `family ${family}`, `position ${positionId}`];
  const lastKey = last && keyOf(last, state);
  if (last && lastKey) contexts.push(`kind ${family} ${last.kind}`, `last ${lastKey}`, `last ${positionId} ${lastKey}`);
  const beforeKey = beforeLast && keyOf(beforeLast, state);
  if (lastKey && beforeKey) contexts.push(`two ${beforeKey} ${lastKey}`);
  return contexts;
}

const personContext = (person: string, context: HabitContext): string => {
  const { state } = context;
  const family = state.kind === 'position' ? (findPosition(state.positionId)?.family ?? 'any') : state.kind;
  return `person ${person} ${family}`;
};

/** Counts how rounds went on after each mark. Marks that were only added to be looked at (notes, stoppages) teach nothing. */
export function learnCalls(rounds: readonly HabitRound[]): CallHabits {
  const counts: Record<string, Record<string, number>> = {};
  const count = (context: string, key: string) => {
    const known = counts[context] ?? {};
    counts[context] = known;
    known[key] = (known[key] ?? 0) + 1;
  };
  for (const round of rounds) {
    for (const { context, mark } of momentsOf(round)) {
      const key = keyOf(mark, context.state);
      if (!key) continue;
      for (const one of contextsOf(context)) count(one, key);
      const athlete = athleteOf(mark);
      if (athlete) count(personContext(round.people[athlete], context), key);
    }
  }
  return { counts };
}

/** Every mark of a round with what was known just before it. */
export function momentsOf(round: HabitRound): { readonly context: HabitContext; readonly mark: Mark }[] {
  const reading = readRound(round.span, round.marks);
  const named = reading.marks.filter((mark) => conceptIdOf(mark) !== undefined);
  return named.map((mark, at) => {
    const last = named[at - 1];
    const before = readRound(round.span, named.slice(Math.max(0, at - 12), at));
    const state = findIntervalAt(before, mark.atSeconds)?.state ?? { kind: 'unmarked' as const };
    return { context: { state, last, beforeLast: named[at - 2], people: round.people }, mark };
  });
}

/** How much the more general context weighs against the counts of a particular one, in marks. @source own decision, tried on the demo's rounds */
const GENERAL_WEIGHT = 24;
const LAST_SHARE = 0.6;
const PERSON_SHARE = 0.08;

/**
 * The likeliest next calls, best first. A chain of Dirichlet estimates: the position graph's prior counts, then all rounds, this family,
 * this position, what came just before; each level is the prior of the next. What these two people usually do adds its share.
 */
export function guessCalls(habits: CallHabits, context: HabitContext, uniform: Uniform, most = 5): GuessedCall[] {
  let estimate = placePrior(context, uniform);
  for (const level of contextsOf(context)) {
    // What the last mark leads to is catalogue knowledge about it: it comes in before the counts that follow that mark.
    if (level.startsWith('kind ')) estimate = mix(estimate, lastPrior(context, uniform), LAST_SHARE);
    estimate = blend(estimate, habits.counts[level], GENERAL_WEIGHT);
  }
  if (context.people) estimate = withPeople(estimate, habits, context);
  return [...estimate]
    .filter(([key]) => suits(key, uniform))
    .sort((one, other) => other[1] - one[1] || (one[0] < other[0] ? -1 : 1))
    .slice(0, most)
    .map(([key, probability]) => {
      const [actor = '-', missed, conceptId = ''] = key.split('|');
      return {
        conceptId,
        athlete: athleteOfActor(context.state, actor as Actor),
        missed: missed ? (true as const) : undefined,
        probability,
      };
    });
}

function blend(
  prior: ReadonlyMap<string, number>,
  counts: Readonly<Record<string, number>> | undefined,
  weight: number,
): Map<string, number> {
  if (!counts) return new Map(prior);
  const total = Object.values(counts).reduce((sum, one) => sum + one, 0);
  const blended = new Map<string, number>();
  for (const [key, share] of prior) blended.set(key, (weight * share) / (total + weight));
  for (const [key, count] of Object.entries(counts))
    blended.set(key, (blended.get(key) ?? 0) + count / (total + weight));
  return blended;
}

function withPeople(estimate: ReadonlyMap<string, number>, habits: CallHabits, context: HabitContext) {
  const mixed = new Map([...estimate].map(([key, share]) => [key, share * (1 - PERSON_SHARE)]));
  for (const person of Object.values(context.people ?? {})) {
    const counts = habits.counts[personContext(person, context)];
    if (!counts) continue;
    const total = Object.values(counts).reduce((sum, one) => sum + one, 0);
    for (const [key, count] of Object.entries(counts))
      mixed.set(key, (mixed.get(key) ?? 0) + (PERSON_SHARE / 2) * (count / (total + 2)));
  }
  return mixed;
}

const suits = (key: string, uniform: Uniform): boolean => {
  const technique = findTechnique(key.split('|')[2] ?? '');
  return !technique || technique.uniform === 'both' || technique.uniform === uniform;
};

type AddCall = (conceptId: string, athlete: Athlete | undefined, weight: number) => void;

function shares(state: RoundState, uniform: Uniform, fill: (add: AddCall) => void): Map<string, number> {
  const weights = new Map<string, number>();
  fill((conceptId, athlete, weight) => {
    const key = `${actorOfAthlete(state, athlete)}||${conceptId}`;
    if (suits(key, uniform)) weights.set(key, (weights.get(key) ?? 0) + weight);
  });
  const total = [...weights.values()].reduce((sum, one) => sum + one, 0);
  return new Map([...weights].map(([key, weight]) => [key, weight / Math.max(1e-9, total)]));
}

/** Two estimates in one; an empty second one changes nothing. */
function mix(one: ReadonlyMap<string, number>, other: ReadonlyMap<string, number>, share: number): Map<string, number> {
  if (other.size === 0) return new Map(one);
  const mixed = new Map([...one].map(([key, value]) => [key, value * (1 - share)]));
  for (const [key, value] of other) mixed.set(key, (mixed.get(key) ?? 0) + value * share);
  return mixed;
}

/** What the position graph alone would expect from here. */
const placePrior = ({ state }: HabitContext, uniform: Uniform) =>
  shares(state, uniform, (add) => addFromGraph(state, add));

function addFromGraph(state: RoundState, add: AddCall): void {
  if (state.kind !== 'position') add('standing-neutral', undefined, 6);
  const positionId = state.kind === 'position' ? state.positionId : 'standing-neutral';
  const holder = state.kind === 'position' ? state.holder : undefined;
  for (const [id, weight] of findPosition(positionId)?.nextCalls ?? [])
    add(id, likelyActor(id, positionId, holder), weight);
}

/** What the last mark alone would expect: where a finished technique ends, how an open one is answered, what an error leads to. */
const lastPrior = ({ state, last }: HabitContext, uniform: Uniform) =>
  shares(state, uniform, (add) => {
    if (last?.kind === 'attempt') addAfterAttempt(last, state, add);
    if (last?.kind !== 'error') return;
    for (const id of findError(last.errorId)?.leadsTo ?? [])
      add(id, findError(id) ? last.athlete : opponentOf(last.athlete), 2);
    addFromGraph(state, (id, athlete, weight) => {
      if (athlete === opponentOf(last.athlete) && findTechnique(id)) add(id, athlete, weight / 4);
    });
  });

/** An attempt that still runs is either finished into its result or answered. */
function addAfterAttempt(last: AttemptMark, state: RoundState, add: AddCall): void {
  const after = stateAfterAttempt({ ...last, stage: 'finished', end: 'finished' });
  const submission = findTechnique(last.techniqueId)?.class === 'submissions';
  if (last.end === 'finished') {
    if (submission) add('standing-neutral', undefined, 8);
    else if (after?.kind === 'position') add(after.positionId, overOf(after), 20);
    return;
  }
  if (!last.end) add(last.techniqueId, last.athlete, 3);
  if (after?.kind === 'position' && !last.end) add(after.positionId, overOf(after), 3);
  // The answer: what the other one usually does from here, escapes first.
  const position = state.kind === 'position' ? findPosition(state.positionId) : undefined;
  for (const technique of techniques) {
    if (technique.class !== 'escapes' || !sharesWord(technique.id, last.techniqueId)) continue;
    add(technique.id, opponentOf(last.athlete), 3);
  }
  for (const [id, weight] of position?.nextCalls ?? [])
    if (findTechnique(id)?.class === 'escapes') add(id, opponentOf(last.athlete), weight / 3);
}

/** Whether an escape is named after the attack: "armbar-stack-escape" answers "armbar". */
const sharesWord = (escapeId: string, attackId: string): boolean =>
  attackId.split('-').some((word) => word.length > 4 && escapeId.includes(word));

const overOf = (state: RoundState): Athlete | undefined => {
  if (state.kind !== 'position' || state.holder === undefined) return undefined;
  return placeOfRole(roleIn(state.positionId, state.holder, 'a')) === 'over' ? 'a' : 'b';
};

/** Who does what the graph expects: passes and pins from above, sweeps and escapes from below, else the athlete attacking. */
function likelyActor(conceptId: string, positionId: string, holder: Athlete | undefined): Athlete | undefined {
  const technique = findTechnique(conceptId);
  if (holder === undefined) return technique ? 'a' : undefined;
  const over = placeOfRole(roleIn(positionId, holder, 'a')) === 'over' ? 'a' : 'b';
  const under = opponentOf(over);
  // A position stays with whoever has the better of this one.
  if (!technique) return findPosition(conceptId) ? overOf(placeOnTop(conceptId, over)) : over;
  if (technique.class === 'sweeps' || technique.class === 'escapes' || technique.class === 'leg-entries') return under;
  if (technique.class === 'passes' || technique.class === 'takedowns') return over;
  return holder;
}
