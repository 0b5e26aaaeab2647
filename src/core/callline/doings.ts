import type { RoundState } from '../round';
import { findPosition } from '../vocabulary';
import type { Modifiers } from './modifiers';
import { formsOf } from './verbForms';

/** What somebody does, or has done to them, told by a verb without the name of a technique. */
export interface Doing {
  readonly conceptId: string;
  /** The other one does it: "gets swept". */
  readonly byOther?: true;
  readonly modifiers: Modifiers;
  /** Words that the verb does not explain, of which a name may still be found. */
  readonly rest: string;
}

const done: Modifiers = { stage: 'finished', end: 'finished' };
const OBJECT = '(?: (?:him|her|them|it|me|the|his|guard|legs|partner|on top|over|backwards|sideways|forwards))*';

/** Turning over: a sweep begins in a guard, from anywhere else it is an escape. @source rule books of the main federations: a sweep starts from guard or half guard */
export function turningOver(state: RoundState): string {
  const family = familyOf(state);
  return family === undefined || /guard/.test(family) ? 'unnamed-sweep' : 'unnamed-escape';
}

/** Who falls from a guard was swept; anywhere else it is a takedown. @source as above */
const throwing = (state: RoundState): string =>
  /guard/.test(familyOf(state) ?? '') ? 'unnamed-sweep' : 'unnamed-takedown';

const familyOf = (state: RoundState): string | undefined =>
  state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;

interface Verb {
  readonly conceptId: string | ((state: RoundState) => string);
  /** Third person, past, infinitive and participle. */
  readonly forms: string;
}

const WHOSE = '(?:(?:the|his|her|their|my|your) )?';
const WORD = '(?:\\w+ )?';
const WHOM = '(?: (?:him|her|them|me|you|it))?';
/** Any of these verbs, in every form. */
const any = (list: string): string => `(?:${list.split(' ').map(formsOf).join('|')})`;

const verbs: readonly Verb[] = [
  {
    conceptId: 'unnamed-back-take',
    forms: [
      `${any('take get gain steal win')} ${WHOSE}back`,
      `${any('climb go get spin slide dive move jump come run step circle roll walk swing hop scoot slip work float crawl end')} ${WORD}(?:to|on|onto|for|around to|up on) ${WHOSE}back`,
      `${any('go get spin circle move step come run slip')} (?:around |right |straight )?behind`,
    ].join('|'),
  },
  {
    conceptId: 'unnamed-pull',
    forms: `${any('pull jump')}(?: \\w+)?(?: into| to)?(?: \\w+)? guard|${any('pull')}(?: into| to| straight to)? (?:half|deep half|butterfly|full|closed|open|seated)|${any('sit')} (?:down )?to guard`,
  },
  {
    conceptId: 'unnamed-pass',
    forms: [
      `${any('pass smash')}`,
      `${any('slice cut come go get drive walk run slip float step')} (?:right |straight |all the way )?(?:through|past|around it|round it|around the legs|round the legs|around ${WHOSE}(?:legs|guard)|past ${WHOSE}(?:legs|guard))`,
      'past|hes past|shes past|is past|youre past|im past|gets by|got by',
      `${any('walk run go get')} (?:right |straight )?(?:around|round)`,
      `${any('clear')} ${WHOSE}legs|thats the pass|there goes the guard`,
    ].join('|'),
  },
  {
    conceptId: 'bridge-and-roll',
    forms: `${any('bridge')}(?: and \\w+)? ${WORD}over|${any('trap')} and ${any('roll')}`,
  },
  {
    conceptId: 'snap-down',
    forms: `${any('snap')} \\w+ (?:right |straight |hard )?(?:down|to the (?:mat|floor|ground|knees))|${any('snap')} \\w+ (?:on)?to (?:all fours|(?:his|her|the) (?:hands|knees))`,
  },
  {
    conceptId: 'unnamed-takedown',
    forms: `${any('take bring drag drive put')}(?: \\w+){0,2} down`,
  },
  { conceptId: throwing, forms: any('throw dump trip topple slam') },
  {
    conceptId: 'guard-open-standing',
    forms: `${any('open break get pry press')} ${WHOSE}(?:guard|legs|ankles|feet|knees) open|${any('open')} ${WHOSE}(?:guard|legs)`,
  },
  { conceptId: 'unnamed-sweep', forms: any('sweep') },
  {
    conceptId: turningOver,
    forms: [
      `${any('reverse')}`,
      `${any('roll turn bump flip run')}(?: \\w+)? over|${any('tip tilt topple knock push pull take throw elevate lift')} \\w+ over`,
      `${any('bump buck shake throw')}(?: \\w+)? off|${any('come get end')} (?:up |out )?on top|${any('come')} up|over (?:he|she|they|you|we) (?:goes|go)|hes over|shes over`,
    ].join('|'),
  },
  {
    conceptId: 'frame-and-reguard',
    forms: [
      `${any('get put pull bring recover regain restore rebuild reclaim win find')}(?: \\w+)?(?: half| full| closed| open)? guard(?: back)?`,
      `${any('get put bring pull slide squeeze wedge')} ${WHOSE}(?:knee|knees|shin|leg|foot|feet|hook) back(?: (?:in front|in|inside|on the hip|in between|between))?`,
      `reguards|re guards|${any('recover')}`,
    ].join('|'),
  },
  {
    conceptId: 'unnamed-escape',
    forms: `${any('escape')}|${any('get slip come work wriggle')} out of (?:the |his |her |their |my )?(?:pin|mount|side control|side|bottom|hold|there|it|trouble)|${any('get slip wriggle work come squirm')} (?:out|free|away)|${any('turn')} (?:out|free)|${any('break')} free|${any('free')} (?:himself|herself|myself|yourself)`,
  },
  {
    conceptId: 'unnamed-submission',
    forms: `${any('submit choke strangle')}${WHOM}|${any('get')} the (?:tap|submission|finish)`,
  },
];

