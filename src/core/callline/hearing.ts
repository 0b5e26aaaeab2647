import { opponentOf, type RoundState } from '../round';
import { findPosition, isUnnamed } from '../vocabulary';
import { type AttemptSentence, readAttemptSentence } from './attemptSentence';
import { type BestReading, bestReading, CERTAIN, placeOf } from './bestReading';
import type { CallContext } from './callContext';
import { readDoing } from './doings';
import { hearDoing } from './hearDoing';
import { type Heard, named, withArrival } from './heard';
import { goingAttempt, hearSuffered } from './hearSuffered';
import { type Judged, judge } from './judgement';
import { TAKEN_CONFIDENCE } from './matchConcept';
import { readGripByPart } from './ownWords';
import { takePlaces } from './places';
import { type PlainCall, readPlainCall, readTap, saysCondition } from './plainCalls';
import { readPositionSentence } from './positionSentence';
import type { VocabularyIndex } from './vocabularyIndex';
import { readAthlete, type Who } from './who';

/** How sure the name of what was shown must be. @source own decision */
const FEINTED = 0.78;

/** Who and what. An initial gives way to a name that begins with that letter: "k guard" is a guard, also when somebody is called Karim. */
function whoAndWhat(words: readonly string[], index: VocabularyIndex, context: CallContext) {
  const who = readAthlete(words, context);
  const judged = judge(who.words);
  const best = bestReading(withoutOther(who, context), index, context, { place: placeOf(who, context.state), judged });
  const [first = ''] = words;
  if (!who.named || first.length > 1 || first === 'a' || first === 'b') return { who, best, judged };
  const whole = bestReading(words, index, context);
  const isName =
    whole && whole.match.confidence >= 0.95 && whole.match.confidence > (best?.match.confidence ?? 0) - 0.03;
  return isName ? { who: { athlete: 'a' as const, named: false, words }, best: whole, judged } : { who, best, judged };
}

/** The words without the name of the one to whom something is done. */
function withoutOther(who: Who, { calledBy }: CallContext): readonly string[] {
  if (!who.named) return who.words;
  const other = calledBy[opponentOf(who.athlete)];
  const isOther = (word: string) => other.includes(word) || (word.endsWith('s') && other.includes(word.slice(0, -1)));
  // "punished from blue" names a belt, not a kit.
  const rest = who.words.filter((word, at) => word.length < 2 || who.words[at - 1] === 'from' || !isOther(word));
  return rest.length > 0 ? rest : who.words;
}

/** The words with "them" for the name of the one to whom something is done. */
const withThem = (who: Who, { calledBy }: CallContext): string[] =>
  who.words.map((word) =>
    who.named && word.length > 1 && calledBy[opponentOf(who.athlete)].includes(word) ? 'them' : word,
  );

/** What the words say as one statement; undefined where they name nothing. */
export function hear(words: readonly string[], index: VocabularyIndex, context: CallContext): Heard | undefined {
  const { who, best, judged } = whoAndWhat(words, index, context);
  const feint = hearFeint(who, index, context);
  if (feint) return feint;
  const tap = readTap(who, context);
  if (tap) return { kind: 'plain', who, plain: tap, best };
  const told = judged?.firm && judged.judgement === 'good' ? undefined : readAttemptSentence(words, index, context);
  if (told) return attempted(told, who, context);
  const placed = judged?.firm ? undefined : readPositionSentence(words, index, context);
  if (placed) {
    const by: Who = placed.athlete ? { ...who, athlete: placed.athlete, named: true } : { ...who, named: false };
    return { kind: 'named', who: by, best: placed.best, modifiers: placed.modifiers };
  }
  // "I pass", "tips him over": with "I" before it or somebody behind it a verb is a verb, whatever else is called so.
  const isVerb = words[0] === 'i' || doneToSomebody.test(withThem(who, context).join(' '));
  const verbal = isVerb ? readDoing(withThem(who, context), context.state, words[0] === 'i') : undefined;
  const verbally = verbal && !judged?.firm && hearDoing({ doing: verbal, who, judged, index, context });
  if (verbally) return verbally;
  // The words from the first one on are a name: then it is that name, whatever else they may be.
  const certain =
    best !== undefined &&
    best.match.confidence >= CERTAIN &&
    best.words[0] === who.words[0] &&
    // What has no name is told by its verb: "gets passed" is no "gets past".
    !isUnnamed(best.match.concept.id);
  if (certain) return named(who, best);
  if (who.named && saysCondition(who.words)) return { kind: 'condition', who };
  const suffered = hearSuffered(who, index, context);
  if (suffered) return { kind: 'named', ...suffered };
  const done = readDoing(withThem(who, context), context.state, words[0] === 'i');
  if (done?.byOther) {
    const heard = hearDoing({ doing: done, who, best, judged, index, context });
    if (heard) return heard;
  }
  const plain = readPlainCall(who, context) ?? plainArrival(who, index, context);
  if (plain) return { kind: 'plain', who, plain, best };
  if (best && holdsMore(who, best, judged)) return undefined;
  const heard = done && hearDoing({ doing: done, who, best, judged, index, context });
  if (heard) return heard;
  return best && isTaken(best, judged, context.state) ? named(who, best) : undefined;
}

