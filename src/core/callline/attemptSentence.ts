import { type Athlete, opponentOf } from '../round';
import { isUnnamed } from '../vocabulary';
import { type BestReading, bestReading } from './bestReading';
import type { CallContext } from './callContext';
import { readDoing } from './doings';
import { fitsModifiers, type Modifiers, mergeModifiers } from './modifiers';
import { nameKey, takePlaces } from './places';
import { plainNoun } from './plainCalls';
import { type Named, takeNames } from './sentenceNames';
import { phraseForms } from './verbForms';
import type { VocabularyIndex } from './vocabularyIndex';

/** A sentence about one attempt, every word of it explained: who does it, which technique, how far it came. */
export interface AttemptSentence {
  readonly athlete: Athlete | undefined;
  readonly best: BestReading;
  readonly modifiers: Modifiers;
}

const finished: Modifiers = { stage: 'finished', end: 'finished' };
const entry: Modifiers = { stage: 'entry' };
const near: Modifiers = { stage: 'control' };
const locked: Modifiers = { stage: 'locked' };
const escaped: Modifiers = { end: 'escaped' };
const abandoned: Modifiers = { end: 'abandoned' };

/** Whose attempt it is, seen from the subject of the verb. */
type Role = 'own' | 'other';
interface Frame {
  readonly pattern: RegExp;
  readonly modifiers: Modifiers;
  readonly role: Role;
}

const phrases = (text: string): readonly string[] => text.trim().split(/\s*\|\s*/);
const frames = (role: Role, modifiers: Modifiers, text: string): Frame => ({
  pattern: new RegExp(`^(?:${phrases(text).map(phraseForms).join('|')}) (.+)$`),
  modifiers,
  role,
});
const literal = (role: Role, modifiers: Modifiers, text: string): Frame => ({
  pattern: new RegExp(`^(?:${text}) (.+)$`),
  modifiers,
  role,
});

/** Verbs before a technique, the longer ones first where one begins with another. @source common practice: how coaches tell attempts; tried on every technique by a grammar test */
const verbs: readonly Frame[] = [
  literal(
    'own',
    near,
    'almost (?:gets|got|hits|lands|finishes|finished|completes|has|catches)|nearly (?:gets|got|hits|lands|finishes|finished|completes|has|catches)|close to|very close to|comes close to|almost|nearly|just misses',
  ),
  literal(
    'own',
    abandoned,
    '(?:cannot|cant|can not|couldnt|could not|does not|doesnt|did not|didnt|never|fails to|failed to|unable to|not able to) (?:finish|complete|get|hit|land|lock|close|execute|make)(?: with| off| up| in)?',
  ),
  frames(
    'own',
    abandoned,
    'fail with | fail on | fail at | fail | give up on | give up | let go of | abandon | bail on | bail out of | bail from | lose | drop | release | leave',
  ),
  frames(
    'own',
    entry,
    'try to hit | try to get | try to finish | try to lock | try to land | try to set up | try to | try for | try with | try | attempt to | attempt | go for | go after | look for | look to | hunt for | hunt | want | work for | work on | work | set up | threaten with | threaten | attack with | attack | shoot for | shoot in for | shoot | dive on | dive for | dive into | jump on | jump for | jump into | jump to | enter into | enter | start with | start | begin | fall back for | fall into | drop back for | drop for | sit back for | throw up | throw in | throw on | switch to | switch into | transition to | transition into | follow up with | follow with | chain into | chain to | spin into | spin for | roll into | roll for | swing for | swing into | reach for | fish for | fight for | push for | initiate | launch | snatch | fire | fire up | flow to | flow into | chase | take a shot at | step into | step over for | slide into | search for | use | play | turn into | turn to | turn for | move to | move into | come with | come up with | bite on | show | invert into | invert for | wrap up | wrap | pull for | cut for',
  ),
  literal('own', entry, 'into|with|for|is on|on|back to|again with'),
  frames(
    'own',
    finished,
    'hit | land | finish with | finish by | finish off with | finish | complete | execute | score with | nail | succeed with | pull off | win with | win by | get there with',
  ),
  literal(
    'own',
    finished,
    '(?:gets|got|catches|taps|submits|submitted|finishes|finished|sweeps|swept|passes|passed|takes down|took down)(?: him| her| them| me| you)? (?:with|by|using|via)|(?:caught|tapped) (?:him|her|them|me|you) (?:with|by|using|via)',
  ),
  frames('own', locked, 'lock up | lock in | lock on | lock | sink in | sink | secure | close up | close'),
  frames('own', near, 'get into | get to | have | catch | hold'),
  literal('own', finished, 'gets|got'),
  frames('own', { verdict: 'bait' }, 'bait with | bait | fake | feint'),
  frames(
    'other',
    escaped,
    'escape from | escape | defend against | defend | stuff | block | survive | counter | shut down | stop | deny | get out of | slip out of | slip | pull out of | free himself from | free herself from | roll out of | fight off | hand fight | shake off | posture out of | clear | work out of | step out of | avoid | beat | read | see off | break out of | break free of | kill | nullify | neutralise | neutralize | sprawl on | stand out of | turn out of | stack out of | peel off | strip | come out of | back out of',
  ),
  literal(
    'other',
    finished,
    'gets hit with|got hit with|taps to|tapped to|taps out to|tapped by|submitted by|submitted with|finished by|finished with|gets tapped by|gets tapped with|gets submitted by|gets submitted with|gets finished with|loses to|lost to|falls to|fell to|gets swept by|gets swept with|swept by|swept with|gets passed by|gets passed with|passed by|passed with|gets taken down by|gets taken down with|taken down by|taken down with|gets thrown with|thrown with',
  ),
  literal(
    'other',
    near,
    '(?:gets |got |is |was |stays |still |now )*(?:caught|stuck|trapped|held) (?:in|with|by)|gets into trouble with|in trouble in|in|falls into his|falls into her|walks into|runs into|falls for',
  ),
];

