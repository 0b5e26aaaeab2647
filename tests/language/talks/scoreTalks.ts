import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { buildVocabularyIndex } from '../../../src/core/callline';
import {
  type CommentaryContext,
  type Features,
  hearReadings,
  type Proposal,
  parseTimedText,
  readCommentary,
} from '../../../src/core/commentary';
import { asTold } from '../../../src/core/resemblance';
import { conceptIdOf, type Mark, placeOfRole, roleIn } from '../../../src/core/round';
import { findPosition, isUnnamed, plainHouse } from '../../../src/core/vocabulary';

const folder = path.resolve('tests/language/talks');
/** Nobody looks at these while the reader is made. */
export const talksApart: readonly string[] = ['t05', 't08'];

interface Label {
  readonly lengthSeconds: number;
  readonly uniform: 'gi' | 'no-gi';
  readonly format: string;
  readonly speaker: 'third' | 'a' | 'b';
  readonly you?: string;
  readonly a: { readonly name: string; readonly aka: readonly string[]; readonly pronoun: 'he' | 'she' };
  readonly b: { readonly name: string; readonly aka: readonly string[]; readonly pronoun: 'he' | 'she' };
  readonly marks: readonly ToldMark[];
}

export const listTalks = (): string[] =>
  readdirSync(folder)
    .filter((file) => /^t\d+\.json$/.test(file))
    .map((file) => file.slice(0, -5))
    .sort();

/** A talk as a coach drops it who said who is who before. */
function openTalk(talk: string) {
  const label = JSON.parse(readFileSync(path.join(folder, `${talk}.json`), 'utf8')) as Label;
  const parsed = parseTimedText(readFileSync(path.join(folder, `${talk}.${label.format}`), 'utf8'));
  if (!('cues' in parsed)) throw new Error(`openTalk: ${talk} cannot be read`);
  const called = (who: 'a' | 'b') => [label[who].name, ...label[who].aka].flatMap((name) => name.toLowerCase());
  const context: CommentaryContext = {
    uniform: label.uniform,
    calledBy: { a: called('a'), b: called('b') },
    ...(label.speaker === 'third' ? {} : { speaks: label.speaker }),
    ...(label.you === 'a' || label.you === 'b' ? { you: label.you } : {}),
    pronouns: { a: label.a.pronoun, b: label.b.pronoun },
  };
  return { label, cues: parsed.cues, context };
}

const vocabulary = buildVocabularyIndex(plainHouse, {}, asTold);

export const lengthSecondsOf = (talk: string): number => openTalk(talk).label.lengthSeconds;

/** What is proposed for a talk. */
export function proposeFor(talk: string): readonly Proposal[] {
  const { cues, context } = openTalk(talk);
  return readCommentary(cues, vocabulary, context);
}

type Judgeable = Pick<Proposal, 'draft' | 'features'> & Partial<Pick<Proposal, 'others'>>;

/** Every reading of a talk, those too that become no card, or only the cards; each with whether it answers a mark by the rules of score.mjs. */
export function judgedReadings(
  talk: string,
  hear: (...talk: Parameters<typeof readCommentary>) => readonly Judgeable[] = hearReadings,
): { readonly features: Features; readonly right: boolean }[] {
  const { label, cues, context } = openTalk(talk);
  return hear(cues, vocabulary, context).map((reading) => {
    const one = told(reading);
    return { features: reading.features, right: label.marks.some((mark) => answers(one, mark)) };
  });
}

const verdictOf = (kind: string): string => ({ error: 'error', chance: 'missed', strength: 'good' })[kind] ?? 'neutral';

/** Whose a mark is in the labels: on top or attacking, for guards and the turtle the one below. */
function whoseOf(mark: Proposal['draft']): string {
  if (mark.kind !== 'position') return 'athlete' in mark ? (mark.athlete ?? 'both') : 'both';
  const { positionId, holder } = mark;
  if (holder === undefined) return 'both';
  const isBelow = /guard|turtle/.test(findPosition(positionId)?.family ?? '');
  const wanted = isBelow ? 'under' : 'over';
  return placeOfRole(roleIn(positionId, holder, 'a')) === wanted ? 'a' : 'b';
}

/** A proposal in the words of score.mjs. */
function told({ draft, others = [] }: Pick<Judgeable, 'draft' | 'others'>) {
  const one = ({ ...mark }: Proposal['draft']) => {
    const id = conceptIdOf({ ...mark, id: 'x' } as Mark);
    const named = id && (!isUnnamed(id) || mark.kind === 'attempt') && id !== 'unnamed-chance' ? id : null;
    return {
      kind: mark.kind === 'ruling' || mark.kind === 'board' ? 'points' : mark.kind,
      id: named,
      about: mark.note ?? null,
      athlete: whoseOf(mark),
      verdict: verdictOf(mark.kind),
    };
  };
  return { t: draft.atSeconds, ...one(draft), others: others.slice(0, 3).map(one) };
}

interface ToldMark {
  readonly t: number;
  readonly kind: string;
  readonly id: string | null;
  readonly about: string;
  readonly words: string;
  readonly verdict: string;
  readonly accept?: readonly string[];
}

const families: Readonly<Record<string, string>> = { chance: 'error', position: 'attempt' };
const bodyParts = new Set(
  'arm arms leg legs hip hips head neck hand hands foot feet knee knees elbow elbows back base post hook hooks grip grips'.split(
    ' ',
  ),
);
const tellingWords = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length >= 5 || bodyParts.has(word));

/** The rule of score.mjs: the same family within its time, the same entry, or where one of the two has none the same verdict about the same thing. */
function answers(one: ReturnType<typeof told>, mark: ToldMark): boolean {
  const gap = one.t - mark.t;
  const familyOf = (kind: string) => families[kind] ?? kind;
  if (gap < -5 || gap > 8 || familyOf(one.kind) !== familyOf(mark.kind)) return false;
  if (one.id && [mark.id, ...(mark.accept ?? [])].includes(one.id)) return true;
  if (mark.id && one.id) return false;
  if (familyOf(mark.kind) === 'error' && one.verdict !== mark.verdict) return false;
  const theirs = new Set(tellingWords(`${mark.about} ${mark.words}`));
  return tellingWords(`${one.about ?? ''} ${(one.id ?? '').replaceAll('-', ' ')}`).some((word) => theirs.has(word));
}

/** What score.mjs says of talks, one line each and one for all of them. */
export function scoreTalks(talks: readonly string[]): string[] {
  const scratch = mkdtempSync(path.join(tmpdir(), 'owl-talks-'));
  const pairs = talks.flatMap((talk) => {
    const file = path.join(scratch, `${talk}.json`);
    writeFileSync(file, JSON.stringify(proposeFor(talk).map(told)));
    return [path.join(folder, `${talk}.json`), file];
  });
  const said = execFileSync(process.execPath, [path.join(folder, '..', 'score.mjs'), ...pairs], { encoding: 'utf8' });
  rmSync(scratch, { recursive: true });
  return said.trim().split('\n');
}
