import { holderOf, standingInGuard } from '../callline';
import { type Athlete, placeOfRole, roleIn } from '../round';
import { findPosition } from '../vocabulary';
import type { Pointing } from './athletes';
import type { Hearer } from './freeSpeech';
import type { Hearing } from './hearing';
import type { SpokenWord } from './sentences';

/** Where somebody is, told without the name of a position. */
export const hearPlace: Hearer = ({ sentence, pointings, told, athlete, doer, named, propose }, hearing) => {
  if (named.has('position')) return false;
  const inside = insideOf(sentence.words, pointings, hearing);
  const place = inside ?? (athlete && standsUp(told.join(' '), athlete, hearing));
  if (!place) return false;
  propose({ ...place, sureWho: inside !== undefined || doer !== undefined });
  return true;
};

/**
 * "You're in his half", "with her in your guard": where somebody is by whose legs they are between. A guard of which nothing more is told is the closed one,
 * unless a guard of theirs is known already. @source common practice
 */
function insideOf(words: readonly SpokenWord[], pointings: readonly Pointing[], { state }: Hearing) {
  const wordAt = (at: number) => words[at]?.word ?? '';
  const owner = pointings.find(
    ({ role, at }) =>
      role === 'owner' &&
      /^(?:in|inside|into|between)$/.test(wordAt(at - 1)) &&
      /^(?:guard|half|legs)$/.test(wordAt(at + (/^(?:full|closed)$/.test(wordAt(at + 1)) ? 2 : 1))),
  );
  if (!owner) return undefined;
  const positionId = /^half$/.test(wordAt(owner.at + 1)) ? 'half-guard' : 'closed-guard';
  const holder = holderOf(positionId, owner.athlete, 'under');
  const known = state.kind === 'position' ? findPosition(state.positionId) : undefined;
  const isKnown =
    state.kind === 'position' &&
    placeOfRole(roleIn(state.positionId, state.holder, owner.athlete)) === 'under' &&
    (positionId === 'half-guard' ? known?.family === 'half-guard' : /guard/.test(known?.family ?? ''));
  return isKnown ? undefined : ({ kind: 'position', positionId, holder } as const);
}

/** Who stands up in the closed guard stands in it. */
function standsUp(text: string, athlete: Athlete, { state }: Hearing) {
  const stander = standingInGuard(text, athlete, state);
  if (!stander) return undefined;
  const positionId = 'closed-guard-standing';
  return { kind: 'position', positionId, holder: holderOf(positionId, stander, 'over') } as const;
}
