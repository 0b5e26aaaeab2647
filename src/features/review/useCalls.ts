'use client';

import { useCallback, useRef, useState } from 'react';
import { type CallContext, type CallHabits, listNextCalls, type MarkDraft, phraseMark } from '@/core/callline';
import type { Span } from '@/core/clock';
import {
  type AttemptMark,
  conceptIdOf,
  findIntervalAt,
  linksOf,
  type Mark,
  type RoundReading,
  type RoundState,
} from '@/core/round';
import type { Uniform } from '@/core/vocabulary';
import type { Playhead } from '@/player/usePlayhead';
import { useWordOf } from '@/terms/HouseContext';
import { callNames } from './athleteWords';
import type { CallTies, OpenCall } from './CallLine';
import { withLink } from './markEdits';
import type { HeaderAthlete } from './ReviewHeader';
import type { Names } from './reviewView';
import type { useMarks } from './useMarks';
import type { Meant } from './words/useLearning';

export interface CallsOptions {
  readonly round: { readonly uniform: Uniform; readonly a: HeaderAthlete; readonly b: HeaderAthlete };
  readonly span: Span;
  readonly names: Names;
  readonly reading: RoundReading;
  readonly playhead: Playhead;
  readonly marks: ReturnType<typeof useMarks>;
  readonly habits: CallHabits;
  readonly reactionLeadSeconds: number;
  /** A call has become a mark, or has taken the place of the proposal that it was opened for. */
  readonly onMade: (proposal: number | undefined) => void;
  /** Words were read as something else than what was meant. */
  readonly onMeant: (meant: Meant) => void;
  /** A call said that the time is over. */
  readonly onRoundOver: (atSeconds: number) => void;
}

/** The call line: what opens it, at which moment, and what becomes of what is written. */
export function useCalls(options: CallsOptions) {
  const { round, span, names, reading, playhead, marks, habits, reactionLeadSeconds, onMade, onMeant, onRoundOver } =
    options;
  const wordOf = useWordOf();
  const [call, setCall] = useState<OpenCall>();
  const [resume, setResume] = useState(false);
  // The proposal that the call line corrects: the mark that it makes takes the proposal's place.
  const correcting = useRef<number | undefined>(undefined);
  const lately = useRef<CalledLately | undefined>(undefined);

  const contextAt = useCallback(
    (seconds: number): CallContext => ({
      uniform: round.uniform,
      state: stateAt(reading, seconds),
      stateAt: (other) => stateAt(reading, other),
      calledBy: { a: callNames(round.a), b: callNames(round.b) },
      atSeconds: seconds,
      roundStartSeconds: span.startSeconds,
      marks: reading.marks,
    }),
    [reading, round, span],
  );

  const open = (text: string, editing?: Mark) => {
    const lead = playhead.playing ? reactionLeadSeconds : 0;
    setResume(playhead.playing);
    playhead.pause();
    setCall({ atSeconds: editing?.atSeconds ?? Math.max(span.startSeconds, playhead.now() - lead), text, editing });
  };
  const close = () => {
    setCall(undefined);
    correcting.current = undefined;
    if (resume) playhead.play();
  };
  const correct = (place: number, draft: MarkDraft) => {
    correcting.current = place;
    const called = { a: names.a.toLowerCase(), b: names.b.toLowerCase() };
    playhead.pause();
    setResume(false);
    setCall({
      atSeconds: draft.atSeconds,
      text: phraseMark({ ...draft, id: 'proposal' } as Mark, called, wordOf),
    });
  };
  const commit = (draft: MarkDraft, editing: Mark | undefined, ties: CallTies) => {
    const { causeId, finishesId, furthersId, endsRound, meant, words } = ties;
    const going = editing ? undefined : reading.marks.find((one) => one.id === (finishesId ?? furthersId));
    const mark = { ...draft, ...keptOf(editing, draft), id: editing?.id ?? crypto.randomUUID() } as Mark;
    const cause = causeId ? reading.marks.find((one) => one.id === causeId) : undefined;
    const rewritten = editing && meantByRewriting(lately.current, mark);
    if (meant ?? rewritten) onMeant((meant ?? rewritten) as Meant);
    lately.current =
      words && !editing ? { markId: mark.id, words, conceptId: conceptIdOf(mark), at: Date.now() } : undefined;
    if (editing) marks.replace(editing, mark);
    else if (going?.kind === 'attempt') marks.replace(going, (furthersId ? furtheredBy : endedBy)(going, draft));
    else if (going?.kind === 'stoppage' && draft.kind === 'stoppage')
      marks.replace(going, { ...going, endSeconds: draft.endSeconds });
    else marks.add(mark, cause && withLink(cause, mark.id));
    if (endsRound && !editing) onRoundOver(mark.atSeconds);
    onMade(correcting.current);
    close();
  };

  /** What is likely called next at a moment. */
  const nextAt = useCallback(
    (seconds: number) => {
      const state = stateAt(reading, seconds + 0.5);
      const before = reading.marks.filter((mark) => mark.atSeconds <= seconds + 0.5 && conceptIdOf(mark));
      const people = { a: round.a.personId, b: round.b.personId };
      const moment = { state, last: before.at(-1), beforeLast: before.at(-2), people };
      const called = { a: names.a.toLowerCase(), b: names.b.toLowerCase() };
      return listNextCalls(habits, moment, round.uniform, called, wordOf);
    },
    [reading, round, names, habits, wordOf],
  );

  return { call, contextAt, open, close, correct, commit, nextAt };
}

