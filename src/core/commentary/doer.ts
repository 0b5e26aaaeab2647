import { present } from '../kernel';
import { type Athlete, opponentOf, placeOfRole, type RoundState, roleIn } from '../round';
import type { Hearing, Said } from './hearing';

export interface Doer {
  readonly athlete: Athlete;
  readonly sureWho: boolean;
}

/**
 * Who did it: "by marek" behind it, else the nearest doer or owner before it in the clause, else in the sentence, else who was spoken of
 * last. A guess that the position makes impossible goes to the other athlete.
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
  const usable = pointings.filter((one) => one.role !== 'object');
  const before =
    usable.findLast((one) => one.at >= clause.from && one.at <= mention.to && one.role === 'doer') ??
    usable.findLast((one) => one.at >= clause.from && one.at <= mention.to) ??
    usable.findLast((one) => one.at < mention.from && one.role === 'doer') ??
    usable.findLast((one) => one.at < mention.from) ??
    usable.find((one) => one.at > mention.to && one.at <= clause.to && one.byName);
  if (before?.byName) return { athlete: before.athlete, sureWho: true };
  const guess = before?.athlete ?? hearing.listener.last?.athlete ?? 'a';
  return { athlete: fitsPlace(guess, place, hearing.state) ? guess : opponentOf(guess), sureWho: before !== undefined };
}

function fitsPlace(athlete: Athlete, place: 'over' | 'under' | 'level', state: RoundState): boolean {
  if (place === 'level' || state.kind !== 'position' || state.holder === undefined) return true;
  const actual = placeOfRole(roleIn(state.positionId, state.holder, athlete));
  return actual === 'level' || actual === place;
}
