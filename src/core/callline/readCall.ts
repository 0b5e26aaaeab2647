import { present } from '../kernel';
import { type Mark, opponentOf, stages } from '../round';
import { findTechnique } from '../vocabulary';
import { cutClauses } from './asides';
import { type BestReading, bestReading, placeOf } from './bestReading';
import type { CallContext } from './callContext';
import { findEarlierMark, findLaterMark } from './callLinks';
import { readTimeShift, splitLink, splitNote } from './callParts';
import type { CallReading, CallRemark } from './callReading';
import { draftOf, type MarkDraft } from './draftOf';
import { readBoard, readMeasure, readPlace, readRuling, readStoppage, readTurn, readWin } from './fixedCalls';
import { changesSubject, hearClauses } from './hearClauses';
import type { Heard } from './heard';
import { hear } from './hearing';
import { goingAttempt } from './hearSuffered';
import { judge } from './judgement';
import { listUnreadWords } from './matchConcept';
import { type Modifiers, mergeModifiers, splitModifiers } from './modifiers';
import { draftInOwnWords, readGripByPart } from './ownWords';
import { readPlainCall } from './plainCalls';
import { readHazard } from './readHazard';
import { withLastNamed } from './sameAgain';
import { withSecondOpinion } from './secondOpinion';
import { readTwoNames, type TwoNames } from './twoNames';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { readAthlete, type Who, withNames } from './who';
import { wordsOf } from './words';

const NOTHING: CallReading = { understood: false, confidence: 0, choices: [], conceptWords: [], remarks: [] };

/** @source common practice: what is called on the mat when a round is over */
const ENDS_ROUND = new Set(['time', 'time is up', 'times up', 'time up', 'bell', 'end of round', 'round over']);

/** How close a second meaning must come to be worth a word. @source own decision */
const CLOSE_CALL = 0.015;

/** What fits the whole no better gives way to a clause that is a name. @source own decision */
const LOOSE = 0.95;

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
  const read = withLastNamed(withNames(linked.text, context), index, context);
  const words = wordsOf(read);
  if (words.length === 0) return noteReading(text.trim(), atSeconds);
  // The end of the time is nobody's, and no concept.
  const [first = '', ...beside] = cutClauses(linked.text);
  if (ENDS_ROUND.has(wordsOf(first).join(' ')))
    return { ...noteReading(shifted.text.trim(), atSeconds), understood: true, endsRound: true };
  if (words[0] === 'note') return noteReading(withoutNote(text), atSeconds);
  const whole = readStoppage(words, atSeconds, context);
  const stoppage = whole ?? readStoppage(wordsOf(first), atSeconds, context);
  if (stoppage) {
    const remark = [stoppage.draft.note, ...(whole ? [] : beside), note].filter(Boolean).join(' - ');
    const draft = remark ? ({ ...stoppage.draft, note: remark } as MarkDraft) : stoppage.draft;
    return { ...NOTHING, ...stoppage, draft, understood: true, confidence: 1 };
  }
  const fixed =
    readRuling(words, atSeconds, context) ??
    readBoard(words, atSeconds) ??
    readMeasure(words, atSeconds, context) ??
    readTurn(words, atSeconds, context) ??
    readPlace(words, atSeconds, context) ??
    readWin(words, atSeconds, context) ??
    readHazard(words, atSeconds, context);
  if (fixed)
    return { ...NOTHING, draft: note ? ({ ...fixed, note } as MarkDraft) : fixed, understood: true, confidence: 1 };
  const two = readTwoNames(read, index, context);
  if (two) return withOtherName(two, { call, note, linked, atSeconds, index, context });
  const clauses = changesSubject(read, context) ? hearClauses(read, index, context) : undefined;
  const together = clauses ?? hear(words, index, context);
  const isLoose = !together || (together.kind === 'named' && together.best.match.confidence < LOOSE);
  const aName = isLoose ? hearClauses(read, index, context, 'a name') : undefined;
  const heard = aName ?? together ?? hearClauses(read, index, context);
  const reading = heard
    ? told(heard, { call, note, linked, atSeconds, index, context })
    : inOwnWords({ words, text: linked.text, note, atSeconds, index, context });
  return withSecondOpinion(reading, words, index, context, (concept) =>
    draftFromChoice(text, reading.conceptWords, concept, now),
  );
}

