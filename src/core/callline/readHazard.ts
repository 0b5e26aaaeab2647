import { type Hazard, hazards } from '../round';
import type { CallContext } from './callContext';
import type { MarkDraft } from './draftOf';
import { readAthlete } from './who';

/** What is said of each hazard. @source common practice */
const told: readonly (readonly [RegExp, Hazard])[] = [
  [/\b(?:cranks?|cranked|cranking|rips?|ripped|yanks?|yanked|jerks?|jerked)\b/, 'cranked'],
  [
    /\b(?:neck (?:is )?(?:loaded|stacked|bent|folded)|stacked on (?:the|his|her) neck|lands on (?:the|his|her) (?:head|neck)|weight on the neck)\b/,
    'neck loaded',
  ],
  [/\b(?:slams?|slammed|dropped on the (?:back|mat)|lifts and drops)\b/, 'slammed'],
  [
    /\b(?:falls? on (?:the|his|her) (?:knee|leg|ankle|elbow)|fell on (?:the|his|her) (?:knee|leg|ankle|elbow)|weight on the knee|knee buckled)\b/,
    'fell on a joint',
  ],
  [/\b(?:jumps? on|jumping guard|jumped on|flying (?:scissors?|armbar))\b/, 'jumped on'],
  [
    /\b(?:small joints?|twists? (?:the |his |her )?fingers?|fingers? (?:bent|twisted|in the eyes?)|eye poke)\b/,
    'fingers',
  ],
  [
    /\b(?:late to let go|held on after the tap|does not let go|holds after the tap|keeps squeezing after)\b/,
    'late to let go',
  ],
  [
    /\b(?:other pair|another pair|next pair|other couple|near others|into others|collision|too close to (?:the )?others?)\b/,
    'near others',
  ],
  [/\b(?:wall|floor|edge|off the mat|post|bench|window|radiator)\b/, 'wall or floor'],
  [/\b(?:out of control|wild|reckless|spazz?(?:es|ing)?|flails?|flailing)\b/, 'out of control'],
];
const opening = /^(?:hazard|danger|dangerous|unsafe|careful|watch out)\b\s*(.*)$/;
/** Where the floor ends, told as something that is too near: what is done at the wall is told of as that. */
const tooNear =
  /\b(?:wall|edge|pair|others|bench|floor)\b.*\b(?:too )?(?:close|near)\b|\btoo (?:close|near)\b.*\b(?:wall|edge|pair|others|bench|floor)\b|\bwalks? (?:up )?the wall\b/;

/**
 * "hazard neck loaded", "danger marek cranks it", "wall too close": what may hurt somebody; undefined for calls about anything else. What is told beside
 * it stays as the remark.
 */
export function readHazard(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  const text = words.join(' ');
  const announced = opening.exec(text);
  if (!announced && !tooNear.test(text)) return undefined;
  const said = (announced?.[1] ?? text).split(' ').filter((word) => word !== '');
  const who = readAthlete([...said, 'x'], context);
  const rest = who.words.slice(0, -1).join(' ');
  const hazard = hazards.find((one) => rest === one) ?? told.find(([pattern]) => pattern.test(rest))?.[1];
  if (!hazard && !announced) return undefined;
  const note = rest === '' || rest === hazard ? undefined : rest;
  return {
    kind: 'hazard',
    atSeconds,
    hazard: hazard ?? 'out of control',
    ...(who.named ? { athlete: who.athlete } : {}),
    ...(note ? { note } : {}),
  };
}
