import type { Span } from '../clock';
import { present } from '../kernel';
import { type AttemptMark, countsAsError, isFinished, type Mark, type StoppageMark } from '../marks';
import { findPosition, findTechnique, type PositionFamily } from '../vocabulary';
import type { RoundReading } from './readRound';
import { placeIn, type RoundState } from './state';

/** Two things that cannot both be true. `markIds` are the marks concerned, the one to look at first. */
export interface Contradiction {
  readonly code:
    | 'already-past'
    | 'attack-from-below'
    | 'sweep-from-top'
    | 'both-on-top'
    | 'ends-before-start'
    | 'outside-round'
    | 'finish-without-end'
    | 'not-seen';
  readonly atSeconds: number;
  readonly markIds: readonly string[];
}

const pinFamilies: readonly PositionFamily[] = ['side-pin', 'knee-on-belly', 'mount', 'back'];

/** Contradictions in the marks, in order of time; nothing is repaired. */
export function listContradictions(reading: RoundReading): Contradiction[] {
  const found: Contradiction[] = [];
  let state: RoundState = { kind: 'unmarked' };
  let cursor = 0;
  const blame = (code: Contradiction['code'], mark: Mark, other?: string) =>
    found.push({ code, atSeconds: mark.atSeconds, markIds: other === undefined ? [mark.id] : [mark.id, other] });
  const unseen = reading.marks.filter(
    (mark): mark is StoppageMark => mark.kind === 'stoppage' && mark.offCamera === true,
  );
  for (const [index, mark] of reading.marks.entries()) {
    while (
      cursor < reading.intervals.length &&
      present(reading.intervals[cursor]).startSeconds < mark.atSeconds - 1e-9
    ) {
      state = present(reading.intervals[cursor]).state;
      cursor += 1;
    }
    if (isOutside(mark, reading.round)) blame('outside-round', mark);
    if (endsBeforeStart(mark)) blame('ends-before-start', mark);
    const impossible = mark.kind === 'attempt' ? attemptCode(mark, state) : undefined;
    if (impossible) blame(impossible, mark);
    if (isInferred(mark, unseen)) blame('not-seen', mark);
    const clash = findPositionClash(reading.marks, index);
    if (clash) blame('both-on-top', mark, clash);
    const after = findPlayAfterFinish(reading.marks, index);
    if (after) blame('finish-without-end', mark, after);
  }
  return found;
}

/** An error that nobody can have seen: from what was off camera nothing may be inferred, only asked. */
const isInferred = (mark: Mark, unseen: readonly StoppageMark[]): boolean =>
  mark.kind === 'error' &&
  countsAsError(mark) &&
  unseen.some((one) => mark.atSeconds > one.atSeconds && mark.atSeconds < one.endSeconds);

const isOutside = (mark: Mark, round: Span): boolean =>
  mark.atSeconds < round.startSeconds - 1e-6 || mark.atSeconds > round.endSeconds + 1e-6;

const endsBeforeStart = (mark: Mark): boolean =>
  'endSeconds' in mark && mark.endSeconds !== undefined && mark.endSeconds < mark.atSeconds;

function attemptCode(mark: AttemptMark, state: RoundState): Contradiction['code'] | undefined {
  const technique = findTechnique(mark.techniqueId);
  if (!technique || state.kind !== 'position') return undefined;
  const family = findPosition(state.positionId)?.family;
  const place = placeIn(state, mark.athlete);
  if (technique.class === 'passes' && place === 'over' && family && pinFamilies.includes(family)) return 'already-past';
  if (technique.class === 'sweeps' && place === 'over') return 'sweep-from-top';
  const onlyFromMount = technique.fromFamilies.length === 1 && technique.fromFamilies[0] === 'mount';
  const attacksFromMount = technique.class === 'submissions' || technique.class === 'back-takes';
  return onlyFromMount && attacksFromMount && place === 'under' ? 'attack-from-below' : undefined;
}

function findPositionClash(marks: readonly Mark[], index: number): string | undefined {
  const mark = present(marks[index]);
  const before = marks[index - 1];
  if (mark.kind !== 'position' || before?.kind !== 'position' || before.atSeconds !== mark.atSeconds) return undefined;
  return mark.holder && before.holder && mark.holder !== before.holder ? before.id : undefined;
}

/** Something that happens while play goes on; remarks and judgements may come later. */
const isPlay = (mark: Mark): boolean =>
  mark.kind === 'position' ||
  mark.kind === 'attempt' ||
  mark.kind === 'grip' ||
  mark.kind === 'chance' ||
  mark.kind === 'stoppage';

function findPlayAfterFinish(marks: readonly Mark[], index: number): string | undefined {
  const mark = present(marks[index]);
  if (mark.kind !== 'attempt' || !isFinished(mark)) return undefined;
  if (findTechnique(mark.techniqueId)?.class !== 'submissions') return undefined;
  const finishedAt = mark.endSeconds ?? mark.atSeconds;
  let at = index + 1;
  while (at < marks.length && !(isPlay(present(marks[at])) && present(marks[at]).atSeconds > finishedAt)) at += 1;
  const next = marks[at];
  if (!next || next.kind === 'stoppage') return undefined;
  const restarts = next.kind === 'position' && findPosition(next.positionId)?.family === 'standing';
  return restarts ? undefined : next.id;
}