/** The reading of the first of two names, with the second beside it: the move counts under the first until somebody settles it. */
function withOtherName({ text, other, modifiers }: TwoNames, unfinished: Unfinished): CallReading {
  const heard = present(hear(wordsOf(text), unfinished.index, unfinished.context));
  const whole = heard.kind === 'named' ? { ...heard, modifiers: mergeModifiers(heard.modifiers, modifiers) } : heard;
  const reading = told(whole, { ...unfinished, linked: { ...unfinished.linked, text } });
  return reading.draft?.kind === 'attempt'
    ? { ...reading, draft: { ...reading.draft, orElse: other.id }, doubtful: undefined }
    : reading;
}

/** The text of a remark without the word that says that it is one; the word itself when there is nothing else. */
const withoutNote = (text: string): string => text.trim().replace(/^note\b[:\s]*/i, '') || text.trim();

const movedTo = (atSeconds: number, now: CallContext): CallContext =>
  atSeconds === now.atSeconds ? now : { ...now, atSeconds, state: now.stateAt?.(atSeconds) ?? now.state };

/** Whether the words are a name as they stand: "steps back out of the fall" holds no link. */
function readsWhole(text: string, index: VocabularyIndex, context: CallContext): boolean {
  const words = wordsOf(text);
  if (splitLink(text).text === text || words.length === 0) return true;
  const best = bestReading(readAthlete(words, context).words, index, context);
  return best !== undefined && best.match.confidence >= 0.97 && !best.tail && !best.to;
}

interface Unfinished {
  readonly call: string;
  readonly note?: string;
  readonly linked: ReturnType<typeof splitLink>;
  readonly atSeconds: number;
  readonly index: VocabularyIndex;
  readonly context: CallContext;
}

/** How much every word that stands beside a name takes from it, and from where on a reading is taken without asking. @source own decision, by what came true of the calls that others wrote */
const BESIDE = 0.92;
const SURE = 0.85;
const SURE_SENTENCE = 0.93;
const WHOLE_PRAISE = 0.97;
const SHORTENED = 0.8;

/** The mark of what was heard. */
function told(heard: Heard, unfinished: Unfinished): CallReading {
  const { call, note, linked, atSeconds, index, context } = unfinished;
  if (heard.kind === 'condition') return { ...noteReading(linked.text.trim(), atSeconds), understood: true };
  if (heard.kind === 'plain') return plainReading(heard, unfinished);
  const { best, who, remark } = heard;
  const isAside = remark !== undefined;
  const modifiers = /\?\s*$/.test(call) ? { ...heard.modifiers, unsure: true as const } : heard.modifiers;
  const draft = draftOf(best.match.concept, modifiers, who, atSeconds, context);
  const reading = finish({
    draft,
    best,
    note: [remark, note].filter(Boolean).join(' - ') || undefined,
    linked,
    index,
    context,
    isAside,
    isPraised: judge(wordsOf(linked.text))?.judgement === 'good' || judge(who.words)?.judgement === 'good',
  });
  if (heard.finishesId) return { ...reading, finishesId: heard.finishesId };
  const further = draft.kind === 'attempt' ? comesFurther(draft, context) : undefined;
  if (further) return { ...reading, furthersId: further.id };
  return reading.doubtful
    ? { ...reading, ownWords: ownWordsOf(who, linked.text, modifiers, atSeconds, context) }
    : reading;
}

/** The attempt of the same technique that is on, where the call says that it holds or is locked now. */
function comesFurther(
  { techniqueId, athlete, stage, end }: Extract<MarkDraft, { kind: 'attempt' }>,
  context: CallContext,
): Mark | undefined {
  if (end !== undefined || (stage !== 'control' && stage !== 'locked')) return undefined;
  const going = goingAttempt(techniqueId, athlete, context);
  return going && stages.indexOf(going.stage) < stages.indexOf(stage) ? going : undefined;
}

/** What stays when none of the entries is meant: the verdict in the coach's own words, a note where nothing is judged. */
function ownWordsOf(who: Who, text: string, modifiers: Modifiers, atSeconds: number, context: CallContext): MarkDraft {
  const judged = judge(who.words);
  const said = withoutName(text, context);
  return judged
    ? draftInOwnWords({ who, judged, modifiers, text: said, about: who.words }, atSeconds)
    : { kind: 'note', atSeconds, note: text.trim() };
}

