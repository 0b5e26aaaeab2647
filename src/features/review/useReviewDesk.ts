'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import type { CallHabits } from '@/core/callline';
import type { FrameRate, Span } from '@/core/clock';
import type { WeightUnit } from '@/core/kernel';
import type { SavedPiece } from '@/core/reel';
import type { Homework } from '@/core/reviewing';
import type { Circumstances, Mark, Still } from '@/core/round';
import type { RuleSet } from '@/core/scoring';
import type { Uniform } from '@/core/vocabulary';
import { useKeptPage } from '@/offline/useKeptPage';
import type { Looking } from '@/player/useFootageSource';
import type { HeldMark } from '@/session/marksState';
import { addressOf } from '@/sync/marksAddress';
import { dayWords } from '@/terms/dayWords';
import { useReady } from '@/ui/keys/useReady';
import { shortNames } from './athleteWords';
import { useMarkDrawing } from './drawing/useMarkDrawing';
import { useLedgerFilter } from './ledger/useLedgerFilter';
import { clockGroundOf, type RoundClock, readable } from './panels/clocks/clockView';
import { useClocks } from './panels/clocks/useClocks';
import { useTimeFace } from './panels/clocks/useTimeFace';
import type { RoundTalk } from './panels/commentary/talk/talkState';
import { useTalks } from './panels/commentary/talk/useTalks';
import { useOvertime } from './panels/overtime/useOvertime';
import { useScore } from './panels/score/useScore';
import { useLikelySwap } from './panels/who/useLikelySwap';
import { useStills } from './panels/who/useStills';
import type { HeaderAthlete } from './ReviewHeader';
import { useCalls } from './useCalls';
import { useCardChanges } from './useCardChanges';
import { useDeskCommentary } from './useDeskCommentary';
import { useDeskFilm } from './useDeskFilm';
import { useDeskQuestions } from './useDeskQuestions';
import { useDeskWords } from './useDeskWords';
import { useMarkMoves } from './useMarkMoves';
import { useMarks } from './useMarks';
import { useReviewTime } from './useReviewTime';
import { useRoundEnd } from './useRoundEnd';
import { useRoundReading } from './useRoundReading';
import { useSecondPass } from './useSecondPass';
import { useStopwatch } from './useStopwatch';
import { useToClosing } from './useToClosing';

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
  /** What decisions on cards of talks taught this academy. */
  readonly weights: readonly number[] | undefined;
  readonly talks: readonly RoundTalk[];
  readonly homework: readonly Homework[];
  /** How long this coach has looked at this round before. */
  readonly spentSeconds: number;
  /** Set while this is a blind second review: its marks lie apart. */
  readonly second?: { readonly id: string };
  /** Whose review this is: what waits on this machine is sent as theirs only. */
  readonly coachId: string;
  /** Why nothing of the round is shown to anybody but coaches. */
  readonly notShown?: string;
}

