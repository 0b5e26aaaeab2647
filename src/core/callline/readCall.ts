import { parseClock } from '../clock';
import { type Athlete, type Mark, opponentOf, placeOfRole, type RoundState, roleIn } from '../round';
import { findError, findPosition, type Uniform } from '../vocabulary';
import { type ConceptMatch, matchConcepts, OFFERED_CONFIDENCE, TAKEN_CONFIDENCE } from './matchConcept';
import { type Modifiers, splitModifiers } from './modifiers';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { wordsOf } from './words';

export interface CallContext {
  readonly uniform: Uniform;
  readonly state: RoundState;
  /** Words by which each athlete may be called besides the letters: names, kit colour. Lower case. */
  readonly calledBy: Readonly<Record<Athlete, readonly string[]>>;
  /** Media time of the call. */
  readonly atSeconds: number;
  /** Media time of the round's in point, for "at 2:41" in round time. */
  readonly roundStartSeconds: number;
}

type DistributiveOmit<Union, Key extends PropertyKey> = Union extends unknown ? Omit<Union, Key> : never;
/** A mark that has no id yet. */
export type MarkDraft = DistributiveOmit<Mark, 'id'>;

export interface CallReading {
  /** The mark as understood; a note with the whole text when nothing was; undefined for empty text. */
  readonly draft?: MarkDraft;
  readonly understood: boolean;
  readonly confidence: number;
  /** Other concepts that the words may mean, best first, the taken one included. */
  readonly choices: readonly ConceptMatch[];
  /** Words of the concept, without athlete, small words and note: what a completion replaces. */
  readonly conceptWords: readonly string[];
}

const NOTHING: CallReading = { understood: false, confidence: 0, choices: [], conceptWords: [] };

/**
 * Reads one typed call: who, what, how it went, a note after a dash. Times may be shifted ("3 back", "at 2:41" of the round).
 * What cannot be read becomes a note with all its text, so nothing typed is lost.
 */
export function readCall(text: string, index: VocabularyIndex, context: CallContext): CallReading {
  const [call = '', note] = splitNote(text);
  const shifted = readTimeShift(call, context);
  const words = wordsOf(shifted.text);
  if (text.trim() === '') return NOTHING;
  const atSeconds = shifted.atSeconds;
  if (words.length === 0) return noteReading(text.trim(), atSeconds);
  if (words[0] === 'note') return noteReading(text.trim().replace(/^note[:\s]*/i, '') || text.trim(), atSeconds);
  const stoppage = readStoppage(words, atSeconds);
  if (stoppage) return { draft: stoppage, understood: true, confidence: 1, choices: [], conceptWords: [] };
  const who = readAthlete(words, context);
  const best = bestReading(who.words, index, context);
  if (!best || best.match.confidence < TAKEN_CONFIDENCE) {
    return {
      ...noteReading(text.trim(), atSeconds),
      choices: best?.choices ?? [],
      conceptWords: best?.words ?? who.words,
    };
  }
  const draft = withNote(toDraft(best.match.concept, best.modifiers, who, atSeconds, context), note);
  return {
    draft,
    understood: true,
    confidence: best.match.confidence,
    choices: best.choices,
    conceptWords: best.words,
  };
}

const noteReading = (text: string, atSeconds: number): CallReading => ({
  draft: { kind: 'note', atSeconds, note: text },
  understood: false,
  confidence: 0,
  choices: [],
  conceptWords: [],
});

function splitNote(text: string): [string, string?] {
  const match = /^(.*?)\s+[-–—]\s+(.+)$/s.exec(text);
  return match ? [match[1]!, match[2]!.trim()] : [text.replace(/\s+[-–—]\s*$/, '')];
}

function readTimeShift(text: string, context: CallContext): { text: string; atSeconds: number } {
  const back = /(?:^|\s)(\d{1,3}(?:\.\d)?)\s+back(?:\s|$)/i.exec(text);
  if (back) return { text: text.replace(back[0], ' '), atSeconds: context.atSeconds - Number(back[1]) };
  const at = /(?:^|\s)at\s+(\d{1,3}:\d{2}(?:\.\d+)?)(?:\s|$)/i.exec(text);
  const seconds = at ? parseClock(at[1]!) : undefined;
  if (at && seconds !== undefined)
    return { text: text.replace(at[0], ' '), atSeconds: context.roundStartSeconds + seconds };
  return { text, atSeconds: context.atSeconds };
}

function readStoppage(words: readonly string[], atSeconds: number): MarkDraft | undefined {
  if (!['stop', 'stoppage', 'stopped'].includes(words[0]!)) return undefined;
  const seconds = Number(words[1] ?? '10');
  if (words.length > 2 || !Number.isFinite(seconds)) return undefined;
  return { kind: 'stoppage', atSeconds, endSeconds: atSeconds + seconds };
}

interface Who {
  readonly athlete: Athlete;
  readonly named: boolean;
  readonly words: readonly string[];
}

function readAthlete(words: readonly string[], context: CallContext): Who {
  const first = words[0]!;
  const rest = words.slice(1);
  if (rest.length > 0) {
    if (first === 'a' || first === 'b') return { athlete: first, named: true, words: rest };
    for (const athlete of ['a', 'b'] as const) {
      if (context.calledBy[athlete].includes(first) && !context.calledBy[opponentOf(athlete)].includes(first)) {
        return { athlete, named: true, words: rest };
      }
    }
    const placed = placedAthlete(first, context.state);
    if (placed) return { athlete: placed, named: true, words };
  }
  return { athlete: 'a', named: false, words };
}

