import { opponentOf } from '../round';
import { findPosition, findTechnique } from '../vocabulary';
import { cutClauses, readAside } from './asides';
import { bestReading, CERTAIN } from './bestReading';
import type { CallContext } from './callContext';
import type { Heard } from './heard';
import { hear } from './hearing';
import { type Judged, judge } from './judgement';
import { fitsModifiers, type Modifiers, modifierOf } from './modifiers';
import { positionCalled } from './places';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { athleteCalled, readAthlete } from './who';
import { wordsOf } from './words';

/** "shoots a single leg, bruno sprawls": another name behind a comma begins a statement of its own. */
export function changesSubject(text: string, context: CallContext): boolean {
  const [first = '', ...others] = cutClauses(text).map(wordsOf);
  const who = readAthlete([...first], context);
  return (
    who.named &&
    others.some(
      ([name = '', ...rest]) =>
        rest.length > 0 && name.length > 1 && athleteCalled(name, context) === opponentOf(who.athlete),
    )
  );
}

/** Where the whole says nothing, one of its clauses may: the first that does; what stands beside it says how it went, or stays as a remark. Asked for a name, only a clause that is one as it stands. */
export function hearClauses(
  text: string,
  index: VocabularyIndex,
  context: CallContext,
  asked: 'anything' | 'a name' = 'anything',
): Heard | undefined {
  const cut = cutClauses(text);
  const isJoined = cut.length < 2;
  const clauses = isJoined ? text.split(/\s+(?:and then|and|then)\s+/i) : cut;
  if (clauses.length < 2) return undefined;
  const judged = judge(wordsOf(text));
  const first = wordsOf(clauses[0] ?? '');
  const subject = nameAlone(first, context) ?? readAthlete(first, context);
  const found = clauses.flatMap((clause, at) => {
    const words = wordsOf(clause);
    if (words.length === 0 || nameAlone(words, context) || (at > 0 && readAside(words) && !isJoined)) return [];
    const alone = hear(words, index, context);
    if (!alone || alone.kind === 'condition' || !suitsWhole(alone, judged)) return [];
    const who = alone.who.named || !subject.named ? alone.who : { ...alone.who, athlete: subject.athlete, named: true };
    return [{ at, heard: { ...alone, who } as Heard }];
  });
  // Of two things that are joined by "and", what was carried out is the news, the other how it came.
  const news = isJoined ? found.findLast(({ heard }) => isFinished(heard)) : undefined;
  const told = asked === 'a name' ? (isJoined ? news : found.find(({ heard }) => isName(heard))) : (news ?? found[0]);
  return (
    told &&
    withAsides(
      namedTogether(
        told.heard,
        found.filter((one) => one !== told).map(({ heard }) => heard),
        index,
        context,
      ),
      clauses.filter((_, other) => other !== told.at),
      index,
    )
  );
}

const classNouns: Readonly<Record<string, string>> = {
  takedowns: 'takedown',
  passes: 'pass',
  sweeps: 'sweep',
  'back-takes': 'back take',
  escapes: 'escape',
};
/** How sure the name that two clauses make must be. @source own decision */
const MADE_TOGETHER = 0.93;

const isSameDoer = ({ who }: Heard, { who: other }: Heard): boolean =>
  !who.named || !other.named || who.athlete === other.athlete;

/** "body locks her and takes her down": what one clause holds and the other does is the body lock takedown, where there is one. */
function namedTogether(told: Heard, others: readonly Heard[], index: VocabularyIndex, context: CallContext): Heard {
  if (told.kind !== 'plain' || told.byOther) return told;
  const { class: wanted = '' } = findTechnique(told.plain.conceptId) ?? {};
  const noun = classNouns[wanted];
  if (!noun) return told;
  for (const other of others) {
    if (other.kind !== 'named') continue;
    // "single leg, dumped her": the verb says that the one that was named is done.
    if (findTechnique(other.best.match.concept.id)?.class === wanted && isSameDoer(told, other))
      return { ...other, modifiers: { ...other.modifiers, ...told.plain.modifiers }, remark: told.remark };
    const best = bestReading(`${other.best.match.concept.name} ${noun}`.split(' '), index, context);
    const isMade =
      best && best.match.confidence >= MADE_TOGETHER && findTechnique(best.match.concept.id)?.class === wanted;
    if (isMade) return { kind: 'named', who: told.who, best, modifiers: told.plain.modifiers, remark: told.remark };
  }
  return told;
}

