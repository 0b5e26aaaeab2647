import { holderOf, presentForm, tellsOpening, type VocabularyIndex } from '../callline';
import { present } from '../kernel';
import { resemblanceOf } from '../resemblance';
import { type Athlete, opponentOf, placeOfRole, stateAfterAttempt } from '../round';
import { findError, findPosition, findStrength, findTechnique, type Technique } from '../vocabulary';
import { proposeAlike } from './alike';
import { findPointings, type Listener } from './athletes';
import { add } from './collect';
import type { Cue } from './cue';
import { type Doer, doerOf } from './doer';
import { proposeFree } from './freeWords';
import {
  type Clause,
  type CommentaryContext,
  type Hearing,
  type Proposal,
  type Reading,
  type Said,
  says,
} from './hearing';
import { isEnglish } from './isEnglish';
import { oneCardAClause } from './oneCard';
import { sideIn, stageOf } from './outcome';
import { cutClausesOfSpeech, type Sentence, type SpokenWord } from './sentences';
import * as signals from './signals';
import {
  buildSpokenIndex,
  findMentions,
  type HeardWord,
  hearJoined,
  hearWord,
  type Mention,
  type SpokenIndex,
} from './spokenIndex';

const spokenIndexes = new WeakMap<VocabularyIndex, SpokenIndex>();

/**
 * Marks that a spoken commentary suggests, in order of time. Small talk, advertising and general teaching suggest nothing; "should have"
 * and "was open" give missed chances, praise gives things well done, what was given on purpose gets that verdict. A talk in another
 * language suggests nothing (`speaksEnglish` says so).
 */
export function readCommentary(
  cues: readonly Cue[],
  vocabulary: VocabularyIndex,
  context: CommentaryContext,
): Proposal[] {
  return oneCardAClause(hearReadings(cues, vocabulary, context)).sort(
    (one, other) => one.saidAtSeconds - other.saidAtSeconds,
  );
}

/** Everything that the words of a commentary may mean, each reading by itself, the unlikely ones too: what cards are made of, and what their certainty is learned from. */
export function hearReadings(cues: readonly Cue[], vocabulary: VocabularyIndex, context: CommentaryContext): Reading[] {
  const index = spokenIndexOf(vocabulary);
  if (!isEnglish(cues, index)) return [];
  const memory = new Map<string, ReturnType<typeof hearWord>>();
  const hear = ({ word, afterPause }: SpokenWord): HeardWord => {
    const known = memory.get(word) ?? hearWord(word, index);
    memory.set(word, known);
    return { ...known, afterPause };
  };
  const { speaks, you, pronouns } = context;
  const called = (who: Athlete) => context.calledBy[who].map(joinedName);
  const calledBy = { a: called('a'), b: called('b') };
  const listener: Listener = { calledBy, speaks, you, pronouns };
  const hearing: Hearing = {
    index,
    context,
    listener,
    state: { kind: 'unmarked' },
    stateIsImplied: false,
    isElsewhere: false,
    alike: resemblanceOf([]),
    told: new Set(),
    readings: [],
    outdone: new Set(),
  };
  const names = new Set([...calledBy.a, ...calledBy.b]);
  for (const clause of cutClausesOfSpeech(oneWordNames(cues, context.calledBy), names))
    readSentence(clause, hear, hearing);
  return hearing.readings.filter((_, at) => !hearing.outdone.has(at));
}

function spokenIndexOf(vocabulary: VocabularyIndex): SpokenIndex {
  const index = spokenIndexes.get(vocabulary) ?? buildSpokenIndex(vocabulary);
  spokenIndexes.set(vocabulary, index);
  return index;
}

/** Whether a talk is in the language that the reader knows; short ones are believed to be. */
export const speaksEnglish = (cues: readonly Cue[], vocabulary: VocabularyIndex): boolean =>
  isEnglish(cues, spokenIndexOf(vocabulary));

