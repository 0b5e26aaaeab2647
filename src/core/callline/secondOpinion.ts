import { likestKinds, likestOf } from '../resemblance/fitsState';
import type { Resemblance, ToldKind } from '../resemblance/resemblance';
import { conceptIdOf, type Mark, type RoundState } from '../round';
import type { CallContext } from './callContext';
import type { CallReading } from './callReading';
import type { MarkDraft } from './draftOf';
import { type Concept, NAME_TRUST, type VocabularyIndex } from './vocabularyIndex';
import { readAthlete } from './who';

/** What a call resembles most. */
interface Opinion {
  readonly kind: ToldKind;
  readonly concept: Concept;
  readonly likeness: number;
  /** Its likeness times what falls to its kind, 0 to 1. */
  readonly strength: number;
}

/** What can be marked without more than the entry. */
const markable: ReadonlySet<ToldKind> = new Set(['error', 'strength', 'attempt', 'position', 'grip']);

/** From here on a resemblance is worth a look. @source what came true of the calls that others wrote, as all limits here */
const TELLS_SOMETHING = 0.2;
/** From here on it stands before the coach's own words, or before a note. */
const BEFORE_OWN_WORDS = 0.35;
/** What is read in doubt and resembled so much is in doubt no more. */
const SETTLES = 0.35;
/** A sure reading is asked about where the call resembles something else so much. */
const OTHERWISE = 0.4;
/** As good as a name that stands there whole. */
const WHOLE_NAME = 0.995;

/**
 * The reading of a call beside what it resembles. Where nothing was understood, or only a verdict in the coach's own words, what it resembles much stands first,
 * asked about beside those words; what it resembles less is offered. A reading in doubt is sure where it is also the likest, else the likest stands second. A
 * sure reading is asked about where the call resembles something else, unless it is a name that stands there whole. `draftOf` makes the mark of an entry.
 */
export function withSecondOpinion(
  reading: CallReading,
  words: readonly string[],
  index: VocabularyIndex,
  context: CallContext,
  draftOf: (concept: Concept) => MarkDraft,
): CallReading {
  const { draft, remarks } = reading;
  if (!index.resembles || !draft || reading.finishesId || reading.furthersId) return reading;
  const said = readAthlete(words, context).words;
  const alike = index.resembles(said);
  const isOwnWords = remarks.some(({ code }) => code === 'own-words');
  const kinds = isOwnWords ? new Set([draft.kind as ToldKind]) : markable;
  const whole = opinionOf(alike, kinds, index, context);
  const done = isOwnWords && (whole?.strength ?? 0) < BEFORE_OWN_WORDS ? doneInstead(said) : undefined;
  const opinion = (done && opinionOf(index.resembles(done), kinds, index, context)) ?? whole;
  if (!opinion) return reading;
  if (!reading.understood || isOwnWords) {
    return opinion.strength >= BEFORE_OWN_WORDS
      ? named(reading, draft, opinion, draftOf)
      : beside(reading, draft, opinion);
  }
  const isLikest = opinion.concept.id === idOf(draft);
  if (reading.doubtful) {
    if (isLikest) return opinion.strength >= SETTLES ? { ...reading, doubtful: undefined } : reading;
    return beside(reading, draft, opinion);
  }
  const called = calledBy(reading, said, draft, index);
  const isSure = isPraise(draft)
    ? called === 'name' || (called === 'saying' && isLikest)
    : isLikest || called !== undefined || !isOtherwise(reading, draft, opinion, alike);
  return isSure ? reading : beside({ ...reading, doubtful: true }, draft, opinion);
}

/** "grabs the toes instead of the shin": what was done, without what should have been. */
function doneInstead(words: readonly string[]): readonly string[] | undefined {
  const at = words.findIndex(
    (word, place) => (word === 'instead' || word === 'rather') && ['of', 'than'].includes(words[place + 1] ?? ''),
  );
  return at > 1 ? words.slice(0, at) : undefined;
}

/** What is done well is told in so many ways that an entry is taken only where everything speaks for it. */
const isPraise = ({ kind }: MarkDraft): boolean => kind === 'strength';

const idOf = (draft: MarkDraft): string | undefined => conceptIdOf({ ...draft, id: '' } as Mark);

/** The likest entry of the likest kind; what needs a jacket is not thought of in a round without one. */
function opinionOf(
  alike: Resemblance,
  among: ReadonlySet<ToldKind>,
  index: VocabularyIndex,
  { state, uniform }: { readonly state: RoundState; readonly uniform: string },
): Opinion | undefined {
  const [most] = likestKinds(alike, among);
  const likest = most && likestOf(most[0], alike, state).find(({ id }) => id !== '');
  const concept = likest && index.concepts.get(likest.id);
  if (!concept || ![uniform, 'both'].includes(concept.uniform)) return undefined;
  const { likeness } = likest;
  return { kind: most[0], concept, likeness, strength: likeness * most[1] };
}

/** The entry in place of a note or of own words, which stay to be chosen. */
function named(
  { choices, ...reading }: CallReading,
  ownWords: MarkDraft,
  { concept, likeness }: Opinion,
  draftOf: (concept: Concept) => MarkDraft,
): CallReading {
  const others = choices.filter((one) => one.concept.id !== concept.id);
  return {
    ...reading,
    draft: draftOf(concept),
    understood: true,
    confidence: likeness,
    choices: [{ concept, confidence: likeness }, ...others],
    remarks: [],
    doubtful: true,
    guessed: true,
    ownWords,
  };
}

/** The entry among the choices: behind what was read, before all where no entry was. */
function beside(reading: CallReading, draft: MarkDraft, { concept, likeness, strength }: Opinion): CallReading {
  const [first] = reading.choices;
  if (strength < TELLS_SOMETHING && !reading.doubtful) return reading;
  const other = { concept, confidence: likeness };
  const rest = reading.choices.filter((one) => one.concept.id !== concept.id);
  const isRead = first !== undefined && first.concept.id === idOf(draft) && first.concept.id !== concept.id;
  return { ...reading, choices: isRead ? [first, other, ...rest.slice(1)] : [other, ...rest] };
}

/**
 * Whether what was taken for the entry is a name of it (its own, or one that this academy chose), or one of the ways in which it is said: as it stands, or
 * with the rest of the call.
 */
function calledBy(
  { conceptWords }: CallReading,
  call: readonly string[],
  draft: MarkDraft,
  { phrases, words }: VocabularyIndex,
): 'name' | 'saying' | undefined {
  const id = idOf(draft);
  const taken = conceptWords.join(' ');
  const all = call.join(' ');
  const whole = phrases.filter(({ concept, wordNumbers }) => {
    if (concept.id !== id) return false;
    const said = wordNumbers.map((at) => words[at]?.word).join(' ');
    return said === taken || (said.startsWith(`${taken} `) && all.endsWith(said));
  });
  if (whole.length === 0) return undefined;
  return whole.some(({ trust }) => trust >= NAME_TRUST) ? 'name' : 'saying';
}

/** Whether a reading that was sure may be something else. */
function isOtherwise(reading: CallReading, draft: MarkDraft, opinion: Opinion, { entries }: Resemblance): boolean {
  const id = idOf(draft);
  const isThoughtOf = Object.values(entries).some((some) => some.some((one) => one.id === id));
  return opinion.strength >= OTHERWISE || reading.confidence < WHOLE_NAME || !isThoughtOf;
}
