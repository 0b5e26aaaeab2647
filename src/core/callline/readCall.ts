import { present } from '../kernel';
import { placeOfRole, type RoundState, roleIn } from '../round';
import { findTechnique } from '../vocabulary';
import type { CallContext } from './callContext';
import { findEarlierError, findLaterMark } from './callLinks';
import { readAthlete, readTimeShift, splitLink, splitNote, type Who } from './callParts';
import { draftOf, type MarkDraft } from './draftOf';
import { readBoard, readMeasure, readPlace, readRuling, readStoppage, readTurn } from './fixedCalls';
import {
  type ConceptMatch,
  listUnreadWords,
  type MatchContext,
  matchConcepts,
  OFFERED_CONFIDENCE,
  TAKEN_CONFIDENCE,
} from './matchConcept';
import { fitsModifiers, type Modifiers, splitModifiers } from './modifiers';
import { type PlainCall, readPlainCall, saysCondition } from './plainCalls';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { wordsOf } from './words';

export type CallRemark =
  /** Words that named nothing: they are kept as the mark's remark. */
  | { readonly code: 'kept-as-remark'; readonly words: readonly string[] }
  /** A second meaning is about as likely. */
  | { readonly code: 'close-call'; readonly other: Concept }
  /** Only the class of the technique was said. */
  | { readonly code: 'no-name-yet' }
  | { readonly code: 'no-such-consequence'; readonly words: string }
  | { readonly code: 'no-such-cause'; readonly words: string };

export interface CallReading {
  /** The mark as understood; a note with the whole text when nothing was; undefined for empty text. */
  readonly draft?: MarkDraft;
  readonly understood: boolean;
  readonly confidence: number;
  /** Other concepts that the words may mean, best first, the taken one included. */
  readonly choices: readonly ConceptMatch[];
  /** Words of the concept, without athlete, small words and note: what a completion replaces. */
  readonly conceptWords: readonly string[];
  /** What could not be read, or only guessed. */
  readonly remarks: readonly CallRemark[];
  /** The error that led to this mark, when the call named one. */
  readonly causeId?: string;
  /** The attempt or the stoppage that the call ends: the mark to change instead of making another. */
  readonly finishesId?: string;
  /** Whether the call says that the time is over: the round ends here. */
  readonly endsRound?: true;
}

const NOTHING: CallReading = { understood: false, confidence: 0, choices: [], conceptWords: [], remarks: [] };

/** From here on the words are a name as it stands. @source own decision */
const CERTAIN = 0.995;
const WHOLE_NAME = 0.03;

/** @source common practice: what is called on the mat when a round is over */
const ENDS_ROUND = new Set(['time', 'time is up', 'times up', 'time up', 'bell', 'end of round', 'round over']);

/** How close a second meaning must come to be worth a word. @source own decision */
const CLOSE_CALL = 0.015;

/** What is said of one thing is said in less; a longer text is a remark, and kept as one. @source own decision: several times the longest call of the lists */
export const MOST_CALL_CHARACTERS = 400;

/**
 * Reads one typed call: who, what, how it went, a note after a dash. Times may be shifted ("3 back", "at 2:41" of the round), causes and
 * consequences named ("led to the pass", "after elbows flared"). What cannot be read becomes a note with all its text.
 */
export function readCall(text: string, index: VocabularyIndex, now: CallContext): CallReading {
  if (text.trim() === '') return NOTHING;
  const { call, note } = splitNote(text);
  if (call.length > MOST_CALL_CHARACTERS) return noteReading(withoutNote(text), now.atSeconds);
  const shifted = readTimeShift(call, now);
  const context = movedTo(shifted.atSeconds, now);
  const { atSeconds } = shifted;
  const linked = readsWhole(shifted.text, index, context) ? { text: shifted.text } : splitLink(shifted.text);
  const words = wordsOf(linked.text);
  if (words.length === 0) return noteReading(text.trim(), atSeconds);
  // The end of the time is nobody's, and no concept.
  if (ENDS_ROUND.has(words.join(' ')))
    return { ...noteReading(shifted.text.trim(), atSeconds), understood: true, endsRound: true };
  if (words[0] === 'note') return noteReading(withoutNote(text), atSeconds);
  const stoppage = readStoppage(words, atSeconds, context);
  if (stoppage) return { ...NOTHING, ...stoppage, understood: true, confidence: 1 };
  const fixed =
    readRuling(words, atSeconds, context) ??
    readBoard(words, atSeconds) ??
    readMeasure(words, atSeconds, context) ??
    readTurn(words, atSeconds, context) ??
    readPlace(words, atSeconds, context);
  if (fixed)
    return { ...NOTHING, draft: note ? ({ ...fixed, note } as MarkDraft) : fixed, understood: true, confidence: 1 };
  const { who, best } = whoAndWhat(words, index, context);
  // The words from the first one on are a name: then it is that name, whatever else they may be.
  const certain = best !== undefined && best.match.confidence >= CERTAIN && best.words[0] === who.words[0];
  if (!certain && who.named && saysCondition(who.words))
    return { ...noteReading(linked.text.trim(), atSeconds), understood: true };
  const plain = certain ? undefined : readPlainCall(who, context);
  if (plain) return plainReading({ plain, who, best, note, atSeconds, index, context });
  if (!best || best.match.confidence < TAKEN_CONFIDENCE) {
    const first = readFirstClause(text, index, now);
    if (first) return first;
    const unread = listUnreadWords(best?.words ?? who.words, undefined, index);
    return {
      // The time that was named is the mark's own now.
      ...noteReading([shifted.text.trim(), note].filter(Boolean).join(' - '), atSeconds),
      choices: best?.choices ?? [],
      conceptWords: best?.words ?? who.words,
      remarks: unread.length > 0 ? [{ code: 'kept-as-remark', words: unread }] : [],
    };
  }
  const modifiers = /\?\s*$/.test(call) ? { ...best.modifiers, unsure: true as const } : best.modifiers;
  const draft = draftOf(best.match.concept, modifiers, who, atSeconds, context);
  return finish({ draft, best, note, linked, index, context });
}