/** The call that was marked last. */
interface CalledLately {
  readonly markId: string;
  readonly words: string;
  readonly conceptId: string | undefined;
  readonly at: number;
}
/** Who rewrites a mark so soon corrects how it was read; later it is another judgement. @source own decision */
const CORRECTED_WITHIN_MS = 60_000;

/** What the words of a call meant, when its mark was rewritten at once to name something else. */
function meantByRewriting(called: CalledLately | undefined, mark: Mark): Meant | undefined {
  const conceptId = conceptIdOf(mark);
  if (!called || called.markId !== mark.id || !conceptId || conceptId === called.conceptId) return undefined;
  return Date.now() - called.at <= CORRECTED_WITHIN_MS ? { words: called.words, conceptId } : undefined;
}

const stateAt = (reading: RoundReading, seconds: number): RoundState =>
  findIntervalAt(reading, seconds)?.state ?? { kind: 'unmarked' };

/** The attempt that was on, ended by the tap that was called; what was remarked is kept. */
function endedBy(attempt: AttemptMark, draft: MarkDraft): AttemptMark {
  const how = draft.kind === 'attempt' ? { stage: draft.stage, end: draft.end, tapCause: draft.tapCause } : {};
  return { ...attempt, ...how, endSeconds: draft.atSeconds, ...bothRemarks(attempt, draft) };
}

/** The attempt that was on, come so far as the call says, at its moment. */
function furtheredBy(attempt: AttemptMark, draft: MarkDraft): AttemptMark {
  if (draft.kind !== 'attempt') return attempt;
  const at = draft.stage === 'locked' ? { lockedSeconds: draft.atSeconds } : { controlSeconds: draft.atSeconds };
  return { ...attempt, stage: draft.stage, ...at, ...bothRemarks(attempt, draft) };
}

function bothRemarks(attempt: AttemptMark, draft: MarkDraft): { note?: string } {
  const note = [attempt.note, draft.note].filter(Boolean).join(' - ');
  return note ? { note } : {};
}

/** What a rewritten mark keeps of the one it was: links and the end are not part of the words. */
function keptOf(editing: Mark | undefined, draft: MarkDraft): object {
  if (!editing) return {};
  const drawing = editing.drawing ? { drawing: editing.drawing } : {};
  const ledTo = [...new Set([...linksOf(editing), ...(draft.ledTo ?? [])])];
  const links = ledTo.length > 0 ? { ledTo } : {};
  const keepsEnd = editing.kind === draft.kind && (editing.kind === 'attempt' || editing.kind === 'turn');
  return { ...drawing, ...links, ...(keepsEnd ? { endSeconds: editing.endSeconds } : {}) };
}
