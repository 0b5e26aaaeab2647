import type { MarkDraft } from '@/core/callline';
import { formatClock, type Span } from '@/core/clock';
import {
  certaintyOf,
  FOLDED_CERTAINTY,
  mediaTimeOf,
  type Proposal,
  SURE_CERTAINTY,
  type TimedTextProblem,
  type TimedTextRemark,
} from '@/core/commentary';
import { conceptIdOf, type Mark } from '@/core/round';
import { isUnnamed } from '@/core/vocabulary';
import type { CommentaryWork, Decision } from './commentaryState';

/** A proposal as it stands on the footage: where its mark would go, and whether it can. */
export interface ProposalLine {
  readonly place: number;
  readonly proposal: Proposal;
  readonly draft: MarkDraft;
  /** How likely it is right, 0 to 1. */
  readonly certainty: number;
  readonly decision?: Decision;
  readonly outside: boolean;
  /** The ledger has that mark already, within six seconds. */
  readonly marked: boolean;
}

const SAME_MARK_SECONDS = 6;

export function proposalLines(
  work: CommentaryWork,
  proposals: readonly Proposal[],
  span: Span,
  marks: readonly Mark[],
  weights?: readonly number[],
): ProposalLine[] {
  return proposals.map((proposal, place) => {
    const atSeconds = mediaTimeOf(proposal.draft.atSeconds, work.tie);
    const draft = movedTo(proposal.draft, atSeconds);
    const id = conceptIdOf({ ...draft, id: '' } as Mark);
    const marked = marks.some(
      (mark) =>
        conceptIdOf(mark) === id &&
        Math.abs(mark.atSeconds - atSeconds) <= SAME_MARK_SECONDS &&
        sameAthlete(mark, draft),
    );
    const outside = atSeconds < span.startSeconds || atSeconds > span.endSeconds;
    const certainty = certaintyOf(proposal.features, weights);
    return { place, proposal, draft, certainty, decision: work.decisions[place], outside, marked };
  });
}

/** The same mark at another moment; what has an end keeps its length. */
export const movedTo = (draft: MarkDraft, atSeconds: number): MarkDraft =>
  'endSeconds' in draft && draft.endSeconds !== undefined
    ? { ...draft, atSeconds, endSeconds: draft.endSeconds + atSeconds - draft.atSeconds }
    : { ...draft, atSeconds };

const sameAthlete = (mark: Mark, draft: MarkDraft): boolean =>
  mark.kind === 'position' && draft.kind === 'position'
    ? mark.holder === draft.holder
    : 'athlete' in mark && 'athlete' in draft && mark.athlete === draft.athlete;

/** Places that wait for a decision: not decided, inside the round, not in the ledger yet. */
export const openPlaces = (lines: readonly ProposalLine[]): number[] =>
  lines.filter((line) => !line.decision && !line.outside && !line.marked).map((line) => line.place);

export type Sureness = 'sure' | 'likely' | 'unsure';
export const surenessOf = ({ certainty }: Pick<ProposalLine, 'certainty'>): Sureness =>
  certainty >= SURE_CERTAINTY ? 'sure' : certainty >= FOLDED_CERTAINTY ? 'likely' : 'unsure';
const surenesses: readonly Sureness[] = ['sure', 'likely', 'unsure'];

/** The cards as they are gone through: sure ones first, then likely ones, each in order of time, so that the footage runs forward; the unsure only when they are asked for. */
export const inOrder = (lines: readonly ProposalLine[], withUnsure: boolean): ProposalLine[] =>
  surenesses
    .filter((one) => withUnsure || one !== 'unsure')
    .flatMap((one) => lines.filter((line) => surenessOf(line) === one));

const inTheseWords: Partial<Record<MarkDraft['kind'], string>> = {
  error: 'a fault, in these words',
  strength: 'done well, in these words',
  chance: 'missed, in these words',
};