/** Names of several words as one, so that each stands for its person: "the white gi" and "big brother". */
function oneWordNames(cues: readonly Cue[], calledBy: CommentaryContext['calledBy']): Cue[] {
  const long = [...calledBy.a, ...calledBy.b].filter((name) => name.includes(' '));
  if (long.length === 0) return [...cues];
  const asPattern = (name: string) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ +/g, '\\s+');
  const pattern = new RegExp(
    `(?<![\\p{L}])(?:the )?(${long
      .sort((one, other) => other.length - one.length)
      .map(asPattern)
      .join('|')})(?![\\p{L}])`,
    'giu',
  );
  return cues.map((cue) => ({ ...cue, text: cue.text.replace(pattern, (_, name: string) => joinedName(name)) }));
}

const joinedName = (name: string): string => name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '');

function readSentence(sentence: Sentence, hear: (word: SpokenWord) => HeardWord, hearing: Hearing): void {
  const { words } = sentence;
  const text = ` ${words.map((one) => one.word).join(' ')} `;
  const pointings = findPointings(words, hearing.listener);
  if (says(text, signals.salesTalk) || says(text, signals.takenBack)) return;
  // "In general, … you want the armbar": teaching that was begun goes on.
  const isElsewhere = says(text, signals.elsewhere) || (hearing.isElsewhere && says(text, signals.teaching));
  hearing.isElsewhere = isElsewhere;
  if (isElsewhere && !tellsOpening(text)) return;
  const spoken = words.map(({ word }) => word);
  const heard = hearJoined(words, words.map(hear), hearing.index);
  const mentions = dropCorrected(findMentions(heard, hearing.index, spoken), words);
  hearing.told = new Set();
  const before = hearing.readings.length;
  hearing.alike = resemblanceOf(spoken);
  for (const [at, mention] of mentions.entries()) {
    const clause = clauseAround(mention, mentions[at - 1], mentions[at + 1], words);
    propose({ mention, clause, words, pointings, sentence, whole: text }, hearing);
  }
  proposeFree(sentence, pointings, new Set(hearing.told), hearing);
  proposeAlike(sentence, pointings, hearing.readings.slice(before), hearing);
  hearing.before = { words: spoken, text: sentence.text, atSeconds: words[0]?.atSeconds ?? 0 };
}

/** "the flower sweep, I mean the pendulum sweep": what was taken back is not said. */
function dropCorrected(mentions: readonly Mention[], words: readonly SpokenWord[]): Mention[] {
  return mentions.filter((mention, at) => {
    const next = mentions[at + 1];
    if (!next) return true;
    const between = words
      .slice(mention.to + 1, next.from)
      .map((one) => one.word)
      .join(' ');
    const takenBack = /^(?:\w+ )?(?:i mean|or rather|no sorry|actually|or)(?: \w+){0,2}$/.test(between);
    return !(takenBack && mention.concept.kind === next.concept.kind);
  });
}

const connectors = new Set(['and', 'but', 'so', 'then', 'because', 'while', 'now', 'or']);

/** The words around a mention up to the next mention, a pause in speech or a connecting word. */
function clauseAround(
  mention: Mention,
  previous: Mention | undefined,
  next: Mention | undefined,
  words: readonly SpokenWord[],
): Clause {
  let from = mention.from;
  while (
    from > (previous ? previous.to + 1 : 0) &&
    !present(words[from]).afterPause &&
    !connectors.has(present(words[from - 1]).word)
  )
    from -= 1;
  let to = mention.to;
  const end = next ? next.from - 1 : words.length - 1;
  while (to < end && !present(words[to + 1]).afterPause && !connectors.has(present(words[to + 1]).word)) to += 1;
  const join = (start: number, stop: number) =>
    ` ${words
      .slice(start, stop)
      .map((one) => one.word)
      .join(' ')} `;
  return { before: join(from, mention.from), after: join(mention.to + 1, to + 1), from, to };
}