// Made once: they are asked of every clause of a talk and at every key of a call.
const verbPatterns = verbs.map(({ conceptId, forms }) => ({
  conceptId,
  pattern: new RegExp(`^(?:${forms})${OBJECT}(?: |$)(.*)$`),
}));

/** Verbs done to the one who is named. */
const participles: readonly (readonly [string, string | ((state: RoundState) => string)])[] = [
  ['swept', 'unnamed-sweep'],
  ['(?:reversed|rolled over|turned over|tipped over|flipped)', turningOver],
  ['(?:passed|smashed)', 'unnamed-pass'],
  ['(?:taken down|thrown|tripped|dumped)', 'unnamed-takedown'],
  ['(?:submitted|choked|choked out|strangled|tapped|tapped out|caught)', 'unnamed-submission'],
];
const passive = participles.map(
  ([participle, concept]) => [new RegExp(`^${participle}(?: by \\w+)?(?: |$)(.*)$`), concept] as const,
);
const losing: readonly (readonly [RegExp, string])[] = [
  [/^(?:lets|let) (?:him|her|them|me|you) (?:just )?pass\b(.*)$/, 'unnamed-pass'],
  [/^(?:lets|let) (?:him|her|them|me|you) (?:just )?sweep\b(.*)$/, 'unnamed-sweep'],
  [/^(?:lets|let) (?:him|her|them|me|you) (?:just )?(?:escape|out|go free)\b(.*)$/, 'unnamed-escape'],
  [
    /^(?:lets|let) (?:him|her|them|me|you) (?:just )?(?:take|have) (?:the |my |his |her |your )?back\b(.*)$/,
    'unnamed-back-take',
  ],
  [/^(?:loses|lost|gives up|gives) (?:the |his |her |my |your )?(?:guard)\b(.*)$/, 'unnamed-pass'],
  [/^(?:gets|got|has|had) (?:his |her |the |my |your )?guard passed\b(.*)$/, 'unnamed-pass'],
  [/^(?:gets|got|has|had) (?:his |her |the |my |your )?back taken\b(.*)$/, 'unnamed-back-take'],
];

const tries =
  /^(?:tries|tried|trying|try|attempts|attempting|wants|looks|looking|works|goes|hunts|fights)(?: to| for| on)* /;
const fails = /^(?:cannot|cant|can not|couldnt|could not|fails to|failed to|unable to|not able to) /;
const nearly = /^(?:almost|nearly|just about|close to|comes close to|just fails to) /;
const bare = /^(?:pass|sweep|escape|submit|reverse|take|get|pull|throw|smash)\b/;
const opening =
  /^(?:then|now|finally|eventually|quickly|easily|slowly|smoothly|cleanly|just|also|again|still|is|was|and|immediately|straight|simply) /;

/** What the words tell as a plain doing; undefined when they begin with no such verb. Words without the name of who does it; `isBareVerb` where that is "I" or "you", whose verbs have no ending. */
export function readDoing(words: readonly string[], state: RoundState, isBareVerb = false): Doing | undefined {
  let text = words.join(' ');
  for (let cut = 0; cut < 3 && opening.test(text); cut += 1) text = text.replace(opening, '');
  for (const [pattern, conceptId] of losing) {
    const found = pattern.exec(text);
    if (found) return { conceptId, byOther: true, modifiers: done, rest: (found[1] ?? '').trim() };
  }
  const suffered =
    /^(?:gets|got|is|was|gets himself|gets herself|being|been|has been|keeps getting|getting) (.*)$/.exec(
      words.join(' ').replace(/ by$/, ''),
    );
  if (suffered)
    for (const [pattern, concept] of passive) {
      const found = pattern.exec(suffered[1] ?? '');
      if (found)
        return { conceptId: idOf(concept, state), byOther: true, modifiers: done, rest: (found[1] ?? '').trim() };
    }
  const isFailed = fails.test(text);
  const isTried = tries.test(text);
  const isNear = nearly.test(text);
  const told = text.replace(fails, '').replace(tries, '').replace(nearly, '');
  // The bare verb is a noun here: "pass under the leg".
  if (!isBareVerb && !isTried && !isNear && !isFailed && bare.test(told)) return undefined;
  for (const { conceptId, pattern } of verbPatterns) {
    const found = pattern.exec(told);
    if (!found) continue;
    const isGoingOn = /^\w+ing\b/.test(told);
    const modifiers: Modifiers = isFailed
      ? { stage: 'entry', end: 'abandoned' }
      : isTried || isGoingOn
        ? { stage: 'entry' }
        : isNear
          ? { stage: 'control' }
          : done;
    return { conceptId: idOf(conceptId, state), modifiers, rest: (found[1] ?? '').trim() };
  }
  return undefined;
}

const idOf = (concept: string | ((state: RoundState) => string), state: RoundState): string =>
  typeof concept === 'string' ? concept : concept(state);