/** Another reading of a card in a few words; `name` is what its mark is called. */
export function otherText(draft: MarkDraft, name: string): string {
  const id = conceptIdOf({ ...draft, id: '' } as Mark);
  const verdict = inTheseWords[draft.kind];
  if (verdict && id !== undefined && isUnnamed(id)) return verdict;
  return draft.kind === 'chance' ? `missed: ${name}` : name;
}

/** Whether the words say too seldom who is meant: the commentary of another round, or names that nobody knows. */
export const namesNobody = (lines: readonly ProposalLine[]): boolean =>
  lines.length >= 6 && lines.filter((line) => line.proposal.named).length < lines.length / 5;

/** What keeps a file from being read, and what to do. Nothing of the round changes. */
export function fileProblemText(problem: TimedTextProblem, name: string): string {
  switch (problem.code) {
    case 'binary':
      return `“${name}” is no text: it looks like a film, a picture or an archive. Choose the .vtt, .srt, .csv or .txt file with the words.`;
    case 'too-large':
      return `“${name}” is larger than ${problem.mostBytes / 1_000_000} MB, more than ten hours of talk. Cut it, then drop the part of this round.`;
    case 'empty':
      return `“${name}” is empty. Choose the file with the words.`;
    case 'no-times':
      return `“${name}” has no line with a time, like “[2:05] ana passes”. Add times, or export it as WebVTT or SRT.`;
    case 'no-columns':
      return `“${name}” has no column of times beside one of words. Call them “time” and “words” in its first row, with times like 2:05 or seconds.`;
  }
}

/** What was strange in a file that could be read; one sentence, with the first line concerned. */
export function remarkSentence(remarks: readonly TimedTextRemark[]): string | undefined {
  const parts: string[] = [];
  const lines = (code: TimedTextRemark['code']) => remarks.filter((one) => one.code === code);
  const first = (found: readonly TimedTextRemark[]) => (found[0] && 'line' in found[0] ? found[0].line : 0);
  const untimed = lines('without-time');
  if (untimed.length > 0)
    parts.push(
      `${count(untimed, 'line without a time was', 'lines without a time were')} left aside (first: line ${first(untimed)})`,
    );
  const reversed = lines('ends-before-start');
  if (reversed.length > 0)
    parts.push(
      `${count(reversed, 'line ends', 'lines end')} before the beginning (first: line ${first(reversed)}), so the start is used`,
    );
  const disordered = lines('out-of-order');
  if (disordered.length > 0)
    parts.push(
      `${count(disordered, 'time ran', 'times ran')} backwards (first: line ${first(disordered)}); the order was mended`,
    );
  const impossible = lines('no-such-time');
  if (impossible.length > 0)
    parts.push(
      `${count(impossible, 'time does', 'times do')} not exist (first: line ${first(impossible)}): minutes and seconds go to 59`,
    );
  const guessed = remarks.find((one) => one.code === 'guessed-encoding');
  const taken = remarks.find((one) => one.code === 'from-columns');
  if (taken?.code === 'from-columns') parts.push(`times come from “${taken.time}”, words from “${taken.words}”`);
  if (guessed && guessed.code === 'guessed-encoding') parts.push(`the letters were read as ${guessed.encoding}`);
  return parts.length > 0 ? `${parts.join('; ')}.` : undefined;
}

const count = (found: readonly unknown[], one: string, many: string): string =>
  found.length === 1 ? `1 ${one}` : `${found.length} ${many}`;

/** Where the commentary lies on the footage, in words. */
export function tieWords(work: CommentaryWork): string {
  const { offsetSeconds, pauses } = work.tie;
  const start = `begins at ${offsetSeconds < 0 ? '−' : ''}${formatClock(Math.abs(offsetSeconds))} of the footage`;
  const stood = pauses.reduce((sum, pause) => sum + pause.seconds, 0);
  return stood > 0 ? `${start}, the footage stood for ${stood} s` : start;
}