function propose(said: Said, hearing: Hearing): void {
  const { mention, clause } = said;
  const { concept } = mention;
  const own = ` ${said.words
    .slice(mention.from, mention.to + 1)
    .map((one) => one.word)
    .join(' ')} `;
  const justBefore = ` ${clause.before.trim().split(' ').slice(-4).join(' ')} `;
  const denied = says(justBefore, signals.negations) && !says(own, signals.negations);
  const open =
    says(clause.before, signals.couldHave) || says(clause.after, signals.couldHave) || tellsOpening(said.whole);
  if (concept.kind === 'attempt') proposeAttempt(said, hearing, denied, open);
  else if (concept.kind === 'error') {
    if (!denied || says(said.whole, signals.blame)) proposeError(concept.id, said, hearing);
  } else if (concept.kind === 'strength') proposeStrength(concept.id, said, hearing, denied || open);
  else if (!denied && !open) {
    if (concept.kind === 'position') proposePosition(said, hearing);
    else proposeGrip(said, hearing);
  }
}

/** Praise; said of what was missing, it is the error that stands against it. */
function proposeStrength(strengthId: string, said: Said, hearing: Hearing, missing: boolean): void {
  const opposite = findStrength(strengthId)?.oppositeErrorId;
  if (!missing) add({ kind: 'strength', strengthId, ...doerOf(said, hearing, 'level') }, said, hearing);
  else if (opposite) proposeError(opposite, said, hearing);
}

function proposePosition(said: Said, hearing: Hearing): void {
  const { mention, clause, pointings } = said;
  const { id } = mention.concept;
  const before = clause.before.trimEnd().split(' ').slice(-3).join(' ');
  if (signals.leaves.some((word) => ` ${before} `.endsWith(` ${word} `) || ` ${before} `.endsWith(` ${word} the `)))
    return;
  const placeWord = /\b(on the bottom|bottom|underneath|under)\b/.test(clause.before + clause.after)
    ? ('under' as const)
    : /\b(on top|top|over)\b/.test(clause.before + clause.after)
      ? ('over' as const)
      : undefined;
  const owner = pointings.findLast(
    (one) => one.role === 'owner' && one.at < mention.from && one.at >= mention.from - 2,
  );
  const doer = pointings.findLast((one) => one.role === 'doer' && one.at < mention.from && one.at >= clause.from);
  let athlete: Athlete;
  let place = placeWord;
  if (owner && /guard/.test(id)) {
    // "in her closed guard": hers, and the doer is the other one.
    athlete = owner.byName || !doer ? owner.athlete : opponentOf(doer.athlete);
    place = undefined;
  } else {
    const named = isSuffered(said) ? otherThan(doerOf(said, hearing, 'level')) : doerOf(said, hearing, 'level');
    const fromLast = !doer && !named.sureWho ? landedBy(hearing) : undefined;
    athlete = fromLast ?? named.athlete;
  }
  const holder = holderOf(id, athlete, place);
  if (
    !hearing.stateIsImplied &&
    hearing.state.kind === 'position' &&
    hearing.state.positionId === id &&
    hearing.state.holder === holder
  )
    return;
  add({ kind: 'position', positionId: id, holder }, said, hearing);
  hearing.state = { kind: 'position', positionId: id, holder };
  hearing.stateIsImplied = false;
}

/** Who came out on top of the last attempt, when nobody is named with the position that follows. */
function landedBy(hearing: Hearing): Athlete | undefined {
  return hearing.lastAttempt?.athlete;
}

/** Beside these a word for a hold is that hold, and no other thing of the same name. */
const gripVerbs =
  'gets get got has have takes take took wins win won with grips grabs fights for heavy strong good that theres there comes digs digging pummels lands hits keeps wants no'.split(
    ' ',
  );

function proposeGrip(said: Said, hearing: Hearing): void {
  const { mention, clause } = said;
  const isLong = mention.to > mention.from || mention.concept.name.includes('-');
  const around = `${clause.before}${clause.after}`;
  if (!isLong && !gripVerbs.some((verb) => around.includes(` ${verb} `))) return;
  const doer = doerOf(said, hearing, 'level');
  add({ kind: 'grip', gripId: mention.concept.id, ...doer, outcome: 'got', side: sideIn(said) }, said, hearing);
}

