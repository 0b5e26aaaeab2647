'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { buildVocabularyIndex, type CallHabits } from '@/core/callline';
import type { FrameRate, Span } from '@/core/clock';
import { findLikelySwap, type Mark, type Still } from '@/core/round';
import type { RuleSet } from '@/core/scoring';
import type { Uniform } from '@/core/vocabulary';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead, usePlayheadTime } from '@/player/usePlayhead';
import { wholePicture, zoomAt } from '@/player/zoom';
import { useHouse } from '@/terms/HouseContext';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { callNames, pronounOf, shortNames } from './athleteWords';
import { textOfMark } from './CallLine';
import { type RoundClock, readable, stoppagesOf } from './clocks/clockView';
import { useClocks } from './clocks/useClocks';
import { useTimeFace } from './clocks/useTimeFace';
import type { ProposalLine } from './commentary/commentaryView';
import { useCommentary } from './commentary/useCommentary';
import { useMarkDrawing } from './drawing/useMarkDrawing';
import { useLinkProposals } from './links/useLinkProposals';
import { useLulls } from './lulls/useLulls';
import { withEndAt, withLink, withNextPunishment, withNextStage } from './markEdits';
import { useOvertime } from './overtime/useOvertime';
import type { HeaderAthlete } from './ReviewHeader';
import { type ReviewCommand, reviewKeys } from './reviewKeys';
import type { HeldMark } from './reviewReducer';
import { useScore } from './score/useScore';
import { useCalls } from './useCalls';
import { useMarkMoves } from './useMarkMoves';
import { useMarks } from './useMarks';
import { useReviewTime } from './useReviewTime';
import { useRoundReading } from './useRoundReading';
import { useStopwatch, withNextAnswerer } from './useStopwatch';
import { useStills } from './who/useStills';

export interface ReviewPageProps {
  readonly round: {
    readonly id: string;
    readonly startSeconds: number;
    readonly endSeconds: number;
    readonly uniform: Uniform;
    readonly heldOn: string;
    readonly theme: string;
    readonly plannedSeconds: number;
    readonly a: HeaderAthlete & { readonly still?: Still };
    readonly b: HeaderAthlete & { readonly still?: Still };
  };
  readonly ruleSet?: RuleSet;
  readonly footage?: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
  readonly stored: readonly HeldMark[];
  readonly clocks: readonly RoundClock[];
  readonly lulls: readonly Span[];
  readonly reactionLeadSeconds: number;
  readonly unit: 'kg' | 'lb';
  readonly firstSeconds?: number;
  readonly firstMarkId?: string;
  /** How often the academy marked each concept, and how its rounds usually go on. */
  readonly uses: Readonly<Record<string, number>>;
  readonly habits: CallHabits;
}

export type Panel = 'ledger' | 'commentary' | 'who' | 'clocks' | 'score' | 'overtime';