function placedAthlete(word: string, state: RoundState): Athlete | undefined {
  if ((word !== 'top' && word !== 'bottom') || state.kind !== 'position' || state.holder === undefined)
    return undefined;
  const wanted = word === 'top' ? 'over' : 'under';
  return (['a', 'b'] as const).find(
    (athlete) => placeOfRole(roleIn(state.positionId, state.holder, athlete)) === wanted,
  );
}

interface BestReading {
  readonly match: ConceptMatch;
  readonly modifiers: Modifiers;
  readonly words: readonly string[];
  readonly choices: readonly ConceptMatch[];
}

function bestReading(words: readonly string[], index: VocabularyIndex, context: CallContext): BestReading | undefined {
  const positionId = context.state.kind === 'position' ? context.state.positionId : undefined;
  let best: (BestReading & { readonly rank: number }) | undefined;
  for (const split of splitModifiers(words)) {
    const choices = matchConcepts(split.words, index, {
      uniform: context.uniform,
      positionId,
      kindHint: split.kindHint,
    });
    const match = choices[0];
    if (!match) continue;
    // Understanding a small word is worth a little, but never as much as a word of the concept that then goes unexplained.
    const rank = match.confidence + 0.02 * split.stripped + (fitsModifiers(match.concept, split.modifiers) ? 0 : -0.15);
    if (!best || rank > best.rank) best = { match, modifiers: split.modifiers, words: split.words, choices, rank };
  }
  return best && best.match.confidence >= OFFERED_CONFIDENCE ? best : undefined;
}

function fitsModifiers(concept: Concept, modifiers: Modifiers): boolean {
  if (modifiers.punished && concept.kind !== 'error') return false;
  if ((modifiers.stage || modifiers.end) && concept.kind !== 'attempt') return false;
  return !(modifiers.outcome && concept.kind !== 'grip');
}

/** The mark that a chosen concept makes with the rest of a call: what Enter on a completion does. */
export function draftFromChoice(
  text: string,
  conceptWords: readonly string[],
  concept: Concept,
  context: CallContext,
): MarkDraft {
  const [call = '', note] = splitNote(text);
  const shifted = readTimeShift(call, context);
  const who = readAthlete(wordsOf(shifted.text), context);
  const split = splitModifiers(who.words).find((one) => one.words.join(' ') === conceptWords.join(' '));
  return withNote(toDraft(concept, split?.modifiers ?? {}, who, shifted.atSeconds, context), note);
}

const withNote = (draft: MarkDraft, note: string | undefined): MarkDraft =>
  note ? ({ ...draft, note } as MarkDraft) : draft;

function toDraft(concept: Concept, modifiers: Modifiers, who: Who, atSeconds: number, context: CallContext): MarkDraft {
  const { athlete } = who;
  const { side } = modifiers;
  switch (concept.kind) {
    case 'position':
      return {
        kind: 'position',
        atSeconds,
        positionId: concept.id,
        holder: holderOf(concept.id, athlete, modifiers.place),
      };
    case 'grip':
      return { kind: 'grip', atSeconds, gripId: concept.id, athlete, side, outcome: modifiers.outcome ?? 'got' };
    case 'attempt': {
      const stage = modifiers.stage ?? 'entry';
      const end = modifiers.end ?? (stage === 'finished' ? 'finished' : undefined);
      return {
        kind: 'attempt',
        atSeconds,
        techniqueId: concept.id,
        athlete,
        stage,
        end,
        side,
        tapCause: modifiers.tapCause,
      };
    }
    case 'error':
      return {
        kind: 'error',
        atSeconds,
        errorId: concept.id,
        athlete: errorOwner(concept, who, context.state),
        punished: modifiers.punished,
        side,
        ledTo: [],
      };
    case 'strength':
      return { kind: 'strength', atSeconds, strengthId: concept.id, athlete };
  }
}

/** An error without a name belongs to whom its role fits now, else to the athlete in focus. */
function errorOwner(concept: Concept, who: Who, state: RoundState): Athlete {
  const role = findError(concept.id)?.role ?? 'neutral';
  if (who.named || role === 'neutral' || state.kind !== 'position') return who.athlete;
  const fits = (athlete: Athlete) => placeOfRole(roleIn(state.positionId, state.holder, athlete)) === placeOfRole(role);
  return fits('b') && !fits('a') ? 'b' : 'a';
}

/**
 * Who has the better role when this athlete is named with a position: guards are played from below unless "top" is said, all else from
 * above unless "bottom" is said; positions without better and worse have no holder.
 */
export function holderOf(
  positionId: string,
  athlete: Athlete,
  place: 'over' | 'under' | undefined,
): Athlete | undefined {
  const position = findPosition(positionId);
  if (!position || ['standing', 'scramble'].includes(position.family)) {
    return position && position.betterRole !== 'neutral'
      ? place === 'under'
        ? opponentOf(athlete)
        : athlete
      : undefined;
  }
  if (position.betterRole === 'neutral' && !/guard/.test(position.id)) return undefined;
  const isGuard = ['closed-guard', 'open-guard', 'half-guard'].includes(position.family);
  const played = isGuard && /guard/.test(position.id) ? 'under' : 'over';
  const wanted = place ?? (position.betterRole === 'bottom' ? 'under' : played);
  return placeOfRole(roleIn(positionId, athlete, athlete)) === wanted ? athlete : opponentOf(athlete);
}