/** The text of a remark without the word that says that it is one; the word itself when there is nothing else. */
const withoutNote = (text: string): string => text.trim().replace(/^note\b[:\s]*/i, '') || text.trim();

const movedTo = (atSeconds: number, now: CallContext): CallContext =>
  atSeconds === now.atSeconds ? now : { ...now, atSeconds, state: now.stateAt?.(atSeconds) ?? now.state };

/** "shoots single leg, the other sprawls": where the whole says nothing, the words before the comma may; the rest stays as a remark. */
function readFirstClause(text: string, index: VocabularyIndex, context: CallContext): CallReading | undefined {
  const [, clause = '', rest = ''] = /^(.+?)[,;]\s+(.+)$/s.exec(text) ?? [];
  if (!clause) return undefined;
  const first = readCall(clause, index, context);
  if (!first.understood || !first.draft || first.draft.kind === 'note') return undefined;
  const note = [first.draft.note, rest].filter(Boolean).join(' - ');
  const remark: CallRemark = { code: 'kept-as-remark', words: rest.split(/\s+/) };
  return { ...first, draft: { ...first.draft, note } as MarkDraft, remarks: [...first.remarks, remark] };
}

/** A class of techniques without a name: marked as that, with the named ones that the words may mean as choices. */
function plainReading(read: {
  readonly plain: PlainCall;
  readonly who: Who;
  readonly best: BestReading | undefined;
  readonly note?: string;
  readonly atSeconds: number;
  readonly index: VocabularyIndex;
  readonly context: CallContext;
}): CallReading {
  const { plain, who, best, note, atSeconds, index, context } = read;
  const concept = present(index.phrases.find((phrase) => phrase.concept.id === plain.conceptId)).concept;
  const about = plain.athlete ? { ...who, athlete: plain.athlete, named: true } : who;
  const draft = draftOf(concept, plain.modifiers, about, atSeconds, context);
  const remark = [draft.note, plain.said, note].filter(Boolean).join(' - ');
  const { class: wanted } = present(findTechnique(plain.conceptId));
  const named = (best?.choices ?? []).filter(
    ({ concept: one }) => one.id !== concept.id && findTechnique(one.id)?.class === wanted,
  );
  return {
    draft: (remark ? { ...draft, note: remark } : draft) as MarkDraft,
    understood: true,
    confidence: 1,
    choices: plain.settled ? [] : [{ concept, confidence: 1 }, ...named],
    conceptWords: plain.conceptWords,
    ...(plain.finishesId ? { finishesId: plain.finishesId } : {}),
    remarks: plain.settled || named.length === 0 ? [] : [{ code: 'no-name-yet' }],
  };
}

/** Who and what. An initial gives way to a name that begins with that letter: "k guard" is a guard, also when somebody is called Karim. */
function whoAndWhat(words: readonly string[], index: VocabularyIndex, context: CallContext) {
  const who = readAthlete(words, context);
  const best = bestReading(who.words, index, context, placeOf(who, context.state));
  if (!who.named || present(words[0]).length > 1 || words[0] === 'a' || words[0] === 'b') return { who, best };
  const whole = bestReading(words, index, context);
  const isName =
    whole && whole.match.confidence >= 0.95 && whole.match.confidence > (best?.match.confidence ?? 0) - 0.03;
  return isName ? { who: { athlete: 'a' as const, named: false, words }, best: whole } : { who, best };
}

/** Whether the words are a name as they stand: "steps back out of the fall" holds no link. */
function readsWhole(text: string, index: VocabularyIndex, context: CallContext): boolean {
  const words = wordsOf(text);
  if (splitLink(text).text === text || words.length === 0) return true;
  const best = bestReading(readAthlete(words, context).words, index, context);
  return best !== undefined && best.match.confidence >= 0.97;
}

