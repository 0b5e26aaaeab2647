'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { buildVocabularyIndex, type CallContext, listNextCalls, type MarkDraft } from '@/core/callline';
import { type FrameRate, formatClock } from '@/core/clock';
import { checkLink, findIntervalAt, type Mark } from '@/core/round';
import type { Uniform } from '@/core/vocabulary';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { CallLine, type OpenCall, textOfMark } from './CallLine';
import { KeysDialog } from './KeysDialog';
import { Ledger } from './Ledger';
import { withEndAt, withLink, withNextPunishment, withNextStage } from './markEdits';
import { type HeaderAthlete, ReviewHeader } from './ReviewHeader';
import type { ReviewCommand } from './reviewKeys';
import type { HeldMark } from './reviewReducer';
import { markProblemText, type Names } from './reviewView';
import { Tide } from './Tide';
import { Transport } from './Transport';
import { Troubles } from './Troubles';
import { useMarks } from './useMarks';
import { usePlayhead, usePlayheadTime } from './usePlayhead';
import { useReviewKeys } from './useReviewKeys';
import { useRoundReading } from './useRoundReading';

const Frame = styled.div`
  height: 100vh; min-height: 600px; display: grid; grid-template-rows: auto minmax(0, 1fr) 108px; overflow: hidden; background: ${color.ground}; color: ${color.ink};
`;
const Body = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(360px, 36%); min-height: 0;
`;
const Left = styled.div`
  display: grid; grid-template-rows: minmax(0, 1fr) auto auto; min-height: 0;
  .picture { background: #0c0f0d; display: grid; place-items: center; min-height: 0; overflow: hidden; position: relative; }
  video { width: 100%; height: 100%; object-fit: contain; display: block; }
  .absent { color: ${color.quiet}; font-family: ${font.serif}; font-size: ${size.large}; text-align: center; padding: ${space(6)}; max-width: 46ch; }
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
  readonly footage?: { readonly id: string; readonly frameRate: FrameRate; readonly videoCodec: string };
  readonly stored: readonly HeldMark[];
  readonly reactionLeadSeconds: number;
  readonly unit: 'kg' | 'lb';
  readonly firstSeconds?: number;
  readonly firstMarkId?: string;
}

const noRate: FrameRate = { numerator: 25, denominator: 1 };
const firstNameOf = (name: string): string => name.split(/\s+/)[0] ?? name;

/** Names short enough for the ledger, and different from each other. */
export function shortNames(a: string, b: string): Names {
  const [one, other] = [firstNameOf(a), firstNameOf(b)];
  return one.toLowerCase() === other.toLowerCase() ? { a, b } : { a: one, b: other };
}

export function ReviewPage({
  round,
  footage,
  stored,
  reactionLeadSeconds,
  unit,
  firstSeconds,
  firstMarkId,
}: ReviewPageProps) {
  const video = useRef<HTMLVideoElement>(null);
  const span = useMemo(
    () => ({ startSeconds: round.startSeconds, endSeconds: round.endSeconds }),
    [round.startSeconds, round.endSeconds],
  );
  const rate = footage?.frameRate ?? noRate;
  const playhead = usePlayhead(video, footage !== undefined, rate, span, firstSeconds ?? round.startSeconds);
  const marks = useMarks(round.id, stored);
  const { state } = marks;
  const { reading, tide, chains, outline, contradictions } = useRoundReading(state.held, span);
  const [index] = useState(buildVocabularyIndex);
  const [call, setCall] = useState<OpenCall>();
  const [resume, setResume] = useState(false);
  const [keysOpen, setKeysOpen] = useState(false);
  const [linkFrom, setLinkFrom] = useState<string>();
  const [said, setSaid] = useState<string>();
  // Where the playhead stood when a mark was chosen: until it moves on, ↑ and ↓ go from that mark, not from the moment.
  const chosenAt = useRef(Number.NaN);
  const [unplayable, setUnplayable] = useState(false);
  const names = useMemo(() => shortNames(round.a.name, round.b.name), [round.a.name, round.b.name]);
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
    if (resume) playhead.play();
  };
  const commit = (draft: MarkDraft, editing: Mark | undefined) => {
    const links = editing?.kind === 'error' && draft.kind === 'error' ? { ledTo: editing.ledTo } : {};
    const end =
      editing && 'endSeconds' in editing && draft.kind === editing.kind && draft.kind === 'attempt'
        ? { endSeconds: editing.endSeconds }
        : {};
    const mark = { ...draft, ...links, ...end, id: editing?.id ?? crypto.randomUUID() } as Mark;
    if (editing) marks.replace(editing, mark);
    else marks.add(mark);
    chosenAt.current = playhead.now();
    closeCall();
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
      keys: () => setKeysOpen(true),
      leave: () => {
        setLinkFrom(undefined);
        setSaid(undefined);
        marks.select(undefined);
      },
    };
    actions[command]();
  };
  useReviewKeys(act);

  const seconds = usePlayheadTime(playhead, 0.5);
  const currentId = useMemo(
    () => [...reading.marks].reverse().find((mark) => mark.atSeconds <= seconds + 0.5)?.id,
    [reading, seconds],
  );
  const nextCalls = useMemo(
    () =>
      listNextCalls(findIntervalAt(reading, seconds + 0.5)?.state ?? { kind: 'unmarked' }, round.uniform, {
        a: names.a.toLowerCase(),
        b: names.b.toLowerCase(),
      }),
    [reading, seconds, round.uniform, names],
  );
  const nextCallAt = (position: number) => {
    const next = nextCalls[position];
    if (next) openCall(`${next.text} `);
  };

  return (
    <Frame data-light="loft" aria-busy={!ready}>
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
          <div className="picture">
            {footage ? (
              // biome-ignore lint/a11y/useMediaCaption: sparring footage carries no speech to caption
              <video
                ref={video}
                src={`/api/footage/${footage.id}/file`}
                preload="auto"
                playsInline
                onLoadedMetadata={(event) => {
                  event.currentTarget.currentTime = playhead.now();
                  setUnplayable(event.currentTarget.videoWidth === 0);
                }}
                onError={() => setUnplayable(true)}
              />
            ) : (
              <p className="absent">No footage with this round. The clock below runs; marks are kept with its time.</p>
            )}
            {unplayable ? (
              <p className="absent" style={{ position: 'absolute' }}>
                This browser cannot show the file ({footage?.videoCodec}). The file is kept; film in H.264 (“most
                compatible”) to see it here.
              </p>
            ) : null}
          </div>
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
          {outline.length === 0 ? (
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
      <KeysDialog isOpen={keysOpen} onClose={() => setKeysOpen(false)} />
    </Frame>
  );
}

/** Words by which an athlete may be called: each part of the name, and the colour of the kit. */
function callNames({ name, toldApartBy }: HeaderAthlete): string[] {
  const colours = ['white', 'blue', 'black', 'green', 'red', 'grey', 'purple', 'plum'];
  const words = toldApartBy.toLowerCase().match(/\p{L}+/gu) ?? [];
  return [...(name.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []), ...words.filter((word) => colours.includes(word))];
}
