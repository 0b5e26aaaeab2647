import { present } from '../kernel';
import { type Athlete, opponentOf, placeOfRole, type RoundState, roleIn } from '../round';
import type { Pointing } from './athletes';
import type { Hearing, Said } from './hearing';
import type { SpokenWord } from './sentences';

export interface Doer {
  readonly athlete: Athlete;
  readonly sureWho: boolean;
}

/** Words with which a clause of speech leads in, before anything is told. */
export const leading: ReadonlySet<string> = new Set(
  'and but so then because cause now when while where which okay ok alright well anyway right look watch see actually basically eventually finally instead just again also there here is was has have had he she they i you we it hes shes im youre theyre its thats this that the a an his her their my your both two whats though look like with'.split(
    ' ',
  ),
);

const connectives: ReadonlySet<string> = new Set('and but so then now or because while just also'.split(' '));
/** A thing begins the clause: whoever it belongs to is not the one whose body it meets. */
const determiners: ReadonlySet<string> = new Set('the a an that this those these one two no nothing'.split(' '));

/** Behind these something new begins: "look, your hands …", "sorry, both your arms …". */
const beginning: ReadonlySet<string> = new Set(
  'both see look watch and but so because when now then sorry how where why that'.split(' '),
);
/** "I see your hands are swimming": a thing of theirs that is something or does something, wherever the clause begins. */
const isSubject = (words: readonly Pick<SpokenWord, 'word'>[], at: number): boolean =>
  beginning.has(words[at - 1]?.word ?? '') ||
  [2, 3].some((by) =>
    /^(?:is|are|was|were|isnt|arent|wasnt|werent|never|keeps?|stays?|goes|comes)$/.test(words[at + by]?.word ?? ''),
  );

/**
 * Whom a clause is about, of those it points at: who is told to do something, else whose something begins it ("her hips are high"), else, where a thing
 * begins it, the other one of whom it meets ("the leg comes across my face"). Undefined where a verb begins it: who was spoken of goes on.
 */
export function actorOf(
  pointings: readonly Pointing[],
  words: readonly Pick<SpokenWord, 'word'>[],
): Pointing | undefined {
  const doer = pointings.find((one) => one.role === 'doer');
  if (doer) return doer;
  const [first] = pointings;
  if (!first) return undefined;
  const begins = words.slice(0, first.at).every(({ word }) => leading.has(word));
  if (first.role === 'owner' && (begins || words[first.at + 1]?.word === 'own')) return first;
  const subject = pointings.find((one) => one.role === 'owner' && isSubject(words, one.at));
  if (subject) return subject;
  const start = words.find(({ word }) => !connectives.has(word))?.word ?? '';
  return determiners.has(start) ? { ...first, athlete: opponentOf(first.athlete) } : undefined;
}

/**
 * Who did it: "by marek" behind it, else the nearest doer before it in the clause, else whose something begins the clause, else in the sentence, else who was
 * spoken of last. A guess that the position makes impossible goes to the other athlete.
 */
export function doerOf(said: Said, hearing: Hearing, place: 'over' | 'under' | 'level'): Doer {
  const { mention, clause, pointings, words } = said;
  const behind = pointings.find(
    (one) =>
      one.at > mention.to &&
      one.at <= mention.to + 3 &&
      one.byName &&
      ['by', 'for'].includes(present(words[one.at - 1]).word),
  );
  if (behind) return { athlete: behind.athlete, sureWho: true };
  const inClause = pointings.filter((one) => one.at >= clause.from && one.at <= mention.to);
  const before =
    inClause.findLast((one) => one.role === 'doer') ??
    actorOf(
      inClause.map((one) => ({ ...one, at: one.at - clause.from })),
      words.slice(clause.from),
    ) ??
    pointings.findLast((one) => one.at < mention.from && one.role === 'doer') ??
    actorOf(
      pointings.filter((one) => one.at < mention.from),
      words,
    ) ??
    pointings.find((one) => one.at > mention.to && one.at <= clause.to && one.role === 'doer');
  if (before?.byName) return { athlete: before.athlete, sureWho: true };
  const guess = before?.athlete ?? hearing.listener.last?.athlete ?? 'a';
  return { athlete: fitsPlace(guess, place, hearing.state) ? guess : opponentOf(guess), sureWho: before !== undefined };
}

function fitsPlace(athlete: Athlete, place: 'over' | 'under' | 'level', state: RoundState): boolean {
  if (place === 'level' || state.kind !== 'position' || state.holder === undefined) return true;
  const actual = placeOfRole(roleIn(state.positionId, state.holder, athlete));
  return actual === 'level' || actual === place;
}
