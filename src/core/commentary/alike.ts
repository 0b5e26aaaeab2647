import { draftInOwnWords, holderOf, tellsOpening } from '../callline';
import { type AlikeEntry, likestKinds, likestOf, type ToldKind } from '../resemblance';
import { conceptIdOf, type Mark, placeOfRole } from '../round';
import { findError, findGrip, findPosition, findTechnique } from '../vocabulary';
import type { Pointing } from './athletes';
import { add } from './collect';
import { type Doer, doerOf } from './doer';
import type { DraftPart } from './draftPart';
import type { Hearing, Reading, Said } from './hearing';
import { judgeSpeech } from './judgeSpeech';
import { stageOf } from './outcome';
import type { Sentence } from './sentences';

/** Kinds that a likeness may tell of; what stops a round is said outright. */
const guessable: ReadonlySet<ToldKind> = new Set(['error', 'strength', 'chance', 'attempt', 'position', 'grip']);
/** Of what is called wrong outright nothing is only told. */
const neutral: ReadonlySet<ToldKind> = new Set(['position', 'grip']);
/** A kind that has less of the resemblance is not thought of. @source own decision */
const LEAST_OF_KIND = 0.12;
const MOST_KINDS = 3;
const MOST_OF_LIKEST = 2;

/**
 * What a clause tells by its likeness to how things are told: the likest entry of each kind that it resembles, beside what was heard by names and plain words.
 * Nothing of it changes where the round is: it is guessed.
 */
export function proposeAlike(
  sentence: Sentence,
  pointings: readonly Pointing[],
  told: readonly Reading[],
  hearing: Hearing,
): void {
  const likely = likestKinds(hearing.alike, guessable)
    .filter(([kind, share]) => share >= LEAST_OF_KIND && !(neutral.has(kind) && isFault(sentence)))
    .slice(0, MOST_KINDS);
  const said = wholeClause(sentence, pointings);
  for (const [place, [kind]] of likely.entries())
    for (const entry of likestOf(kind, hearing.alike, hearing.state).slice(0, place === 0 ? MOST_OF_LIKEST : 1)) {
      const draft = isTold(entry, told) || !fitsUniform(entry, hearing) ? undefined : draftOf(entry, said, hearing);
      if (draft) add({ ...draft, guessed: true }, said, hearing);
    }
}

/** What needs a jacket is not thought of in a round without one. */
const fitsUniform = ({ id }: AlikeEntry, { context: { uniform } }: Hearing): boolean =>
  [undefined, 'both', uniform].includes((findTechnique(id) ?? findPosition(id) ?? findGrip(id))?.uniform);

function isFault({ words }: Sentence): boolean {
  const judged = judgeSpeech(words.map(({ word }) => word));
  return judged?.firm === true && judged.judgement === 'error';
}

/** Whether the clause told of the entry by its name, or judged in its own words what has none: whoever it was of, it is not guessed again. */
const isTold = ({ kind, id }: AlikeEntry, told: readonly Reading[]): boolean =>
  told.some(({ draft }) => draft.kind === kind && (id === '' || conceptIdOf({ ...draft, id: '' } as Mark) === id));

function wholeClause(sentence: Sentence, pointings: readonly Pointing[]): Said {
  const last = sentence.words.length - 1;
  const text = sentence.words.map(({ word }) => word).join(' ');
  return {
    mention: {
      concept: { id: '', kind: 'error', name: '', families: [], uniform: 'both' },
      ...{ rivals: [], from: 0, to: last, score: 0 },
    },
    clause: { before: '', after: '', from: 0, to: last },
    words: sentence.words,
    ...{ pointings, sentence, whole: ` ${text} ` },
  };
}

type Guess = DraftPart & { readonly sureWho: boolean };

function draftOf({ kind, id }: AlikeEntry, said: Said, hearing: Hearing): Guess | undefined {
  const note = said.sentence.text;
  const level = () => doerOf(said, hearing, 'level');
  switch (kind) {
    case 'error': {
      const doer = doerOf(said, hearing, placeOfRole(findError(id)?.role ?? 'neutral'));
      return id ? { kind, errorId: id, ...doer, ledTo: [] } : inOwnWords('error', doer, said);
    }
    case 'strength':
      return id ? { kind, strengthId: id, ...level() } : inOwnWords('good', level(), said);
    case 'chance':
      return { kind, techniqueId: 'unnamed-chance', ...level(), note };
    case 'grip':
      return id ? { kind, gripId: id, ...level(), outcome: 'got', note } : undefined;
    case 'position': {
      const { athlete, sureWho } = level();
      return { kind, positionId: id, holder: holderOf(id, athlete, undefined), sureWho };
    }
    case 'attempt': {
      const technique = findTechnique(id);
      if (!technique) return undefined;
      const place =
        technique.class === 'passes'
          ? 'over'
          : technique.class === 'sweeps' || technique.class === 'escapes'
            ? 'under'
            : 'level';
      const doer = doerOf(said, hearing, place);
      if (tellsOpening(said.whole)) return { kind: 'chance', techniqueId: id, ...doer };
      return { kind, techniqueId: id, ...doer, ...stageOf(said, technique.class), note };
    }
    default:
      return undefined;
  }
}

function inOwnWords(judgement: 'error' | 'good', { athlete, sureWho }: Doer, said: Said): Guess {
  const words = said.sentence.words.map(({ word }) => word);
  const { atSeconds: _, ...draft } = draftInOwnWords(
    {
      who: { athlete, named: true, words },
      judged: { judgement, firm: true },
      ...{ modifiers: {}, text: said.sentence.text, about: words },
    },
    0,
  );
  return { ...(draft as DraftPart), sureWho };
}