/** What stands behind a technique. */
const tails: readonly (readonly [pattern: RegExp, modifiers: Modifiers])[] = [
  [
    / (?:again|once more|twice|another time|over and over|this time|right away|straight away|immediately|now|here)$/,
    {},
  ],
  [
    / (?:(?:is|was|gets|got|being) )?(?:fully |really |very |completely |well )*(?:locked|locked in|locked up|locked on|sunk|sunk in|in tight|closed|on tight|tight|deep|in deep|in place|fully in)$/,
    locked,
  ],
  [/ (?:(?:is|was) )?(?:almost|nearly|so|very|really)? ?(?:close|there|in|on)$/, near],
  [
    / (?:(?:is|was|gets|got|being) )?(?:easily |well |again )*(?:blocked|defended|stuffed|countered|stopped|denied|shut down|escaped|stripped|peeled off|killed|read|seen off|nullified|sprawled on)$/,
    escaped,
  ],
  [
    / (?:fails|failed|fail|does not work|doesnt work|did not work|didnt work|goes nowhere|comes to nothing|leads nowhere|not finished|unfinished|without (?:a |the )?(?:finish|success|result)|no finish|no luck|abandoned|given up|let go|slips off|slipped off|slips|falls apart|misses)$/,
    abandoned,
  ],
  [
    / (?:works|worked|lands|landed|succeeds|succeeded|is good|is finished|is done|finished|completed|scores|for the (?:finish|tap|win|submission|sweep|points|pass|score)|to (?:the )?(?:finish|tap|win)|gets the (?:tap|finish))$/,
    finished,
  ],
  [/ (?:attempt|try|entry|threat|set ?up|attack|shot|attempts)$/, entry],
];

const adverbs =
  /^(?:then|now|and|again|second time|third time|another time|finally|eventually|quickly|quick|fast|slowly|immediately|straight|instantly|just|still|also|first|next|later|almost immediately|right away|suddenly|is|was|has been|keeps|kept|keeps on|tries again|once more|calmly|smoothly|nicely|easily|explosively|hard|only|even|actually|really|so|ok|okay|well) /;
const articles =
  /^(?:the|a|an|his|her|my|their|your|that|this|another|some|one|first|second|third|fourth|last|next|same|quick|fast|slow|nice|good|great|beautiful|lovely|perfect|smooth|explosive|surprise|big|little|strong|hard|half|half of|kind of|sort of|bit of|proper|textbook) /;

const holds = /^(?:has|had|have|gets|got|holds|held|keeps|catches|caught|loses|lost|clears|strips|peels|drops) /;
/** What lies open is no attempt yet. */
const available = /^(?:had|has|have) .* (?:there|available|open|on a plate)$/;

/** How sure the name must be: it is the only word that is not explained otherwise. @source own decision */
const NAMED = 0.85;