/** Everything that lies on the desk of a review: the footage, the marks and what they say, the panels, and the verbs of its keys. */
export function useReviewDesk({
  round,
  ruleSet,
  footage,
  stored,
  reactionLeadSeconds,
  uses,
  habits,
  ...first
}: ReviewPageProps) {
  const router = useRouter();
  const video = useRef<HTMLVideoElement>(null);
  const span = useMemo(
    () => ({ startSeconds: round.startSeconds, endSeconds: round.endSeconds }),
    [round.startSeconds, round.endSeconds],
  );
  const source = useFootageSource(footage);
  const rate = source.frameRate;
  const [zoom, setZoom] = useState(wholePicture);
  const marks = useMarks(round.id, stored);
  const { state } = marks;
  const { reading, tide, chains, outline, contradictions } = useRoundReading(state.held, span);
  const links = useLinkProposals(round.id, reading);
  const lulls = useLulls(round.id, first.lulls, reading.marks);
  const filmed = source.address !== undefined;
  const from = first.firstSeconds ?? round.startSeconds;
  const playhead = usePlayhead(video, filmed, rate, span, from, lulls.skippable);
  const clocks = useClocks(round.id, first.clocks);
  const stills = useStills(round.id, { a: round.a.still, b: round.b.still }, video);
  const house = useHouse();
  const index = useMemo(() => buildVocabularyIndex(house, uses), [house, uses]);
  const [keysOpen, setKeysOpen] = useState(false);
  const [panel, setPanel] = useState<Panel>('ledger');
  const [said, setSaid] = useState<string>();
  const moves = useMarkMoves(marks, reading, playhead, span, setSaid);
  const { selected, goTo, neighbour, replaceSelected, link } = moves;
  const names = useMemo(() => shortNames(round.a.name, round.b.name), [round.a.name, round.b.name]);
  const commentaryRound = useMemo(
    () => ({
      id: round.id,
      span,
      uniform: round.uniform,
      calledBy: { a: callNames(round.a).slice(1), b: callNames(round.b).slice(1) },
      pronouns: { a: pronounOf(round.a), b: pronounOf(round.b) },
    }),
    [round, span],
  );
  const commentary = useCommentary(commentaryRound, index, reading.marks);
  const stoppages = useMemo(() => stoppagesOf(reading.marks), [reading]);
  const score = useScore(reading, ruleSet, round.plannedSeconds);
  const overtime = useOvertime(marks, reading, ruleSet?.overtime, playhead, setSaid);
  const drawing = useMarkDrawing(marks, reading, selected, playhead, setSaid);
  const stopwatch = useStopwatch(marks, playhead, setSaid);
  const face = useTimeFace(clocks.clocks, stoppages, span);
  const likelySwap = useMemo(
    () => (contradictions.length > 0 ? findLikelySwap(span, reading.marks) : undefined),
    [contradictions, span, reading],
  );
  const calls = useCalls({
    ...{ round, span, names, reading, playhead, marks, habits, index, reactionLeadSeconds },
    onMade: (place) => {
      if (place !== undefined)
        commentary.act({ kind: 'decide', places: [place], decision: 'accepted', open: commentary.open });
      moves.stay();
    },
  });
  const isPlaying = useRef(false);
  isPlaying.current = playhead.playing;
  const [askPlaying] = useState(() => () => isPlaying.current);
  useReviewTime(round.id, askPlaying);

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
  // What the chosen error may have led to.
  const proposal = links.open.find((one) => one.errorId === state.selectedId);
  const nextQuestion = () => {
    const now = playhead.now();
    const byTime = links.open.map((one) => state.held.get(one.errorId)?.mark).filter((mark) => mark !== undefined);
    goTo(byTime.find((mark) => mark.atSeconds > now + 0.02) ?? byTime[0]);
    if (byTime.length === 0) setSaid('Every error has its consequence, or none is near.');
  };
  const confirmLink = () => {
    const error = proposal && state.held.get(proposal.errorId)?.mark;
    if (proposal && error?.kind === 'error') marks.replace(error, withLink(error, proposal.toId));
  };
  const markLull = (offCamera: boolean) => {
    if (!lull) return;
    const { startSeconds: atSeconds, endSeconds } = lull;
    const mark = { kind: 'stoppage' as const, id: crypto.randomUUID(), atSeconds, endSeconds };
    marks.add(offCamera ? { ...mark, offCamera: true } : mark);
  };
  const toggle = (wanted: Panel) => setPanel(panel === wanted ? 'ledger' : wanted);
  const act = (command: ReviewCommand, key: string) => {
    const actions: Record<ReviewCommand, () => void> = {
      call: () => (moves.linkFrom ? link() : openCall('')),
      'next-call': () => (drawing.open ? drawing.takeByKey(key) : nextCallAt(Number(key) - 1)),
      play: () => (playhead.playing ? playhead.pause() : playhead.play()),
      'frame-back': () => playhead.step(-1),
      'frame-on': () => playhead.step(1),
      'jump-back': () => playhead.jump(-5),
      'jump-on': () => playhead.jump(5),
      'mark-before': () => goTo(neighbour(-1)),
      'mark-after': () => goTo(neighbour(1)),
      slower: () => playhead.changeSpeed(-1),
      faster: () => playhead.changeSpeed(1),
      loop: playhead.toggleLoop,
      edit: () =>
        selected ? openCall(textOfMark(selected, names), selected) : setSaid('Choose a mark first, with ↑ and ↓.'),
      delete: () => (drawing.open ? drawing.remove() : selected && marks.remove(selected)),
      punished: () => replaceSelected(withNextPunishment),
      stage: () => replaceSelected(withNextStage),
      'end-here': () => replaceSelected((mark) => withEndAt(mark, playhead.now())),
      'led-to': link,
      undo: marks.undo,
      redo: marks.redo,
      commentary: () => setPanel('commentary'),
      draw: drawing.toggle,
      stopwatch: stopwatch.press,
      answerer: () => replaceSelected(withNextAnswerer),
      'turn-press': () => {
        overtime.press();
        if (overtime.rules) setPanel('overtime');
      },
      overtime: () => toggle('overtime'),
      who: () => toggle('who'),
      clocks: () => toggle('clocks'),
      times: () => setSaid(face.turn()),
      score: () =>
        score ? toggle('score') : setSaid('This round is sparring without score. Its card can give it a rule set.'),
      compare: () => router.push(`/compare?left=${round.id}&at=${playhead.now().toFixed(2)}`),
      closer: () => setZoom((now) => zoomAt(now, 1.4)),
      wider: () => setZoom((now) => zoomAt(now, 1 / 1.4)),
      'skip-lulls': playhead.toggleSkipping,
      'lull-look': () => lull && playhead.seek(lull.startSeconds - 1),
      yes: () => (proposal ? confirmLink() : markLull(false)),
      'next-question': nextQuestion,
      'lull-unseen': () => markLull(true),
      no: () => (proposal ? links.wave(proposal) : lull && lulls.wave(lull)),
      'close-review': () => router.push(`/rounds/${round.id}/closing`),
      find: () => router.push('/search'),
      keys: () => setKeysOpen(true),
      leave: () => {
        moves.unlink();
        drawing.close();
        stopwatch.drop();
        setSaid(undefined);
        stills.draw(undefined);
        marks.select(undefined);
      },
    };
    actions[command]();
  };
  useKeyCommands(reviewKeys, act);

  const seconds = usePlayheadTime(playhead, 0.5);
  const currentId = useMemo(
    () => [...reading.marks].reverse().find((mark) => mark.atSeconds <= seconds + 0.5)?.id,
    [reading, seconds],
  );
  const nextCallAt = (position: number) => {
    const next = calls.next[position];
    if (next) openCall(`${next.text} `);
  };
  const shownClock = clocks.clocks.flatMap((one) => readable(one, stoppages) ?? [])[0];
  const toLedger = () => {
    stills.draw(undefined);
    setPanel('ledger');
  };
  return {
    ...{ round, span, names, ready, video, source, filmed, rate, zoom, setZoom, playhead },
    ...{ marks, reading, tide, chains, outline, contradictions, likelySwap, score, overtime, drawing, stoppages },
    ...{
      lulls,
      lull,
      markLull,
      links,
      proposal,
      confirmLink,
      clocks,
      shownClock,
      stills,
      face,
      moves,
      goTo,
      neighbour,
    },
    ...{ commentary, accept, takeBack, index, calls, openCall, currentId, act },
    ...{ panel, setPanel, toLedger, said, keysOpen, setKeysOpen },
  };
}
export type ReviewDesk = ReturnType<typeof useReviewDesk>;
