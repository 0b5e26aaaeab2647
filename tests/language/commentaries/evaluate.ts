import { readFileSync } from 'node:fs';
import path from 'node:path';
import { buildVocabularyIndex, holderOf } from '@/core/callline';
import { decodeCommentary, type Proposal, parseTimedText, readCommentary } from '@/core/commentary';
import { type Athlete, conceptIdOf, type Mark } from '@/core/round';
import { findPosition, isUnnamed, type Uniform } from '@/core/vocabulary';
import about from './about.json' with { type: 'json' };

export interface About {
  readonly key: string;
  readonly file: string;
  readonly uniform: Uniform;
  readonly a: readonly string[];
  readonly b: readonly string[];
  readonly speaker: string;
  readonly speaks?: Athlete;
  readonly pronouns?: Partial<Record<Athlete, 'he' | 'she'>>;
  readonly unseen: boolean;
}

/** A mark that a person made from the same words; several ids where either would be right. */
interface PersonMark {
  readonly atSeconds: number;
  readonly athlete: Athlete;
  readonly ids: readonly string[];
}

export interface Agreement {
  readonly key: string;
  readonly unseen: boolean;
  readonly byPerson: number;
  readonly proposed: number;
  readonly right: number;
  readonly missed: readonly string[];
  readonly extra: readonly string[];
}

/** A proposal and a person's mark are the same when concept and athlete agree and they are at most this far apart. */
const TOLERANCE_SECONDS = 6;

const folder = path.resolve('tests/language/commentaries');
export const commentaries = about as readonly About[];
export const readFile = (name: string): Uint8Array => readFileSync(path.join(folder, name));

function personMarks(key: string): PersonMark[] {
  const lines = new TextDecoder()
    .decode(readFile(`${key}.marks`))
    .trim()
    .split('\n');
  return lines.map((line) => {
    const [at = '', athlete, , ids = ''] = line.split(' ');
    const [minutes = 0, seconds = 0] = at.split(':').map(Number);
    return { atSeconds: minutes * 60 + seconds, athlete: athlete as Athlete, ids: ids.split('/') };
  });
}

export function proposalsFor(one: About): Proposal[] {
  const decoded = decodeCommentary(readFile(one.file));
  const parsed = 'text' in decoded ? parseTimedText(decoded.text) : decoded;
  if (!('cues' in parsed)) throw new Error(`${one.file} cannot be read`);
  const { uniform, a, b, speaks, pronouns } = one;
  return readCommentary(parsed.cues, buildVocabularyIndex(), { uniform, calledBy: { a, b }, speaks, pronouns });
}

function agrees(proposal: Proposal, mark: PersonMark): boolean {
  if (Math.abs(proposal.saidAtSeconds - mark.atSeconds) > TOLERANCE_SECONDS) return false;
  const { draft } = proposal;
  const id = conceptIdOf({ ...draft, id: '' } as Mark);
  // A verdict in the speaker's own words answers a mark of that verdict.
  const inOwnWords = id && isUnnamed(id) && mark.ids.some((one) => one.slice(0, 4) === id.slice(0, 4));
  if (!id || !(mark.ids.includes(id) || inOwnWords)) return false;
  if (draft.kind !== 'position') return 'athlete' in draft && draft.athlete === mark.athlete;
  const level = findPosition(id)?.betterRole === 'neutral' && !/guard/.test(id);
  // The person notes who plays a guard or holds a pin; either reading of "top" is allowed where the words leave it open.
  return level || draft.holder === holderOf(id, mark.athlete, undefined);
}

/** Compares what is proposed with what a person marked; each mark answers one proposal. */
export function evaluate(one: About): Agreement {
  const marks = personMarks(one.key);
  const proposals = proposalsFor(one);
  const free = new Set(marks);
  const extra: string[] = [];
  for (const proposal of proposals) {
    const match = [...free].find((mark) => agrees(proposal, mark));
    if (match) free.delete(match);
    else extra.push(`${Math.round(proposal.saidAtSeconds)} ${JSON.stringify(proposal.draft)} « ${proposal.words}`);
  }
  const missed = [...free].map((mark) => `${mark.atSeconds} ${mark.athlete} ${mark.ids.join('/')}`);
  return {
    key: one.key,
    unseen: one.unseen,
    byPerson: marks.length,
    proposed: proposals.length,
    right: marks.length - free.size,
    missed,
    extra,
  };
}