/** Everything that lies on the desk of a review: the footage, the marks and what they say, the panels, and the verbs of its keys. */
export function useReviewDesk(props: ReviewPageProps) {
  const { round, ruleSet, footage, stored, reactionLeadSeconds, uses, habits, second, coachId, ...first } = props;
  const [said, setSaid] = useState<string>();
  const [panel, setPanel] = useState('ledger');
  const [keysOpen, setKeysOpen] = useState(false);
  const [forReel, setForReel] = useState<readonly SavedPiece[]>();
  const [tideOf, setTideOf] = useState<'a' | 'b'>('a');
  const span = useMemo(
    () => ({ startSeconds: round.startSeconds, endSeconds: round.endSeconds }),
    [round.startSeconds, round.endSeconds],
  );
  const names = useMemo(() => shortNames(round.a.name, round.b.name), [round.a.name, round.b.name]);
  const address = useMemo(() => addressOf(round.id, second?.id), [round.id, second]);
  const marks = useMarks(address, stored, coachId);
  const { state } = marks;
  const { reading, settled, tide, chains, outline, contradictions } = useRoundReading(state.held, span, ruleSet);
  const asks = useDeskQuestions({
    round,
    scopeId: address.scopeId,
    lulls: first.lulls,
    marks,
    settled,
    reading,
    contradictions,
  });
  const film = useDeskFilm(footage, span, first.firstSeconds ?? round.startSeconds, asks.lulls.skippable);
  const { video, source, playhead } = film;
  const card = useCardChanges();
  const clocks = useClocks(round.id, first.clocks, marks.record, card.oneByOne);
  const stills = useStills(round.id, { a: round.a.still, b: round.b.still }, video, marks.record, card.oneByOne);
  const words = useDeskWords(uses);
  const filter = useLedgerFilter(reading.marks, outline, contradictions, words.wordOf);
  const moves = useMarkMoves({
    ...{ marks, reading, shown: filter.shown, playhead, span, reactionLeadSeconds },
    say: setSaid,
  });
  const { selected, goTo } = moves;
  const talk = useDeskCommentary({
    ...{ round, span, words, uses, weights: first.weights, marks: reading.marks, session: marks },
    scopeId: address.scopeId,
  });
  const clockGround = useMemo(() => clockGroundOf(reading.marks), [reading]);
  const score = useScore(settled, ruleSet, round.plannedSeconds ?? span.endSeconds - span.startSeconds);
  const overtime = useOvertime(marks, reading, ruleSet?.overtime, playhead, setSaid);
  const drawing = useMarkDrawing(marks, reading, selected, playhead, setSaid);
  const stopwatch = useStopwatch(marks, playhead, setSaid);
  const secondPass = useSecondPass(marks, reading, moves, playhead, setSaid);
  const face = useTimeFace(clocks.clocks, clockGround, span);
  const toClosing = useToClosing(marks, round.id, setSaid);
  const likelySwap = useLikelySwap(settled, contradictions);
  const endRound = useRoundEnd(round, span, marks.record, card.oneByOne, setSaid);
  const calls = useCalls({
    ...{ round, span, names, reading, playhead, marks, habits, reactionLeadSeconds, onMeant: words.learn },
    onMade: (place) => {
      talk.decided(place);
      moves.stay();
    },
    // A second reading of the round leaves its card alone.
    onRoundOver: (atSeconds) => (second ? undefined : void endRound(atSeconds)),
  });
  const talks = useTalks(round.id, first.talks, playhead);
  const askPlaying = useAsked(playhead.playing);
  useKeptPage(`${names.a} and ${names.b}, ${dayWords(round.heldOn)}`, source.address, askPlaying);
  const spent = useReviewTime(round.id, askPlaying, first.spentSeconds);

  const ready = useReady();
  // biome-ignore lint/correctness/useExhaustiveDependencies: only the first opening of the page looks at the address
  useEffect(() => {
    if (first.firstMarkId) marks.select(first.firstMarkId);
  }, []);

  const openCall = (text: string, editing?: Mark) => {
    setSaid(undefined);
    calls.open(text, editing);
  };
  const nextCallAt = (position: number) => {
    const next = calls.nextAt(playhead.now())[position];
    if (next) openCall(`${next.text} `);
  };
  const nextQuestion = () => {
    const found = asks.nextAfter(playhead.now());
    goTo(found);
    if (!found) setSaid('Nothing is asked: no doubt is open, and every error has its consequence, or none is near.');
  };
  const shownClock = clocks.clocks.flatMap((one) => readable(one, clockGround) ?? [])[0];
  const toLedger = () => {
    stills.draw(undefined);
    setPanel('ledger');
  };
  return {
    ...{ round, ruleSet, second, address, span, names, ready, marks, spent, homework: first.homework },
    ...{ reading, tide, chains, contradictions, likelySwap, score, overtime, drawing, stopwatch, secondPass },
    ...{ clocks, clockGround, shownClock, stills, face, moves, goTo, filter },
    ...{ calls, openCall, nextCallAt, nextQuestion },
    ...film,
    ...asks,
    ...talk,
    talks,
    index: words.index,
    ...{ panel, setPanel, toLedger, said, setSaid, keysOpen, setKeysOpen, tideOf, setTideOf },
    ...{ forReel, setForReel, toClosing, isKeepingCard: card.isKeeping },
  };
}

/** The latest value, for whoever asks between two drawings. */
function useAsked<Value>(value: Value): () => Value {
  const latest = useRef(value);
  latest.current = value;
  const [ask] = useState(() => () => latest.current);
  return ask;
}

export type ReviewDeskParts = ReturnType<typeof useReviewDesk>;