interface Unfinished {
  readonly draft: MarkDraft;
  readonly best: BestReading;
  readonly note?: string;
  readonly linked: ReturnType<typeof splitLink>;
  readonly index: VocabularyIndex;
  readonly context: CallContext;
}

/** Adds links and remarks to a reading: what was left over stays with the mark as its note. */
function finish({ draft, best, note, linked, index, context }: Unfinished): CallReading {
  const unread = listUnreadWords(best.words, best.match.concept, index);
  const remarks: CallRemark[] = [];
  if (unread.length > 0) remarks.push({ code: 'kept-as-remark', words: unread });
  const [first, second] = best.choices;
  if (first && second && first.confidence - second.confidence < CLOSE_CALL && first.confidence < 0.99)
    remarks.push({ code: 'close-call', other: second.concept });
  const notes = [draft.note, unread.join(' '), note];
  let ledTo: readonly string[] | undefined;
  if (linked.ledTo && draft.kind === 'error') {
    const target = findLaterMark(linked.ledTo, draft.atSeconds, index, context);
    if (target) ledTo = [target.id];
  }
  if (linked.ledTo && !ledTo) {
    remarks.push({ code: 'no-such-consequence', words: linked.ledTo });
    notes.push(`led to ${linked.ledTo}`);
  }
  const cause = linked.after ? findEarlierError(linked.after, draft.atSeconds, index, context) : undefined;
  if (linked.after && !cause) {
    remarks.push({ code: 'no-such-cause', words: linked.after });
    notes.push(`after ${linked.after}`);
  }
  const remark = notes.filter(Boolean).join(' - ');
  const whole = { ...draft, ...(remark ? { note: remark } : {}), ...(ledTo ? { ledTo } : {}) } as MarkDraft;
  const { choices, words: conceptWords, match } = best;
  return {
    draft: whole,
    understood: true,
    confidence: match.confidence,
    choices,
    conceptWords,
    remarks,
    causeId: cause?.id,
  };
}

const noteReading = (text: string, atSeconds: number): CallReading => ({
  ...NOTHING,
  draft: { kind: 'note', atSeconds, note: text },
});

interface BestReading {
  readonly match: ConceptMatch;
  readonly modifiers: Modifiers;
  readonly words: readonly string[];
  readonly choices: readonly ConceptMatch[];
}

/** Where the athlete who is named was by then. */
const placeOf = (who: Who, state: RoundState): MatchContext['place'] =>
  who.named && state.kind === 'position' && state.holder
    ? placeOfRole(roleIn(state.positionId, state.holder, who.athlete))
    : undefined;

function bestReading(
  words: readonly string[],
  index: VocabularyIndex,
  context: CallContext,
  place?: MatchContext['place'],
): BestReading | undefined {
  const positionId = context.state.kind === 'position' ? context.state.positionId : undefined;
  let best: (BestReading & { readonly rank: number }) | undefined;
  for (const split of splitModifiers(words)) {
    const { kindHint, modifiers } = split;
    const choices = matchConcepts(split.words, index, { uniform: context.uniform, positionId, kindHint, place });
    const match = choices[0];
    if (!match) continue;
    // Understanding a small word is worth a little, but never as much as a word of the concept that then goes unexplained.
    // All the words are a name: "back control" is the position, also where chokes from the back are usual.
    const whole = split.stripped === 0 && match.confidence >= CERTAIN ? WHOLE_NAME : 0;
    const fits = fitsModifiers(match.concept.kind, modifiers) ? 0 : -0.15;
    const rank = match.confidence + 0.02 * split.stripped + whole + fits;
    if (!best || rank > best.rank) best = { match, modifiers, words: split.words, choices, rank };
  }
  return best && best.match.confidence >= OFFERED_CONFIDENCE ? best : undefined;
}

/** The mark that a chosen concept makes with the rest of a call: what Enter on a completion does. */
export function draftFromChoice(
  text: string,
  conceptWords: readonly string[],
  concept: Concept,
  now: CallContext,
): MarkDraft {
  const { call, note } = splitNote(text);
  const shifted = readTimeShift(call, now);
  const context = movedTo(shifted.atSeconds, now);
  const who: Who = readAthlete(wordsOf(splitLink(shifted.text).text), context);
  const plain = readPlainCall(who, context);
  const split =
    plain?.conceptWords.join(' ') === conceptWords.join(' ')
      ? plain
      : splitModifiers(who.words).find((one) => one.words.join(' ') === conceptWords.join(' '));
  const draft = draftOf(concept, split?.modifiers ?? {}, who, shifted.atSeconds, context);
  return note ? ({ ...draft, note } as MarkDraft) : draft;
}
