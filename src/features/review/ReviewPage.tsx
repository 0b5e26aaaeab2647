'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { buildVocabularyIndex, type CallHabits } from '@/core/callline';
import { type FrameRate, formatClock, type Span } from '@/core/clock';
import { findLikelySwap, type Mark, type Still } from '@/core/round';
import type { Uniform } from '@/core/vocabulary';
import { BoxDrawer } from '@/player/BoxDrawer';
import { FootagePicture } from '@/player/FootagePicture';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead, usePlayheadTime } from '@/player/usePlayhead';
import { wholePicture, zoomAt } from '@/player/zoom';
import { useHouse } from '@/terms/HouseContext';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { callNames, pronounOf, shortNames } from './athleteWords';
import { CallLine, textOfMark } from './CallLine';
import { ClocksPanel } from './clocks/ClocksPanel';
import { type RoundClock, readable, readingWords, stoppagesOf } from './clocks/clockView';
import { useClocks } from './clocks/useClocks';
import { useTimeFace } from './clocks/useTimeFace';
import { CommentaryPanel } from './commentary/CommentaryPanel';
import type { ProposalLine } from './commentary/commentaryView';
import { useCommentary } from './commentary/useCommentary';
import { Ledger } from './Ledger';
import { LullQuestion } from './lulls/LullQuestion';
import { useLulls } from './lulls/useLulls';
import { withEndAt, withNextPunishment, withNextStage } from './markEdits';
import { type HeaderAthlete, ReviewHeader } from './ReviewHeader';
import { type ReviewCommand, reviewKeys } from './reviewKeys';
import type { HeldMark } from './reviewReducer';
import { ScorePanel } from './score/ScorePanel';
import { ScoreStrip } from './score/ScoreStrip';
import { useScore } from './score/useScore';
import { Tide } from './Tide';
import { Transport } from './Transport';
import { Troubles } from './Troubles';
import { useCalls } from './useCalls';
import { useMarkMoves } from './useMarkMoves';
import { useMarks } from './useMarks';
import { useReviewTime } from './useReviewTime';
import { useRoundReading } from './useRoundReading';
import { useStills } from './who/useStills';
import { WhoPanel } from './who/WhoPanel';

const Frame = styled.div`
  height: 100vh; min-height: 600px; display: grid; grid-template-columns: minmax(0, 1fr); grid-template-rows: auto minmax(0, 1fr) 108px; overflow: hidden; background: ${color.ground}; color: ${color.ink};
`;
const Body = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(360px, 36%); min-height: 0;
`;
const Left = styled.div`
  display: grid; grid-template-rows: minmax(0, 1fr) auto auto; min-height: 0;
`;
const Right = styled.aside`
  border-left: 1px solid ${color.rule}; display: flex; flex-direction: column; min-height: 0;
  .start { padding: ${space(6)}; font-family: ${font.serif}; font-size: ${size.large}; color: ${color.quiet}; display: flex; flex-direction: column; gap: ${space(3)}; }
  .said { padding: ${space(2)} ${space(4)}; background: ${color.focusWash}; color: ${color.focusText}; font-size: ${size.small}; }
