import type { MarkDraft } from '../callline';
import { present } from '../kernel';
import { findTechnique, isUnnamed } from '../vocabulary';
import { featuresOf } from './cardFeatures';
import type { DraftPart } from './draftPart';
import { type Hearing, onceAClause, type Reading, type Said, says } from './hearing';
import { otherReadings } from './otherReadings';
import * as signals from './signals';

const USUAL_LAG_SECONDS = 0.5;
/** The same thing said again within this time is the same moment. @source own decision */
const SAME_MOMENT_SECONDS = 9;

/** Kinds that nobody does on purpose or as a bait. */
const unjudged: ReadonlySet<MarkDraft['kind']> = new Set(['position', 'stoppage', 'ruling']);

/** What is said of everything that a clause tells. */
const toneOf = onceAClause((whole) => ({
  verdict: says(whole, signals.onPurpose) ? 'concession' : says(whole, signals.bait) ? 'bait' : undefined,
  unsure: says(whole, signals.doubt) ? (true as const) : undefined,
}));

/** Adds a reading unless the same was said a moment ago: then the two become one. Answers whether it is new. */
export function add(
  part: DraftPart & { sureWho?: boolean; guessed?: true },
  said: Said,
  hearing: Hearing,
  near: readonly MarkDraft[] = [],
): boolean {
  const { sureWho = true, guessed, ...bare } = part;
  const saidAtSeconds = present(said.words[said.mention.from]).atSeconds;
  const lag = hearing.context.lagSeconds ?? USUAL_LAG_SECONDS;
  const { verdict, unsure } = toneOf(said);
  const draft = {
    ...bare,
    atSeconds: Math.max(0, saidAtSeconds - lag),
    ...(verdict && !unjudged.has(bare.kind) ? { verdict } : {}),
    ...(unsure ? { unsure } : {}),
  } as MarkDraft;
  hearing.told.add(draft.kind);
  const again = findAgain(hearing, draft, saidAtSeconds, guessed === true);
  if (again >= 0) {
    hearing.readings[again] = joined(present(hearing.readings[again]), draft, said.sentence.text);
    return false;
  }
  const named = said.pointings.some((one) => one.byName);
  const { atSeconds } = draft;
  const { text, words } = said.sentence;
  const heard = { text, words: words.map(({ word }) => word), rivals: said.mention.rivals, state: hearing.state };
  hearing.readings.push({
    draft,
    words: said.sentence.text,
    saidAtSeconds,
    saidInClauseAt: words[0]?.atSeconds ?? saidAtSeconds,
    sureWho,
    named,
    features: featuresOf(draft, said, { sureWho, others: near.length, guessed }, hearing),
    ...(guessed ? { guessed } : {}),
    besides: () => otherReadings(bare as DraftPart, heard, near).map((one) => ({ ...one, atSeconds })),
  });
  return true;
}

/** Speech goes on in time but for words spread over a block: nothing that was said so long before is the same moment any more. */
const SURELY_PAST_SECONDS = 120;

/** The place of the same thing said a moment ago; looks back only as far as that, since long talks have thousands of readings. */
function findAgain({ readings, outdone }: Hearing, draft: MarkDraft, saidAtSeconds: number, isGuess: boolean): number {
  for (let at = readings.length - 1; at >= 0; at -= 1) {
    const one = present(readings[at]);
    const ago = saidAtSeconds - one.saidAtSeconds;
    if (ago > SURELY_PAST_SECONDS) return -1;
    if (ago > SAME_MOMENT_SECONDS || !isSame(one.draft, draft)) continue;
    if (isGuess || !one.guessed) return at;
    // What was only guessed gives way to what is named now.
    outdone.add(at);
  }
  return -1;
}

/** Words of one reading: enough to know what was meant. */
const MOST_WORDS_CHARACTERS = 1200;

const stageRank = ['entry', 'control', 'locked', 'finished'];

function joined(one: Reading, draft: MarkDraft, words: string): Reading {
  const both =
    one.words.length > MOST_WORDS_CHARACTERS || one.words.includes(words) ? one.words : `${one.words} ${words}`;
  if (one.draft.kind !== 'attempt' || draft.kind !== 'attempt') return { ...one, words: both };
  // The name that comes a moment later is the name of what was only told before.
  if (isUnnamed(one.draft.techniqueId) && !isUnnamed(draft.techniqueId))
    return { ...one, draft: { ...draft, atSeconds: one.draft.atSeconds }, words: both };
  const further = stageRank.indexOf(draft.stage) > stageRank.indexOf(one.draft.stage);
  const better = further ? { ...one.draft, stage: draft.stage, end: draft.end } : one.draft;
  return { ...one, draft: better, words: both };
}

type AttemptDraft = Extract<MarkDraft, { readonly kind: 'attempt' }>;

/** "he passes … with the knee slice": of two of a class by one athlete, of which one has no name, both tell the same. */
const isSameDoing = (one: AttemptDraft, other: AttemptDraft): boolean =>
  one.athlete === other.athlete &&
  isUnnamed(one.techniqueId) !== isUnnamed(other.techniqueId) &&
  findTechnique(one.techniqueId)?.class === findTechnique(other.techniqueId)?.class;

function isSame(one: MarkDraft, other: MarkDraft): boolean {
  if (one.kind === 'attempt' && other.kind === 'attempt' && isSameDoing(one, other)) return true;
  if (one.kind === 'stoppage') return other.kind === 'stoppage';
  if (one.kind !== other.kind || conceptOf(one) !== conceptOf(other)) return false;
  if (one.kind === 'position' && other.kind === 'position') return one.holder === other.holder;
  return 'athlete' in one && 'athlete' in other && one.athlete === other.athlete;
}

const conceptOf = (draft: MarkDraft): string | undefined => {
  const fields: Record<string, unknown> = draft;
  return (fields.positionId ?? fields.gripId ?? fields.techniqueId ?? fields.errorId ?? fields.strengthId) as
    | string
    | undefined;
};