/** A class of techniques without a name: marked as that, with the named ones that the words may mean as choices. */
function plainReading(
  { plain, byOther, who, best, remark: beside }: Extract<Heard, { readonly kind: 'plain' }>,
  { note, linked: { text }, atSeconds, index, context }: Unfinished,
): CallReading {
  const concept = conceptOf(plain.conceptId, index);
  const by = plain.athlete ?? (byOther && who.named ? opponentOf(who.athlete) : undefined);
  const about = by ? { ...who, athlete: by, named: true } : who;
  const draft = draftOf(concept, plain.modifiers, about, atSeconds, context);
  const remark = [draft.note, plain.said, beside, note].filter(Boolean).join(' - ');
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
    ...(losesVerdict(remark)
      ? { doubtful: true, ownWords: ownWordsOf(who, text, plain.modifiers, atSeconds, context) }
      : {}),
  };
}

/** What is only told holds no verdict: one that stands in the words beside it would be lost without a sign. */
const losesVerdict = (remark: string): boolean => judge(wordsOf(remark))?.firm === true;

const conceptOf = (id: string, index: VocabularyIndex): Concept => present(index.concepts.get(id));

/** What no entry holds: a grip told as a verb and what the hand holds, the verdict in the coach's own words, or else a note with all the words. */
function inOwnWords(said: {
  readonly words: readonly string[];
  readonly text: string;
  readonly note?: string;
  readonly atSeconds: number;
  readonly index: VocabularyIndex;
  readonly context: CallContext;
}): CallReading {
  const { words, text, note, atSeconds, index, context } = said;
  const who = readAthlete(words, context);
  const best = bestReading(who.words, index, context, { place: placeOf(who, context.state), judged: judge(who.words) });
  const choices = best?.choices ?? [];
  const { modifiers, words: core } = present(splitModifiers(who.words).at(-1));
  const kept = { conceptWords: best?.words ?? who.words, choices };
  const judged = judge(who.words);
  const grip = judged?.firm ? undefined : readGripByPart(who.words);
  if (grip) {
    const concept = conceptOf(grip.gripId, index);
    const draft = draftOf(concept, { ...modifiers, outcome: grip.outcome }, who, atSeconds, context);
    const others = choices.filter((one) => one.concept.id !== concept.id);
    const remark = [core.join(' '), note].filter(Boolean).join(' - ');
    return {
      ...NOTHING,
      draft: { ...draft, note: remark } as MarkDraft,
      understood: true,
      confidence: OWN_WORDS,
      conceptWords: who.words,
      choices: [{ concept, confidence: OWN_WORDS }, ...others],
      remarks: [{ code: 'kept-as-remark', words: core }],
      ...(others.length > 0 ? { doubtful: true } : {}),
    };
  }
  if (judged) {
    const remark = [withoutName(text, context), note].filter(Boolean).join(' - ');
    const draft = draftInOwnWords({ who, judged, modifiers, text: remark, about: who.words }, atSeconds);
    return {
      ...NOTHING,
      ...kept,
      draft,
      understood: true,
      confidence: judged.firm ? 1 : OWN_WORDS,
      remarks: [{ code: 'own-words' }],
      ...(!judged.firm || (choices[0] && choices[0].confidence >= MAYBE_NAMED) ? { doubtful: true } : {}),
    };
  }
  const unread = listUnreadWords(best?.words ?? who.words, undefined, index);
  return {
    // The time that was named is the mark's own now.
    ...noteReading([text.trim(), note].filter(Boolean).join(' - '), atSeconds),
    ...kept,
    remarks: unread.length > 0 ? [{ code: 'kept-as-remark', words: unread }] : [],
  };
}

/** From here on an entry is offered beside the coach's own words. @source own decision */
const MAYBE_NAMED = 0.6;

/** How sure a reading is that comes from a verb and a part of the body or the cloth. @source own decision */
const OWN_WORDS = 0.75;