`;

export interface ReviewPageProps {
  readonly round: {
    readonly id: string;
    readonly startSeconds: number;
    readonly endSeconds: number;
    readonly uniform: Uniform;
    readonly heldOn: string;
    readonly theme: string;
    readonly ruleSet: string;
    readonly plannedSeconds: number;
    readonly a: HeaderAthlete & { readonly still?: Still };
    readonly b: HeaderAthlete & { readonly still?: Still };
  };
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

export function ReviewPage({
  round,
  footage,
  stored,
  reactionLeadSeconds,
  unit,
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
  const lulls = useLulls(round.id, first.lulls, reading.marks);
  const filmed = source.address !== undefined;
  const from = first.firstSeconds ?? round.startSeconds;
  const playhead = usePlayhead(video, filmed, rate, span, from, lulls.skippable);
  const clocks = useClocks(round.id, first.clocks);
  const stills = useStills(round.id, { a: round.a.still, b: round.b.still }, video);
  const house = useHouse();
  const index = useMemo(() => buildVocabularyIndex(house, uses), [house, uses]);
  const [keysOpen, setKeysOpen] = useState(false);
  const [panel, setPanel] = useState<'ledger' | 'commentary' | 'who' | 'clocks' | 'score'>('ledger');
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
  const score = useScore(reading, round.ruleSet, round.plannedSeconds);
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
  const markLull = (offCamera: boolean) => {
    if (!lull) return;
    const { startSeconds: atSeconds, endSeconds } = lull;
    const mark = { kind: 'stoppage' as const, id: crypto.randomUUID(), atSeconds, endSeconds };
    marks.add(offCamera ? { ...mark, offCamera: true } : mark);
  };
  const act = (command: ReviewCommand, key: string) => {
    const actions: Record<ReviewCommand, () => void> = {
      call: () => (moves.linkFrom ? link() : openCall('')),
      'next-call': () => nextCallAt(Number(key) - 1),
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
      delete: () => selected && marks.remove(selected),
      punished: () => replaceSelected(withNextPunishment),
      stage: () => replaceSelected(withNextStage),
      'end-here': () => replaceSelected((mark) => withEndAt(mark, playhead.now())),
      'led-to': link,
      undo: marks.undo,
      redo: marks.redo,
      commentary: () => setPanel('commentary'),
      who: () => setPanel(panel === 'who' ? 'ledger' : 'who'),
      clocks: () => setPanel(panel === 'clocks' ? 'ledger' : 'clocks'),
      times: () => setSaid(face.turn()),
      score: () =>
        score
          ? setPanel(panel === 'score' ? 'ledger' : 'score')
          : setSaid('This round is sparring without score. Its card can give it a rule set.'),
      compare: () => router.push(`/compare?left=${round.id}&at=${playhead.now().toFixed(2)}`),
      closer: () => setZoom((now) => zoomAt(now, 1.4)),
      wider: () => setZoom((now) => zoomAt(now, 1 / 1.4)),
      'skip-lulls': playhead.toggleSkipping,
      'lull-look': () => lull && playhead.seek(lull.startSeconds - 1),
      'lull-stoppage': () => markLull(false),
      'lull-unseen': () => markLull(true),
      'lull-nothing': () => lull && lulls.wave(lull),
      find: () => router.push('/search'),
      keys: () => setKeysOpen(true),
      leave: () => {
        moves.unlink();
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

  return (
    <Frame
      data-light="loft"
      aria-busy={!ready}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const [file] = event.dataTransfer.files;
        if (!file) return;
        event.preventDefault();
        setPanel('commentary');
        void commentary.read(file);
      }}
    >
      <ReviewHeader
        a={round.a}
        b={round.b}
        stills={stills.stills}
        roundId={round.id}
        facts={[round.heldOn, round.uniform, formatClock(span.endSeconds - span.startSeconds), round.theme]
          .filter(Boolean)
          .join(' · ')}
        unit={unit}
        keepState={marks.keepState}
        waiting={state.pending.length}
        onWho={() => act('who', '')}
        onKeys={() => setKeysOpen(true)}
      />
      <Body>
        <Left>
          <FootagePicture
            video={video}
            source={footage ? source : undefined}
            playhead={playhead}
            zoom={zoom}
            onZoom={setZoom}
            without="No footage with this round. The clock below runs; marks are kept with its time."
          >
            {score ? (
              <ScoreStrip
                reading={score.reading}
                names={names}
                playhead={playhead}
                endSeconds={span.endSeconds}
                onOpen={() => setPanel('score')}
              />
            ) : null}
            {stills.drawing ? (
              <BoxDrawer
                video={video}
                zoom={zoom}
                words={`Draw a box round ${names[stills.drawing]}`}
                onBox={stills.take}
              />
            ) : null}
          </FootagePicture>
          <Transport
            playhead={playhead}
            span={span}
            rate={rate}
            hasLulls={lulls.skippable.length > 0}
            clockWords={shownClock && ((at) => readingWords(shownClock, at))}
            onPrevious={() => goTo(neighbour(-1))}
            onNext={() => goTo(neighbour(1))}
          />
          <Tide
            span={span}
            tide={tide}
            marks={reading.marks}
            lulls={lulls.open}
            selectedId={state.selectedId}
            names={names}
            playhead={playhead}
            height={132}
          />
        </Left>
        <Right>
          <Troubles
            conflicts={state.conflicts}
            refusals={state.refusals}
            names={names}
            onKeepTheirs={marks.keepTheirs}
            onUseMine={marks.useMine}
            onDropRefusal={marks.dropRefusal}
          />
          {said ? (
            <div className="said" role="status">
              {said}
            </div>
          ) : null}
          {likelySwap && panel === 'ledger' ? (
            <div className="said" role="status">
              Were the two taken for each other from {formatClock(likelySwap.fromSeconds - span.startSeconds)} on? W
              shows who is who.
            </div>
          ) : null}
          {lull && panel === 'ledger' ? (
            <LullQuestion
              lull={lull}
              more={lulls.open.length - 1}
              startSeconds={span.startSeconds}
              onLook={() => act('lull-look', '')}
              onStoppage={() => markLull(false)}
              onOffCamera={() => markLull(true)}
              onNothing={() => lulls.wave(lull)}
            />
          ) : null}
          {panel === 'commentary' ? (
            <CommentaryPanel
              work={commentary.work}
              problem={commentary.problem}
              lines={commentary.lines}
              open={commentary.open}
              names={names}
              startSeconds={span.startSeconds}
              onRead={(file) => void commentary.read(file)}
              onAct={commentary.act}
              onAccept={accept}
              onCorrect={(line) => calls.correct(line.place, line.draft)}
              onTakeBack={takeBack}
              onLook={(line) => playhead.seek(Math.max(span.startSeconds, line.draft.atSeconds - 1))}
              onLeave={toLedger}
              onForget={commentary.close}
            />
          ) : panel === 'who' ? (
            <WhoPanel
              athletes={round}
              stills={stills.stills}
              drawing={stills.drawing}
              filmed={filmed}
              likelySwap={likelySwap}
              startSeconds={span.startSeconds}
              problem={stills.problem}
              now={playhead.now}
              onDraw={(athlete) => {
                playhead.pause();
                stills.draw(athlete);
              }}
              onForget={stills.forget}
              onSwapFrom={moves.swapAthletes}
              onLook={playhead.seek}
              onLeave={toLedger}
            />
          ) : panel === 'score' && score ? (
            <ScorePanel
              {...score}
              names={names}
              startSeconds={span.startSeconds}
              onLook={playhead.seek}
              onLeave={toLedger}
            />
          ) : panel === 'clocks' ? (
            <ClocksPanel
              clocks={clocks.clocks}
              problem={clocks.problem}
              playhead={playhead}
              startSeconds={span.startSeconds}
              stoppages={stoppages}
              onSave={clocks.save}
              onRemove={clocks.remove}
              onLeave={toLedger}
            />
          ) : outline.length === 0 ? (
            <div className="start">
              <p>The ledger is empty.</p>
              <p>
                Play with Space. When something happens press Enter and write it as you would say it: “
                {names.a.toLowerCase()} half guard”, “{names.b.toLowerCase()} knee slice finished”, “
                {names.a.toLowerCase()} flat in half guard punished”.
              </p>
            </div>
          ) : (
            <Ledger
              outline={outline}
              timeOf={face.timeOf}
              names={names}
              selectedId={state.selectedId}
              currentId={currentId}
              linkingFromId={moves.linkFrom}
              contradictions={contradictions}
              damage={chains.damageByRoot}
              onSelect={goTo}
            />
          )}
        </Right>
      </Body>
      <CallLine
        call={calls.call}
        index={index}
        contextAt={calls.contextAt}
        span={span}
        names={names}
        nextCalls={calls.next}
        onOpen={(text) => openCall(text)}
        onCommit={calls.commit}
        onClose={calls.close}
      />
      <KeysDialog entries={reviewKeys} isOpen={keysOpen} onClose={() => setKeysOpen(false)}>
        <p>
          A call: who, what, how. “ana knee slice control”, “marek elbows flared punished”, “good frame inside”, “stop
          12”, “off camera 8”, “3 back ana mount”, “at 2:41 …”, a remark after a dash.
        </p>
      </KeysDialog>
    </Frame>
  );
}