/** Reads a call as a sentence about an attempt; undefined unless every word has its place in it. */
export function readAttemptSentence(
  words: readonly string[],
  index: VocabularyIndex,
  context: CallContext,
): AttemptSentence | undefined {
  const names = takeNames(words, context);
  const { rest } = names;
  if (rest === '' || available.test(rest)) return undefined;
  const elsewhere = withoutOrigin(rest, index);
  return (
    readText(rest, names, index, context) ??
    (elsewhere === rest ? undefined : readText(elsewhere, names, index, context))
  );
}

function readText(
  rest: string,
  { subject, object, modifiers: ending }: ReturnType<typeof takeNames>,
  index: VocabularyIndex,
  context: CallContext,
): AttemptSentence | undefined {
  let text = rest;
  while (adverbs.test(text) && !isName(withoutTail(text, index).core, index)) text = text.replace(adverbs, '');
  // The words may be a name as they stand: "step over armbar" is no stepping over.
  const whole = withoutTail(text, index);
  // "passes the guard again" tells no name but a doing.
  if (!isName(whole.core, index) && readDoing(whole.core.split(' '), context.state)?.rest === '') return undefined;
  if (isName(whole.core, index) || !verbs.some(({ pattern }) => pattern.test(text))) {
    const isExplained =
      (whole.core !== rest || object !== undefined) && plainNoun(whole.core, context.state) === undefined;
    const best = isExplained ? named(whole.core, index, context) : undefined;
    const told = mergeModifiers(ending, whole.modifiers);
    return best && fitsModifiers('attempt', told)
      ? { athlete: whose(subject, object, 'own'), best, modifiers: told }
      : undefined;
  }
  for (const { pattern, modifiers: verb, role } of verbs) {
    const behind = pattern.exec(text)?.[1];
    if (behind === undefined) continue;
    const { core, modifiers } = withoutTail(behind, index);
    // Hands hold and get much that a technique is also called after: there only a name as it stands will do.
    const best = holds.test(text) && !isName(core, index) ? undefined : named(core, index, context);
    const told = mergeModifiers(verb, mergeModifiers(modifiers, ending));
    if (best && fitsModifiers('attempt', told)) return { athlete: whose(subject, object, role), best, modifiers: told };
  }
  return undefined;
}

/** "finishes the armbar from mount": where from changes nothing, unless it belongs to the name. */
function withoutOrigin(text: string, index: VocabularyIndex): string {
  if (isName(text, index)) return text;
  const { words, from, to } = takePlaces(text.split(' '), index);
  return from && !to ? words.join(' ') : text;
}

const whose = (subject: Athlete | undefined, object: Named | undefined, role: Role): Athlete | undefined => {
  const doer = subject ?? (object && (object.behind === 'towards' ? opponentOf(object.athlete) : object.athlete));
  return doer && role === 'other' ? opponentOf(doer) : doer;
};

const isName = (text: string, index: VocabularyIndex): boolean => index.names.has(nameKey(text.split(' ')));

/** The name between the articles before it and what is said of it behind. */
function withoutTail(text: string, index: VocabularyIndex): { readonly core: string; readonly modifiers: Modifiers } {
  let core = text;
  let modifiers: Modifiers = {};
  for (let cut = 0; cut < 3 && !isName(core, index); cut += 1) {
    const tail = tails.find(([pattern]) => pattern.test(core));
    if (!tail) break;
    core = core.replace(tail[0], '');
    modifiers = mergeModifiers(tail[1], modifiers);
  }
  while (articles.test(core) && !isName(core, index)) core = core.replace(articles, '');
  return { core, modifiers };
}

function named(core: string, index: VocabularyIndex, context: CallContext): BestReading | undefined {
  if (core === '') return undefined;
  const words = core.split(' ');
  const noun = plainNoun(core, context.state);
  const concept = noun === undefined ? undefined : index.concepts.get(noun);
  if (concept) return { match: { concept, confidence: 1 }, modifiers: {}, words, choices: [] };
  const best = bestReading(words, index, context);
  const isWhole = best && best.words.length === words.length && !best.tail && !best.to;
  if (!isWhole || best.match.concept.kind !== 'attempt') return undefined;
  // What has no name is told by a verb: "gets passed" is read as that.
  return best.match.confidence >= NAMED && !isUnnamed(best.match.concept.id) ? best : undefined;
}