/**
 * How sure a reading must be to be taken. Sentences of the catalogue share words with everything that is said, a name of two words does not; praise is said with
 * a word of praise. @source own decision, by what came true of the calls that others wrote
 */
function isTaken(
  { match: { concept, confidence } }: BestReading,
  judged: Judged | undefined,
  state: RoundState,
): boolean {
  if (concept.kind === 'strength' && judged?.judgement !== 'good') return confidence >= 0.93;
  if (concept.kind !== 'error' && concept.kind !== 'strength') return confidence >= TAKEN_CONFIDENCE;
  const family = state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;
  return confidence >= (family !== undefined && concept.families.includes(family) ? 0.72 : 0.8);
}

/** "pass to mount", "smash to side": a class of techniques that arrives somewhere is finished. */
function plainArrival(who: Who, index: VocabularyIndex, context: CallContext): PlainCall | undefined {
  const { words, to } = takePlaces(who.words, index);
  const plain = to?.kind === 'position' ? readPlainCall({ ...who, words }, context) : undefined;
  return plain && { ...plain, modifiers: { stage: 'finished', end: 'finished', ...plain.modifiers } };
}

/** A sentence about an attempt of which every word is explained. */
function attempted({ athlete, best, modifiers }: AttemptSentence, who: Who, context: CallContext): Heard {
  const by: Who = athlete ? { ...who, athlete, named: true } : { ...who, named: false };
  const going = modifiers.end ? goingAttempt(best.match.concept.id, athlete, context) : undefined;
  const stage = going && !modifiers.stage ? { stage: going.stage } : {};
  return {
    kind: 'named',
    who: by,
    best,
    modifiers: { ...withArrival({ ...best, modifiers }), ...stage },
    finishesId: going?.id,
  };
}

/** "fakes the pull and hits the ankle pick": the second is meant, the first was shown; "fakes the throw" alone is a bait. */
function hearFeint(who: Who, index: VocabularyIndex, context: CallContext): Heard | undefined {
  const [, shown = '', meant] =
    /^(?:fakes|faked|feints|feinted|fake|pretends)(?: to)? (.+?)(?: (?:and|then|and then|to hit|to get|into)(?: (?:goes|hits|gets|takes|for|the|to))* (.+))?$/.exec(
      who.words.join(' '),
    ) ?? [];
  if (shown === '') return undefined;
  const best = bestReading((meant ?? shown).split(' '), index, context, { place: placeOf(who, context.state) });
  if (!best || best.match.confidence < FEINTED) return undefined;
  if (meant === undefined) return { kind: 'named', who, best, modifiers: { ...best.modifiers, verdict: 'bait' } };
  return { kind: 'named', who, best, modifiers: withArrival(best), remark: `fakes ${shown}` };
}

/** "gets the wrist" holds the wrist and locks nothing: what hands take is a grip, unless a longer name was said or it is judged. */
const holdsMore = (who: Who, { match, words }: BestReading, judged: Judged | undefined): boolean =>
  !judged?.firm &&
  match.concept.kind === 'attempt' &&
  match.confidence < CERTAIN &&
  words.length < 3 &&
  readGripByPart(who.words) !== undefined;

const doneToSomebody = / (?:him|her|them|me|you)(?: over| down| off| again| backwards| to the mat| cleanly)*$/;