/** The text without the name that it begins with, and without "good:" before it. */
function withoutName(text: string, context: CallContext): string {
  const told = text.trim().replace(/^(?:good|nice|well done)\s*[:,]\s*/i, '');
  const [, first = '', rest = ''] = /^([\p{L}\p{N}'’]+)[:,]?\s+(.+)$/su.exec(told) ?? [];
  return rest !== '' && readAthlete([...wordsOf(first), 'x'], context).named ? rest.trim() : told;
}

interface Found extends Pick<Unfinished, 'note' | 'linked' | 'index' | 'context'> {
  readonly draft: MarkDraft;
  readonly best: BestReading;
  /** What is noted was said beside the call, and not as a remark behind a dash. */
  readonly isAside: boolean;
  readonly isPraised: boolean;
}

/** Adds links and remarks to a reading: what was left over stays with the mark as its note. */
function finish({ draft, best, note, linked, index, context, isAside, isPraised }: Found): CallReading {
  const unread = listUnreadWords(best.words, best.match.concept, index);
  const remarks: CallRemark[] = [];
  if (unread.length > 0) remarks.push({ code: 'kept-as-remark', words: unread });
  const [first, second] = best.choices;
  if (first && second && first.confidence - second.confidence < CLOSE_CALL && first.confidence < 0.99)
    remarks.push({ code: 'close-call', other: second.concept });
  const notes = [draft.note, unread.join(' '), note];
  let ledTo: readonly string[] | undefined;
  if (linked.ledTo) {
    const target = findLaterMark(linked.ledTo, draft.atSeconds, index, context);
    if (target) ledTo = [target.id];
  }
  if (linked.ledTo && !ledTo) {
    remarks.push({ code: 'no-such-consequence', words: linked.ledTo });
    notes.push(`led to ${linked.ledTo}`);
  }
  const cause = linked.after ? findEarlierMark(linked.after, draft.atSeconds, index, context) : undefined;
  if (linked.after && !cause) {
    remarks.push({ code: 'no-such-cause', words: linked.after });
    notes.push(`after ${linked.after}`);
  }
  const remark = notes.filter(Boolean).join(' - ');
  const whole = { ...draft, ...(remark ? { note: remark } : {}), ...(ledTo ? { ledTo } : {}) } as MarkDraft;
  const { choices, words: conceptWords, match } = best;
  // Whatever was said beside it may be the point of the call.
  const beside = unread.length + (isAside ? wordsOf(note ?? '').filter((word) => word.length > 2).length : 0);
  const sure = match.confidence * BESIDE ** Math.max(0, beside - 1);
  // What somebody does may be praise or only what happened: without a word of praise nobody knows.
  // And praise is mostly of something that the catalogue has no sentence for: a name that leaves words over is asked about.
  const isBarePraise = draft.kind === 'strength' && (!isPraised || beside > 0 || match.confidence < WHOLE_PRAISE);
  // Who shortens a title to a word or two knows it; a sentence of three and more shares words with many.
  const isShortened = wordsOf(match.concept.name).join(' ').startsWith(conceptWords.join(' '));
  const isTold =
    (draft.kind === 'error' || draft.kind === 'strength') &&
    (conceptWords.length > 2 || best.to !== undefined || best.tail !== undefined) &&
    !isShortened;
  const least = isTold ? SURE_SENTENCE : SHORTENED;
  const isTelling = draft.kind === 'attempt' || draft.kind === 'grip' || draft.kind === 'position';
  const isDoubtful =
    (isTelling && losesVerdict(remark)) ||
    match.confidence < least ||
    sure < SURE ||
    isBarePraise ||
    remarks.some((one) => one.code === 'close-call');
  return {
    draft: whole,
    understood: true,
    confidence: sure,
    choices,
    conceptWords,
    remarks,
    causeId: cause?.id,
    ...(isDoubtful ? { doubtful: true } : {}),
  };
}

const noteReading = (text: string, atSeconds: number): CallReading => ({
  ...NOTHING,
  draft: { kind: 'note', atSeconds, note: text },
});

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
  const who: Who = readAthlete(wordsOf(withNames(splitLink(shifted.text).text, context)), context);
  const plain = readPlainCall(who, context);
  const split =
    plain?.conceptWords.join(' ') === conceptWords.join(' ')
      ? plain
      : splitModifiers(who.words).find((one) => one.words.join(' ') === conceptWords.join(' '));
  const draft = draftOf(concept, split?.modifiers ?? {}, who, shifted.atSeconds, context);
  return note ? ({ ...draft, note } as MarkDraft) : draft;
}
