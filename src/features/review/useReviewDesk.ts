'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { buildVocabularyIndex, type CallHabits, emptyVocabularyIndex } from '@/core/callline';
import type { FrameRate, Span } from '@/core/clock';
import type { WeightUnit } from '@/core/kernel';
import type { Homework } from '@/core/reviewing';
import type { Circumstances, Mark, Still } from '@/core/round';
import type { RuleSet } from '@/core/scoring';
import type { Uniform } from '@/core/vocabulary';
import { useKeptPage } from '@/offline/useKeptPage';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead, usePlayheadTime } from '@/player/usePlayhead';
import { wholePicture } from '@/player/zoom';
import type { HeldMark } from '@/session/marksState';
import { addressOf } from '@/sync/marksAddress';
import { dayWords } from '@/terms/dayWords';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { callNames, pronounOf, shortNames } from './athleteWords';
import { clockGroundOf, type RoundClock, readable } from './clocks/clockView';
import { useClocks } from './clocks/useClocks';
import { useTimeFace } from './clocks/useTimeFace';
import type { ProposalLine } from './commentary/commentaryView';
import { useCommentary } from './commentary/useCommentary';
import { useMarkDrawing } from './drawing/useMarkDrawing';
import { useLedgerFilter } from './ledger/useLedgerFilter';
import { useLulls } from './lulls/useLulls';
import { useOvertime } from './overtime/useOvertime';
import { useQuestions } from './questions/useQuestions';
import type { HeaderAthlete } from './ReviewHeader';
import { useScore } from './score/useScore';
import { useCalls } from './useCalls';
import { useMarkMoves } from './useMarkMoves';
import { useMarks } from './useMarks';
import { useReviewTime } from './useReviewTime';
import { useRoundEnd } from './useRoundEnd';
import { useRoundReading } from './useRoundReading';
import { useSecondPass } from './useSecondPass';
import { useStopwatch } from './useStopwatch';
import { useLikelySwap } from './who/useLikelySwap';
import { useStills } from './who/useStills';

export interface ReviewPageProps {
  readonly round: {
    readonly id: string;
    readonly version: number;
    readonly startSeconds: number;
    readonly endSeconds: number;
    readonly uniform: Uniform;
    readonly heldOn: string;
    readonly theme: string;
    readonly plannedSeconds?: number;
    readonly circumstances: Circumstances;
    readonly a: HeaderAthlete & { readonly still?: Still };
    readonly b: HeaderAthlete & { readonly still?: Still };
  };
  readonly ruleSet?: RuleSet;
  readonly footage?: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
  readonly stored: readonly HeldMark[];
  readonly clocks: readonly RoundClock[];
  readonly lulls: readonly Span[];
  readonly reactionLeadSeconds: number;
  readonly unit: WeightUnit;
  readonly firstSeconds?: number;
  readonly firstMarkId?: string;
  /** How often the academy marked each concept, and how its rounds usually go on. */
  readonly uses: Readonly<Record<string, number>>;
  readonly habits: CallHabits;
  readonly homework: readonly Homework[];
  /** How long this coach has looked at this round before. */
  readonly spentSeconds: number;
  /** Set while this is a blind second review: its marks lie apart. */
  readonly second?: { readonly id: string };
  /** Whose review this is: what waits on this machine is sent as theirs only. */
  readonly coachId: string;
}

export type Panel =
  | 'ledger'
  | 'commentary'
  | 'who'
  | 'clocks'
  | 'score'
  | 'overtime'
  | 'causes'
  | 'figures'
  | 'history';