function proposeAttempt(said: Said, hearing: Hearing, denied: boolean, open: boolean): void {
  const { mention, clause, whole } = said;
  const technique = findTechnique(mention.concept.id);
  if (!technique) return;
  const place = placeOfTechnique(technique, hearing.state);
  const doer = isSuffered(said) ? otherThan(doerOf(said, hearing, 'level')) : doerOf(said, hearing, place);
  if (open) {
    add({ kind: 'chance', techniqueId: technique.id, ...doer }, said, hearing);
    return;
  }
  const before = clause.before;
  // "escapes the armbar": the end of the other one's attempt, not a new one.
  const near = ` ${before.trim().split(' ').slice(-3).join(' ')} `;
  if (technique.class !== 'escapes' && says(near, signals.escapesFrom)) {
    endLast(hearing, 'escaped');
    return;
  }
  if (denied && technique.class !== 'escapes' && !says(whole, signals.tries)) return;
  const attempt = stageOf(said, technique.class);
  const draft = {
    kind: 'attempt' as const,
    techniqueId: mention.concept.id,
    athlete: doer.athlete,
    side: sideIn(said),
    ...attempt,
  };
  if (!add({ ...draft, sureWho: doer.sureWho }, said, hearing)) return;
  hearing.lastAttempt = {
    athlete: doer.athlete,
    atSeconds: present(said.words[mention.from]).atSeconds,
    at: hearing.readings.length - 1,
  };
  const after = attempt.end === 'finished' ? stateAfterAttempt({ ...draft, id: '', atSeconds: 0 }) : undefined;
  if (after) {
    hearing.state = after;
    hearing.stateIsImplied = true;
  }
}

/** Where who does it is: passers are over, who sweeps and escapes is under; who finishes in a guard is the one whose guard it is, elsewhere the one on top. */
function placeOfTechnique(technique: Technique, state: Hearing['state']): 'over' | 'under' | 'level' {
  if (technique.class === 'passes') return 'over';
  if (technique.class === 'sweeps' || technique.class === 'escapes') return 'under';
  const family = state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;
  if (technique.class !== 'submissions' || !family || !technique.fromFamilies.includes(family)) return 'level';
  return /guard/.test(family) ? 'under' : 'over';
}

/** Ways in which somebody comes into what another does. */
const caughtIn =
  / (?:gets|got|getting|is|was|been|being|hes|shes|im|youre) (?:caught|stuck|trapped|put|thrown|taken|pinned|locked|swept|rolled|hit|choked|tapped|submitted)(?: down| up)?(?: in| with| by| into| under)?(?: an?| the| his| her| my| your)? $/;

/** "He gets snapped down", "she is caught in the armbar": it is done to the one who is told of. */
function isSuffered({ mention, clause, words }: Said): boolean {
  const verb = present(words[mention.from]).word;
  const isParticiple = verb.endsWith('ed') || presentForm(verb) !== verb;
  return (
    caughtIn.test(clause.before) ||
    (isParticiple && / (?:gets|got|getting|get|is|was|been|being|hes|shes) $/.test(clause.before))
  );
}

const otherThan = (doer: Doer): Doer => ({ ...doer, athlete: opponentOf(doer.athlete) });

function endLast(hearing: Hearing, end: 'escaped'): void {
  const at = hearing.lastAttempt?.at;
  const last = at === undefined ? undefined : hearing.readings[at];
  if (at === undefined || last?.draft.kind !== 'attempt' || last.draft.end) return;
  hearing.readings[at] = { ...last, draft: { ...last.draft, end } };
}

function proposeError(errorId: string, said: Said, hearing: Hearing): void {
  const place = placeOfRole(findError(errorId)?.role ?? 'neutral');
  const doer = doerOf(said, hearing, place);
  // One sentence about one athlete names one error, in several words.
  const told = hearing.readings.at(-1);
  if (told?.draft.kind === 'error' && told.words === said.sentence.text && told.draft.athlete === doer.athlete) return;
  const punished = / (punishes|punished|pays for) /.test(said.whole) ? ('yes' as const) : undefined;
  add({ kind: 'error', errorId, ...doer, punished, side: sideIn(said), ledTo: [] }, said, hearing);
}