/** A call that says outright that something is wrong is no grip and no position, unless that was named as it stands. */
const suitsWhole = (heard: Heard, judged: Judged | undefined): boolean =>
  heard.kind !== 'named' ||
  !judged?.firm ||
  judged.judgement !== 'error' ||
  !['grip', 'position'].includes(heard.best.match.concept.kind) ||
  heard.best.match.confidence >= CERTAIN;

/** "ana, then armbar": a clause that says only who. */
function nameAlone(words: readonly string[], context: CallContext) {
  const [word = ''] = words;
  const athlete = words.length === 1 && word.length > 1 ? athleteCalled(word, context) : undefined;
  return athlete && ({ athlete, named: true } as const);
}

/** A name and nothing else, or a verb of which nothing is left over: what somebody looks for is none. */
const isName = (heard: Heard): boolean =>
  heard.kind === 'plain'
    ? heard.remark === undefined && isFinished(heard)
    : heard.kind === 'named' &&
      heard.best.match.confidence >= CERTAIN &&
      heard.best.words.length === heard.who.words.length;

const isFinished = (heard: Heard): boolean =>
  !(heard.kind === 'plain' && heard.plain.settled && !heard.plain.finishesId) &&
  (heard.kind === 'named' ? heard.modifiers : heard.kind === 'plain' ? heard.plain.modifiers : {}).end === 'finished';

const ways =
  /^(?:(?:and|then|now|straight|right|he|she|they|goes|go|gets|get|got|lands|land|landed|ends|end|up|falls|fall|comes|come|down|settles|takes|arrives|in|into|to|on|at|the|his|her|a) )+/;
/** "they go down in half", "side control": the position that a clause tells of and nothing else. */
const positionIn = (words: readonly string[], index: VocabularyIndex) =>
  positionCalled(words, index) ?? positionCalled(words.join(' ').replace(ways, '').split(' '), index);

/** "outside trip, they go down in half": a move that led somewhere is finished; a pass that led into a guard is not. */
function arrivalOf({ best, modifiers }: Heard & { readonly kind: 'named' }, to: Concept | undefined): Modifiers {
  const move = findTechnique(best.match.concept.id);
  const family = to && findPosition(to.id)?.family;
  if (!move || !family || move.class === 'submissions') return {};
  if (modifiers.stage || modifiers.end || modifiers.missed) return {};
  return move.class === 'passes' && family.includes('guard') ? {} : { stage: 'finished', end: 'finished' };
}

/** Adds what side clauses say to the mark, as far as its kind can carry it; the rest stays as its remark. */
function withAsides(heard: Heard, clauses: readonly string[], index: VocabularyIndex): Heard {
  if (heard.kind === 'condition') return heard;
  const kind = heard.kind === 'named' ? heard.best.match.concept.kind : 'attempt';
  let added: Modifiers = {};
  const left: string[] = [];
  for (const clause of clauses) {
    const words = wordsOf(clause);
    const exact = modifierOf(words);
    const aside = exact ?? readAside(words);
    if (aside && fitsModifiers(kind, aside)) added = { ...added, ...aside };
    else if (heard.kind === 'named') added = { ...arrivalOf(heard, positionIn(words, index)), ...added };
    if (!exact || !fitsModifiers(kind, exact)) left.push(clause);
  }
  const remark = [heard.remark, ...left].filter(Boolean).join(' - ') || undefined;
  return heard.kind === 'named'
    ? { ...heard, remark, modifiers: { ...heard.modifiers, ...added } }
    : { ...heard, remark, plain: { ...heard.plain, modifiers: { ...heard.plain.modifiers, ...added } } };
}
