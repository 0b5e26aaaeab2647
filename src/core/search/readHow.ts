import { type MarkDraft, readCall, type VocabularyIndex } from '../callline';
import type { MarkKind } from '../round';

/** What a search says beyond the name: of which kind the marks are, and how they went. Values as marks keep them. */
export interface SearchedHow {
  readonly kind?: MarkKind;
  readonly fields: Readonly<Record<string, string>>;
  /** The entry that the words were read as. */
  readonly conceptId?: string;
  /** Words that say how, and name nothing: they are not looked for in remarks. */
  readonly saidWords: readonly string[];
}

/** What of a mark a search may ask for. */
export const searchedFields = [
  'stage',
  'end',
  'punished',
  'side',
  'verdict',
  'outcome',
  'came',
  'tapCause',
  'reason',
  'ruling',
  'hazard',
  'part',
] as const;

/** What a mark is where nothing is said: nobody asked for it. */
const unsaid: Readonly<Record<string, string>> = { stage: 'entry', outcome: 'got' };

const nothing: SearchedHow = { fields: {}, saidWords: [] };

/** Reads the words of a search as a call: "armbar escaped", "missed kimura", "elbows punished", "hazard neck loaded". Nothing where they only name. */
export function readHow(words: readonly string[], index: VocabularyIndex): SearchedHow {
  if (words.length === 0) return nothing;
  const { draft, understood, conceptWords } = readCall(words.join(' '), index, {
    uniform: 'gi',
    state: { kind: 'unmarked' },
    calledBy: { a: [], b: [] },
    atSeconds: 0,
    roundStartSeconds: 0,
  });
  if (!draft || !understood || draft.kind === 'note') return nothing;
  const fields: Record<string, string> = {};
  const told: Readonly<Record<string, unknown>> = draft;
  for (const field of searchedFields) {
    const value = told[field];
    if (typeof value === 'string' && value !== unsaid[field]) fields[field] = value;
  }
  // A finished attempt ends so: one of the two says it.
  if (fields.stage === 'finished') delete fields.end;
  const isOwnKind = ['chance', 'hazard', 'stoppage', 'ruling'].includes(draft.kind);
  if (Object.keys(fields).length === 0 && !isOwnKind) return nothing;
  return {
    kind: draft.kind,
    fields,
    conceptId: conceptOf(draft),
    saidWords: words.filter((word) => !conceptWords.includes(word)),
  };
}

const conceptOf = (draft: MarkDraft): string | undefined => {
  const { positionId, gripId, techniqueId, errorId, strengthId } = draft as Readonly<Record<string, unknown>>;
  return (positionId ?? gripId ?? techniqueId ?? errorId ?? strengthId) as string | undefined;
};
