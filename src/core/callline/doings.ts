import type { RoundState } from '../round';
import { findPosition } from '../vocabulary';
import type { Modifiers } from './modifiers';

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
const OBJECT = '(?: (?:him|her|them|it|me|the|his|guard|legs|partner|on top|over))*';

/** Turning over: a sweep begins in a guard, from anywhere else it is an escape. @source rule books of the main federations: a sweep starts from guard or half guard */
export function turningOver(state: RoundState): string {
  const family = familyOf(state);
  return family === undefined || /guard/.test(family) ? 'unnamed-sweep' : 'unnamed-escape';
}

const familyOf = (state: RoundState): string | undefined =>
  state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;

interface Verb {
  readonly conceptId: string | ((state: RoundState) => string);
  /** Third person, past, infinitive and participle. */
  readonly forms: string;
}

const verbs: readonly Verb[] = [
  {
    conceptId: 'unnamed-back-take',
    forms:
      '(?:takes|took|take|taking|gets|got|get|gains|steals)(?: the| his| her| their| my)? back|(?:climbs|climbing|goes|going|gets|spins|spinning|slides|sliding|dives|moves|jumps|comes|comes around|steps|circles|rolls|walks|swings|hops|scoots|slips)(?: \\w+)? (?:to|on|onto|for|around to) (?:the |his |her |their |my )?back',
  },
  {
    conceptId: 'unnamed-pull',
    forms: '(?:pulls|pulled|pull|pulling|jumps|jumped)(?: \\w+)?(?: into| to)?(?: \\w+)? guard',
  },
  {
    conceptId: 'unnamed-pass',
    forms:
      'passes|passed|passing|pass|smashes|smashed|smash|slices through|cuts through|gets past|got past|past|hes past|shes past|is past|gets by|gets around|gets round|goes around the legs|walks around|walks round|clears the legs|runs around',
  },
  {
    conceptId: 'unnamed-takedown',
    forms:
      '(?:takes|took|take|taking|brings|brought|bring|drags|drives|puts)(?: \\w+){0,2} down|throws|threw|dumps|dumped|trips|tripped|topples',
  },
  { conceptId: 'unnamed-sweep', forms: 'sweeps|swept|sweep|sweeping' },
  {
    conceptId: turningOver,
    forms:
      'reverses|reversed|reverse|(?:rolls|rolled|tips|tipped|turns|turned|bumps|bumped|flips|flipped|knocks|pulls|takes|throws|elevates|lifts)(?: \\w+)? over|rolls(?: \\w+)? over|comes (?:up )?on top|comes up|over (?:he|she|they|you|we) (?:goes|go)|hes over|shes over|runs(?: \\w+)? over|comes out on top|gets on top|ends up on top',
  },
  {
    conceptId: 'frame-and-reguard',
    forms:
      '(?:gets|got|puts|pulls|brings|recovers|regains|restores|rebuilds|reclaims|wins)(?: \\w+)?(?: half| full| closed| open)? guard(?: back)?|reguards|re guards|recovers|puts the knee back|gets the knee back',
  },
  {
    conceptId: 'unnamed-escape',
    forms:
      'escapes|escaped|escape|gets out|got out|gets free|gets away|breaks free|slips out|slips away|wriggles out|frees himself|frees herself',
  },
  { conceptId: 'unnamed-submission', forms: 'submits|submitted|submit|chokes|choked|strangles|strangled' },
];

/** Verbs done to the one who is named. */
const passive: readonly (readonly [string, string | ((state: RoundState) => string)])[] = [
  ['swept', 'unnamed-sweep'],
  ['(?:reversed|rolled over|turned over|tipped over|flipped)', turningOver],
  ['(?:passed|smashed)', 'unnamed-pass'],
  ['(?:taken down|thrown|tripped|dumped)', 'unnamed-takedown'],
  ['(?:submitted|choked|choked out|strangled|tapped|tapped out|caught)', 'unnamed-submission'],
];
const losing: readonly (readonly [RegExp, string])[] = [
  [/^(?:loses|lost|gives up|gives) (?:the |his |her )?(?:guard)\b(.*)$/, 'unnamed-pass'],
  [/^(?:gets|got|has|had) (?:his |her |the )?guard passed\b(.*)$/, 'unnamed-pass'],
  [/^(?:gets|got|has|had) (?:his |her |the )?back taken\b(.*)$/, 'unnamed-back-take'],
];

const tries =
  /^(?:tries|tried|trying|try|attempts|attempting|wants|looks|looking|works|goes|hunts|fights)(?: to| for| on)* /;
const nearly = /^(?:almost|nearly|just about|close to|comes close to|just fails to) /;
const bare = /^(?:pass|sweep|escape|submit|reverse|take|get|pull|throw|smash)\b/;
const opening =
  /^(?:then|now|finally|eventually|quickly|easily|slowly|smoothly|cleanly|just|also|again|still|is|was|and|immediately|straight|simply) /;

/** What the words tell as a plain doing; undefined when they begin with no such verb. Words without the name of who does it. */
export function readDoing(words: readonly string[], state: RoundState): Doing | undefined {
  let text = words.join(' ');
  for (let cut = 0; cut < 3 && opening.test(text); cut += 1) text = text.replace(opening, '');
  for (const [pattern, conceptId] of losing) {
    const found = pattern.exec(text);
    if (found) return { conceptId, byOther: true, modifiers: done, rest: (found[1] ?? '').trim() };
  }
  const suffered =
    /^(?:gets|got|is|was|gets himself|gets herself|being|been|has been|keeps getting|getting) (.*)$/.exec(
      words.join(' '),
    );
  if (suffered)
    for (const [participle, concept] of passive) {
      const found = new RegExp(`^${participle}(?: by \\w+)?(?: |$)(.*)$`).exec(suffered[1] ?? '');
      if (found)
        return { conceptId: idOf(concept, state), byOther: true, modifiers: done, rest: (found[1] ?? '').trim() };
    }
  const isTried = tries.test(text);
  const isNear = nearly.test(text);
  const told = text.replace(tries, '').replace(nearly, '');
  // The bare verb is a noun here: "pass under the leg".
  if (!isTried && !isNear && bare.test(told)) return undefined;
  for (const { conceptId, forms } of verbs) {
    const found = new RegExp(`^(?:${forms})${OBJECT}(?: |$)(.*)$`).exec(told);
    if (!found) continue;
    const isGoingOn = /^\w+ing\b/.test(told);
    const modifiers: Modifiers = isTried || isGoingOn ? { stage: 'entry' } : isNear ? { stage: 'control' } : done;
    return { conceptId: idOf(conceptId, state), modifiers, rest: (found[1] ?? '').trim() };
  }
  return undefined;
}

const idOf = (concept: string | ((state: RoundState) => string), state: RoundState): string =>
  typeof concept === 'string' ? concept : concept(state);
