'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import {
  buildVocabularyIndex,
  type CallContext,
  type CallHabits,
  listNextCalls,
  type MarkDraft,
  phraseMark,
} from '@/core/callline';
import { type FrameRate, formatClock } from '@/core/clock';
import { checkLink, conceptIdOf, findIntervalAt, type Mark } from '@/core/round';
import type { Uniform } from '@/core/vocabulary';
import { FootagePicture } from '@/player/FootagePicture';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead, usePlayheadTime } from '@/player/usePlayhead';
import { wholePicture, zoomAt } from '@/player/zoom';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { callNames, pronounOf, shortNames } from './athleteWords';
import { CallLine, type OpenCall, textOfMark } from './CallLine';
import { CommentaryPanel } from './commentary/CommentaryPanel';
import type { ProposalLine } from './commentary/commentaryView';
import { useCommentary } from './commentary/useCommentary';
import { Ledger } from './Ledger';
import { withEndAt, withLink, withNextPunishment, withNextStage } from './markEdits';
import { type HeaderAthlete, ReviewHeader } from './ReviewHeader';
import { type ReviewCommand, reviewKeys } from './reviewKeys';
import type { HeldMark } from './reviewReducer';
import { markProblemText } from './reviewView';
import { Tide } from './Tide';
import { Transport } from './Transport';
import { Troubles } from './Troubles';
import { useMarks } from './useMarks';
import { useRoundReading } from './useRoundReading';

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
    readonly a: HeaderAthlete;
    readonly b: HeaderAthlete;
  };
  readonly footage?: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
  readonly stored: readonly HeldMark[];
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
  firstSeconds,
  firstMarkId,
  uses,
  habits,
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
  const playhead = usePlayhead(video, source.address !== undefined, rate, span, firstSeconds ?? round.startSeconds);
  const marks = useMarks(round.id, stored);
  const { state } = marks;
  const { reading, tide, chains, outline, contradictions } = useRoundReading(state.held, span);
  const house = useHouse();
  const wordOf = useWordOf();
  const index = useMemo(() => buildVocabularyIndex(house, uses), [house, uses]);
  const [call, setCall] = useState<OpenCall>();
  const [resume, setResume] = useState(false);
  const [keysOpen, setKeysOpen] = useState(false);
  const [listening, setListening] = useState(false);
  // The proposal that the call line corrects: the mark that it makes takes the proposal's place.
  const correcting = useRef<number | undefined>(undefined);
  const [linkFrom, setLinkFrom] = useState<string>();
  const [said, setSaid] = useState<string>();
  // Where the playhead stood when a mark was chosen: until it moves on, ↑ and ↓ go from that mark, not from the moment.
  const chosenAt = useRef(Number.NaN);
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
  const selected = state.selectedId ? state.held.get(state.selectedId)?.mark : undefined;

  // Keys work from here on: before, the page is only a picture of itself.
  const [ready, setReady] = useState(false);
  useEffect(() => setReady(true), []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: only the first opening of the page looks at the address
  useEffect(() => {
    if (firstMarkId) marks.select(firstMarkId);
  }, []);

  const contextAt = useCallback(
    (seconds: number): CallContext => ({
      uniform: round.uniform,
      state: findIntervalAt(reading, seconds)?.state ?? { kind: 'unmarked' },
      calledBy: { a: callNames(round.a), b: callNames(round.b) },
      atSeconds: seconds,
      roundStartSeconds: span.startSeconds,
      marks: reading.marks,
    }),
    [reading, round, span],
  );

  const openCall = (text: string, editing?: Mark) => {
    const lead = playhead.playing ? reactionLeadSeconds : 0;
    setResume(playhead.playing);
    playhead.pause();
    setSaid(undefined);
    setCall({ atSeconds: editing?.atSeconds ?? Math.max(span.startSeconds, playhead.now() - lead), text, editing });
  };
  const closeCall = () => {
    setCall(undefined);
    correcting.current = undefined;
    if (resume) playhead.play();
  };
  const commit = (draft: MarkDraft, editing: Mark | undefined, causeId: string | undefined) => {
    const links =
      editing?.kind === 'error' && draft.kind === 'error'
        ? { ledTo: [...new Set([...editing.ledTo, ...draft.ledTo])] }
        : {};
    const end =
      editing && 'endSeconds' in editing && draft.kind === editing.kind && draft.kind === 'attempt'
        ? { endSeconds: editing.endSeconds }
        : {};
    const mark = { ...draft, ...links, ...end, id: editing?.id ?? crypto.randomUUID() } as Mark;
    const cause = causeId ? reading.marks.find((one) => one.id === causeId) : undefined;
    if (editing) marks.replace(editing, mark);
    else marks.add(mark, cause?.kind === 'error' ? withLink(cause, mark.id) : undefined);
    const place = correcting.current;
    if (place !== undefined)
      commentary.act({ kind: 'decide', places: [place], decision: 'accepted', open: commentary.open });
    chosenAt.current = playhead.now();
    closeCall();
  };
  const accept = (lines: readonly ProposalLine[]) => {
    if (lines.length === 0) return;
    marks.addAll(lines.map(({ draft }) => ({ ...draft, id: crypto.randomUUID() }) as Mark));
    const places = lines.map((line) => line.place);
    commentary.act({ kind: 'decide', places, decision: 'accepted', open: commentary.open });
  };
  const correct = (line: ProposalLine) => {
    correcting.current = line.place;
    const called = { a: names.a.toLowerCase(), b: names.b.toLowerCase() };
    const text = phraseMark({ ...line.draft, id: 'proposal' } as Mark, called, wordOf);
    playhead.pause();
    setResume(false);
    setCall({ atSeconds: line.draft.atSeconds, text });
  };
  const takeBack = () => {
    const step = commentary.work?.steps.at(-1);
    if (step?.added) marks.undo();
    commentary.act({ kind: 'take-back' });
  };
  const goTo = (mark: Mark | undefined) => {
    if (!mark) return;
    marks.select(mark.id);
    playhead.seek(mark.atSeconds);
    chosenAt.current = playhead.now();
  };
  const neighbour = (direction: 1 | -1): Mark | undefined => {
    const now = playhead.now();
    const at = reading.marks.findIndex((mark) => mark.id === state.selectedId);
    if (at >= 0 && Math.abs(now - chosenAt.current) < 0.3) return reading.marks[at + direction];
    return direction === 1
      ? reading.marks.find((mark) => mark.atSeconds > now + 0.02)
      : [...reading.marks].reverse().find((mark) => mark.atSeconds < now - 0.02);
  };
  const replaceSelected = (edit: (mark: Mark) => Mark | undefined) => {
    if (!selected) return setSaid('Choose a mark first, with ↑ and ↓.');
    const next = edit(selected);
    if (!next) setSaid(markProblemText({ code: 'ends-before-start' }));
    else if (next !== selected) marks.replace(selected, next);
  };
  const link = () => {
    const from = linkFrom ? state.held.get(linkFrom)?.mark : undefined;
    if (!linkFrom) {
      if (selected?.kind !== 'error') return setSaid('Choose an error first: only errors lead to something.');
      setLinkFrom(selected.id);
      return setSaid('What did it lead to? Choose the later mark with ↓, then press L.');
    }
    setLinkFrom(undefined);
    if (!from || !selected) return;
    const checked = checkLink(reading.marks, from.id, selected.id);
    if (!checked.ok) return setSaid(markProblemText(checked.problem));
    marks.replace(from, withLink(from, selected.id));
    setSaid(undefined);
  };

  const act = (command: ReviewCommand, key: string) => {
    const actions: Record<ReviewCommand, () => void> = {
      call: () => (linkFrom ? link() : openCall('')),
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
      commentary: () => setListening(true),
      closer: () => setZoom((now) => zoomAt(now, 1.4)),
      wider: () => setZoom((now) => zoomAt(now, 1 / 1.4)),
      'skip-lulls': playhead.toggleSkipping,
      find: () => router.push('/search'),
      keys: () => setKeysOpen(true),
      leave: () => {
        setLinkFrom(undefined);
        setSaid(undefined);
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
  const nextCalls = useMemo(() => {
    const state = findIntervalAt(reading, seconds + 0.5)?.state ?? { kind: 'unmarked' as const };
    const before = reading.marks.filter((mark) => mark.atSeconds <= seconds + 0.5 && conceptIdOf(mark));
    const people = { a: round.a.personId, b: round.b.personId };
    const moment = { state, last: before.at(-1), beforeLast: before.at(-2), people };
    const called = { a: names.a.toLowerCase(), b: names.b.toLowerCase() };
    return listNextCalls(habits, moment, round.uniform, called, wordOf);
  }, [reading, seconds, round, names, habits, wordOf]);
  const nextCallAt = (position: number) => {
    const next = nextCalls[position];
    if (next) openCall(`${next.text} `);
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
        setListening(true);
        void commentary.read(file);
      }}
    >
      <ReviewHeader
        a={round.a}
        b={round.b}
        roundId={round.id}
        facts={[round.heldOn, round.uniform, formatClock(span.endSeconds - span.startSeconds), round.theme]
          .filter(Boolean)
          .join(' · ')}
        unit={unit}
        keepState={marks.keepState}
        waiting={state.pending.length}
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
          />
          <Transport
            playhead={playhead}
            span={span}
            rate={rate}
            onPrevious={() => goTo(neighbour(-1))}
            onNext={() => goTo(neighbour(1))}
          />
          <Tide
            span={span}
            tide={tide}
            marks={reading.marks}
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
          {listening ? (
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
              onCorrect={correct}
              onTakeBack={takeBack}
              onLook={(line) => playhead.seek(Math.max(span.startSeconds, line.draft.atSeconds - 1))}
              onLeave={() => setListening(false)}
              onForget={commentary.close}
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
              startSeconds={span.startSeconds}
              names={names}
              selectedId={state.selectedId}
              currentId={currentId}
              linkingFromId={linkFrom}
              contradictions={contradictions}
              damage={chains.damageByRoot}
              onSelect={goTo}
            />
          )}
        </Right>
      </Body>
      <CallLine
        call={call}
        index={index}
        contextAt={contextAt}
        span={span}
        names={names}
        nextCalls={nextCalls}
        onOpen={(text) => openCall(text)}
        onCommit={commit}
        onClose={closeCall}
      />
      <KeysDialog entries={reviewKeys} isOpen={keysOpen} onClose={() => setKeysOpen(false)}>
        <p>
          A call: who, what, how. “ana knee slice control”, “marek elbows flared punished”, “good frame inside”, “stop
          12”, “3 back ana mount”, “at 2:41 …”, a remark after a dash.
        </p>
      </KeysDialog>
    </Frame>
  );
}