/** Everything that lies on the desk of a review: the footage, the marks and what they say, the panels, and the verbs of its keys. */
export function useReviewDesk({
  round,
  ruleSet,
  footage,
  stored,
  reactionLeadSeconds,
  uses,
  habits,
  second,
  coachId,
  ...first
}: ReviewPageProps) {
  const video = useRef<HTMLVideoElement>(null);
  const span = useMemo(
    () => ({ startSeconds: round.startSeconds, endSeconds: round.endSeconds }),
    [round.startSeconds, round.endSeconds],
  );
  const source = useFootageSource(footage);
  const rate = source.frameRate;
  const [zoom, setZoom] = useState(wholePicture);
  const address = useMemo(() => addressOf(round.id, second?.id), [round.id, second]);
  const marks = useMarks(address, stored, coachId);
  const { state } = marks;
  const { reading, settled, tide, chains, outline, contradictions } = useRoundReading(state.held, span);
  const { restrictions } = round.circumstances;
  const asked = { roundId: address.scopeId, reading: settled, contradictions, restrictions, theme: round.theme };
  const questions = useQuestions(asked, marks);
  const lulls = useLulls(round.id, first.lulls, reading.marks);
  const filmed = source.address !== undefined;
  const from = first.firstSeconds ?? round.startSeconds;
  const playhead = usePlayhead(video, filmed, rate, span, from, lulls.skippable);
  const clocks = useClocks(round.id, first.clocks, marks.record);
  const stills = useStills(round.id, { a: round.a.still, b: round.b.still }, video, marks.record);
  const house = useHouse();
  const wordOf = useWordOf();
  // The picture that the server draws of the page takes no calls: it needs no words.
  const index = useMemo(
    () => (typeof window === 'undefined' ? emptyVocabularyIndex : buildVocabularyIndex(house, uses)),
    [house, uses],
  );
  const [keysOpen, setKeysOpen] = useState(false);
  const [panel, setPanel] = useState<Panel>('ledger');
  const [tideOf, setTideOf] = useState<'a' | 'b'>('a');
  const [said, setSaid] = useState<string>();
  const filter = useLedgerFilter(reading.marks, outline, contradictions, wordOf);
  const moves = useMarkMoves({
    ...{ marks, reading, shown: filter.shown, playhead, span, reactionLeadSeconds },
    say: setSaid,
  });
  const { selected, goTo } = moves;
  const names = useMemo(() => shortNames(round.a.name, round.b.name), [round.a.name, round.b.name]);
  const commentaryRound = useMemo(
    () => ({
      id: address.scopeId,
      span,
      uniform: round.uniform,
      calledBy: { a: callNames(round.a).slice(1), b: callNames(round.b).slice(1) },
      pronouns: { a: pronounOf(round.a), b: pronounOf(round.b) },
    }),
    [round, address, span],
  );
  const spoken = useMemo(() => ({ house, uses }), [house, uses]);
  const commentary = useCommentary(commentaryRound, index, spoken, reading.marks);
  const clockGround = useMemo(() => clockGroundOf(reading.marks), [reading]);
  const score = useScore(settled, ruleSet, round.plannedSeconds ?? span.endSeconds - span.startSeconds);
  const overtime = useOvertime(marks, reading, ruleSet?.overtime, playhead, setSaid);
  const drawing = useMarkDrawing(marks, reading, selected, playhead, setSaid);
  const stopwatch = useStopwatch(marks, playhead, setSaid);
  const secondPass = useSecondPass(marks, reading, moves, playhead, setSaid);
  const face = useTimeFace(clocks.clocks, clockGround, span);
  const likelySwap = useLikelySwap(settled, contradictions);
  const endRound = useRoundEnd(round, span, marks.record, setSaid);
  const calls = useCalls({
    ...{ round, span, names, reading, playhead, marks, habits, index, reactionLeadSeconds },
    onMade: (place) => {
      if (place !== undefined)
        commentary.act({ kind: 'decide', places: [place], decision: 'accepted', open: commentary.open });
      moves.stay();
    },
    // A second reading of the round leaves its card alone.
    onRoundOver: (atSeconds) => (second ? undefined : void endRound(atSeconds)),
  });
  const isPlaying = useRef(false);
  isPlaying.current = playhead.playing;
  const [askPlaying] = useState(() => () => isPlaying.current);
  useKeptPage(`${names.a} and ${names.b}, ${dayWords(round.heldOn)}`, source.address, askPlaying);
  const furthest = useRef(0);
  const spentSeconds = useReviewTime(round.id, askPlaying, first.spentSeconds);

  // Keys work from here on: before, the page is only a picture of itself.
  const [ready, setReady] = useState(false);
  useEffect(() => setReady(true), []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: only the first opening of the page looks at the address
  useEffect(() => {
    if (first.firstMarkId) marks.select(first.firstMarkId);
  }, []);

  const openCall = (text: string, editing?: Mark) => {
    setSaid(undefined);
    calls.open(text, editing);
  };
  const accept = (lines: readonly ProposalLine[]) => {
    if (lines.length === 0) return;
    marks.addAll(lines.map(({ draft }) => ({ ...draft, id: crypto.randomUUID() }) as Mark));
    const places = lines.map((line) => line.place);
    commentary.act({ kind: 'decide', places, decision: 'accepted', open: commentary.open });
  };
  const takeBack = () => {
    const step = commentary.work?.steps.at(-1);
    if (step?.added) marks.undo();
    commentary.act({ kind: 'take-back' });
  };
  const lull = lulls.open[0];
  /** What the chosen mark asks. */
  const question = questions.of(state.selectedId);
  const nextQuestion = () => {
    const now = playhead.now();
    const asking = questions.open
      .flatMap((one) => state.held.get(one.markId)?.mark ?? [])
      .sort((one, other) => one.atSeconds - other.atSeconds);
    goTo(asking.find((mark) => mark.atSeconds > now + 0.02) ?? asking[0]);
    if (asking.length === 0)
      setSaid('Nothing is asked: no doubt is open, and every error has its consequence, or none is near.');
  };
  const markLull = (offCamera: boolean) => {
    if (!lull) return;
    const { startSeconds: atSeconds, endSeconds } = lull;
    const mark = { kind: 'stoppage' as const, id: crypto.randomUUID(), atSeconds, endSeconds };
    marks.add(offCamera ? { ...mark, offCamera: true } : mark);
  };
  const nextCallAt = (position: number) => {
    const next = calls.next[position];
    if (next) openCall(`${next.text} `);
  };
  const shownClock = clocks.clocks.flatMap((one) => readable(one, clockGround) ?? [])[0];
  const toLedger = () => {
    stills.draw(undefined);
    setPanel('ledger');
  };
  const seconds = usePlayheadTime(playhead, 0.5);
  const currentId = useMemo(
    () => reading.marks.findLast((mark) => mark.atSeconds <= seconds + 0.5)?.id,
    [reading, seconds],
  );
  furthest.current = Math.max(
    furthest.current,
    seconds - span.startSeconds,
    ...reading.marks.slice(-1).map((mark) => mark.atSeconds - span.startSeconds),
  );
  // The first half minute of work says nothing about a pace.
  const pace = spentSeconds >= 30 && furthest.current >= 20 ? spentSeconds / furthest.current : undefined;
  return {
    ...{ round, ruleSet, second, address, span, names, ready, video, source, filmed, rate, zoom, setZoom, playhead },
    ...{
      marks,
      reading,
      tide,
      chains,
      contradictions,
      likelySwap,
      score,
      overtime,
      drawing,
      stopwatch,
      clockGround,
    },
    ...{ lulls, lull, markLull, questions, question, nextQuestion, clocks, shownClock, stills, face, moves, goTo },
    ...{ commentary, accept, takeBack, index, calls, openCall, nextCallAt, currentId, filter, secondPass },
    ...{ panel, setPanel, toLedger, said, setSaid, keysOpen, setKeysOpen, tideOf, setTideOf, pace },
    homework: first.homework,
  };
}
export type ReviewDeskParts = ReturnType<typeof useReviewDesk>;
