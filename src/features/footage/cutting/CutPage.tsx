'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { type FrameRate, formatClock, formatClockTenths, frameAt, type Span } from '@/core/clock';
import type { WeightUnit } from '@/core/kernel';
import { FootagePicture } from '@/player/FootagePicture';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead, usePlayheadTime } from '@/player/usePlayhead';
import { wholePicture } from '@/player/zoom';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { Owl } from '@/ui/layout/Owl';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { Filmstrip } from '../footageView';
import { useShelfNews } from '../useShelfNews';
import { WorkLines } from '../WorkLines';
import { CutList } from './CutList';
import { type CutCommand, cutKeyGroups, cutKeys } from './cutKeys';
import type { CutAction, firstCuts } from './cutReducer';
import {
  type KeptPlan,
  type KeptRound,
  planByProposals,
  planJoin,
  planRecut,
  planSplit,
  sequenceOf,
} from './keptRounds';
import { Strip } from './Strip';
import { decodeBytes, windowWith, zoomWindow } from './stripView';
import { useCuts } from './useCuts';
import { useKeptRounds } from './useKeptRounds';
import { WhoSheet } from './WhoSheet';
import { emptyCorner, type KnownPerson, type WhoFacts } from './whoView';

const Frame = styled.div`
  height: 100vh; min-height: 640px; display: grid; grid-template-columns: minmax(0, 1fr); grid-template-rows: 46px minmax(0, 1fr) auto; overflow: hidden; background: ${color.ground}; color: ${color.ink};
  > header { display: flex; align-items: center; gap: ${space(4)}; padding: 0 ${space(4)}; border-bottom: 1px solid ${color.rule}; }
  > header .home { display: flex; }
  > header .name { font-family: ${font.serif}; font-size: ${size.large}; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
  > header .quiet { color: ${color.quiet}; font-size: ${size.small}; white-space: nowrap; }
  > header .end { margin-left: auto; display: flex; gap: ${space(4)}; align-items: center; }
`;
const Body = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(340px, 34%); min-height: 0;
`;
const Left = styled.div`
  display: grid; grid-template-rows: minmax(0, 1fr) 36px; min-height: 0;
  .clock { display: flex; align-items: center; gap: ${space(4)}; padding: 0 ${space(4)}; font-size: ${size.small}; color: ${color.quiet}; }
  .clock strong { font-size: 18px; color: ${color.ink}; font-weight: 400; min-width: 84px; }
  .clock .last { margin-left: auto; }
`;
const Right = styled.aside`
  border-left: 1px solid ${color.rule}; display: flex; flex-direction: column; min-height: 0;
  .said { padding: ${space(2)} ${space(4)}; background: ${color.focusWash}; color: ${color.focusText}; font-size: ${size.small}; }
  .start { padding: ${space(6)}; font-family: ${font.serif}; font-size: ${size.large}; color: ${color.quiet}; display: flex; flex-direction: column; gap: ${space(3)}; }
  .verbs { display: flex; gap: ${space(3)}; padding: ${space(3)} ${space(4)}; border-top: 1px solid ${color.rule}; align-items: center; flex-wrap: wrap; }
  .work { padding: 0 ${space(4)} ${space(2)}; }
`;

const byStart = (one: Span, other: Span): number => one.startSeconds - other.startSeconds;

export interface CutPageProps {
  readonly footage: {
    readonly id: string;
    readonly name: string;
    readonly durationSeconds: number;
    readonly frameRate: FrameRate;
    readonly filmstrip?: Filmstrip;
    readonly recordedAt?: string;
    readonly looking: Looking;
  };
  readonly signals?: {
    readonly loudness: string;
    readonly loudnessPerSecond: number;
    readonly motion: string;
    readonly motionPerSecond: number;
    readonly bells: readonly number[];
  };
  readonly ruleSets: readonly { readonly id: string; readonly name: string }[];
  readonly proposals: Parameters<typeof firstCuts>[0];
  readonly lulls: readonly Span[];
  /** What was cut here and is no round yet. */
  readonly left: Parameters<typeof useCuts>[3];
  readonly rounds: readonly KeptRound[];
  readonly people: readonly KnownPerson[];
  readonly facts: WhoFacts;
  readonly weightUnit: WeightUnit;
}

export function CutPage({
  footage,
  signals,
  proposals,
  left,
  lulls,
  rounds,
  people,
  ruleSets,
  facts,
  weightUnit,
}: CutPageProps) {
  const router = useRouter();
  const zone = useZone();
  const video = useRef<HTMLVideoElement>(null);
  const source = useFootageSource(footage);
  const whole = useMemo(() => ({ startSeconds: 0, endSeconds: footage.durationSeconds }), [footage.durationSeconds]);
  const playhead = usePlayhead(
    video,
    source.address !== undefined,
    source.frameRate,
    whole,
    rounds.length > 0 ? 0 : (proposals[0]?.startSeconds ?? 0),
  );
  const limits = useMemo(
    () => ({ durationSeconds: footage.durationSeconds, kept: rounds }),
    [footage.durationSeconds, rounds],
  );
  const { state, act, trouble } = useCuts(footage.id, proposals, limits, left);
  const [zoom, setZoom] = useState(wholePicture);
  const [window, setWindow] = useState<Span>(whole);
  const [keysOpen, setKeysOpen] = useState(false);
  const [asking, setAsking] = useState(false);
  const [said, setSaid] = useState<string>();
  const [chosenRoundId, setChosenRoundId] = useState<string>();
  const { news, look } = useShelfNews(() => router.refresh());
  const work = news.work.filter((one) => one.footageId === footage.id);
  const curves = useMemo(
    () => signals && { ...signals, loudness: decodeBytes(signals.loudness), motion: decodeBytes(signals.motion) },
    [signals],
  );
  const seconds = usePlayheadTime(playhead, 0.1);
  const confirmed = state.cuts.filter((one) => one.state === 'confirmed');
  const chosen = state.cuts.find((one) => one.key === state.chosenKey);

  const round = rounds.find((one) => one.id === chosenRoundId);
  const keptRounds = useKeptRounds(rounds, setSaid, () => router.refresh());
  const recut = (span: Partial<Span>) => {
    if (!round) return;
    const others = [...rounds.filter((one) => one !== round), ...state.cuts];
    void changeRound(planRecut(round, { ...round, ...span }, others, footage.durationSeconds));
  };
  /** The key that undoes takes back what was done last, to a cut or to a round. */
  const [lastTouched, setLastTouched] = useState<'cut' | 'round'>('cut');

  const [ready, setReady] = useState(false);
  useEffect(() => setReady(true), []);

  const goTo = (at: number) => {
    playhead.seek(at);
    setWindow((now) => windowWith(now, at, footage.durationSeconds));
  };
  const choose = (key: string) => {
    const cut = state.cuts.find((one) => one.key === key);
    const kept = rounds.find((one) => one.id === key);
    act({ kind: 'choose', key: cut?.key });
    setChosenRoundId(kept?.id);
    const start = (cut ?? kept)?.startSeconds;
    if (start !== undefined) goTo(start);
  };
  const stepTo = (by: 1 | -1) => {
    const keys = sequenceOf(state.cuts, rounds);
    const index = keys.indexOf(chosenRoundId ?? state.chosenKey ?? '');
    const next = keys[index < 0 ? (by === 1 ? 0 : keys.length - 1) : index + by];
    if (next) choose(next);
  };
  const zoomStrip = (factor: number, held: number) =>
    setWindow((now) => zoomWindow(now, factor, held, footage.durationSeconds));
  const askWho = () =>
    confirmed.length > 0 ? setAsking(true) : setSaid('Confirm a round first, with Enter, or all of them with A.');

  const actOnCut = (action: CutAction) => {
    setLastTouched('cut');
    act(action);
  };
  const changeRound = (plan: KeptPlan) => {
    setLastTouched('round');
    return keptRounds.take(plan);
  };
  const cutUp = (one: KeptRound) =>
    void changeRound(
      planByProposals(
        one,
        proposals,
        proposals.map(() => crypto.randomUUID()),
      ),
    );

  const commands: Record<CutCommand, () => void> = {
    play: () => (playhead.playing ? playhead.pause() : playhead.play()),
    'frame-back': () => playhead.step(-1),
    'frame-on': () => playhead.step(1),
    'jump-back': () => goTo(playhead.now() - 5),
    'jump-on': () => goTo(playhead.now() + 5),
    'leap-back': () => goTo(playhead.now() - 30),
    'leap-on': () => goTo(playhead.now() + 30),
    'round-before': () => stepTo(-1),
    'round-after': () => stepTo(1),
    'to-begin': () => (round ?? chosen) && goTo((round ?? chosen)?.startSeconds ?? 0),
    'to-end': () => (round ?? chosen) && goTo((round ?? chosen)?.endSeconds ?? 0),
    'begin-here': () =>
      round
        ? recut({ startSeconds: playhead.now() })
        : actOnCut({ kind: 'begin-here', atSeconds: playhead.now(), newKey: crypto.randomUUID() }),
    'end-here': () =>
      round
        ? recut({ endSeconds: playhead.now() })
        : actOnCut({ kind: 'end-here', atSeconds: playhead.now(), newKey: crypto.randomUUID() }),
    confirm: () => actOnCut({ kind: 'confirm' }),
    'confirm-all': () => actOnCut({ kind: 'confirm-all' }),
    drop: () =>
      round ? setSaid('A round that was cut out is deleted on its card, with its marks.') : actOnCut({ kind: 'drop' }),
    merge: () => {
      const next = [...rounds].sort(byStart).find((one) => round && one.startSeconds >= round.endSeconds - 0.01);
      if (round) void changeRound(planJoin(round, next));
      else actOnCut({ kind: 'merge' });
    },
    split: () => {
      const newKey = crypto.randomUUID();
      const under = rounds.find((one) => one.startSeconds < playhead.now() && playhead.now() < one.endSeconds);
      const target = round ?? under;
      if (target) void changeRound(planSplit(target, playhead.now(), newKey));
      else actOnCut({ kind: 'split', atSeconds: playhead.now(), newKey });
    },
    'cut-up': () => (round ? cutUp(round) : setSaid('Choose a round that was cut out before, with ↑ and ↓.')),
    closer: () => zoomStrip(0.6, playhead.now()),
    wider: () => zoomStrip(1 / 0.6, playhead.now()),
    undo: () => (lastTouched === 'round' && keptRounds.canUndo ? void keptRounds.undo() : act({ kind: 'undo' })),
    redo: () => act({ kind: 'redo' }),
    who: askWho,
    keys: () => setKeysOpen(true),
    leave: () => {
      setSaid(undefined);
      act({ kind: 'choose', key: undefined });
      setChosenRoundId(undefined);
    },
  };
  useKeyCommands(asking ? [] : cutKeys, (command) => {
    setSaid(undefined);
    commands[command]();
  });

  const message = said ?? state.said ?? trouble;
  if (asking)
    return (
      <WhoSheet
        footageId={footage.id}
        filmstrip={footage.filmstrip}
        initial={confirmed.map(({ key, startSeconds, endSeconds, plannedSeconds }) => ({
          key,
          roundId: crypto.randomUUID(),
          startSeconds,
          endSeconds,
          plannedSeconds,
          a: emptyCorner,
          b: emptyCorner,
        }))}
        facts={facts}
        people={people}
        ruleSets={ruleSets}
        unit={weightUnit}
        onLeave={() => setAsking(false)}
        onSaved={(keys) => {
          act({ kind: 'cut-out', keys });
          setAsking(false);
          setSaid(
            keys.length === 1
              ? 'The round is cut out. Open it on the right.'
              : `${keys.length} rounds are cut out. Open one on the right.`,
          );
          router.refresh();
        }}
      />
    );
  return (
    <Frame data-light="loft" aria-busy={!ready}>
      <header>
        <Link href="/footage" className="home" aria-label="Back to all footage">
          <Owl size={26} />
        </Link>
        <span className="name">{footage.name}</span>
        <span className="quiet">
          {[
            footage.recordedAt ? `filmed ${momentWords(footage.recordedAt, zone)}` : '',
            formatClock(footage.durationSeconds),
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
        <div className="end">
          <Button look="plain" onPress={() => setKeysOpen(true)}>
            Keys (?)
          </Button>
        </div>
      </header>
      <Body>
        <Left>
          <FootagePicture video={video} source={source} playhead={playhead} zoom={zoom} onZoom={setZoom} />
          <div className="clock">
            <strong>{formatClockTenths(seconds)}</strong>
            <span>picture {frameAt(seconds, source.frameRate)}</span>
            <span className="last">
              {playhead.playing ? 'Space pauses' : 'Space plays'} · B begins a round here, E ends it · ↑ ↓ choose
            </span>
          </div>
        </Left>
        <Right>
          {message ? (
            <div className="said" role="status">
              {message}
            </div>
          ) : null}
          {state.cuts.length + rounds.length === 0 ? (
            <div className="start">
              <p>
                {signals
                  ? 'No bell and no rest was found to cut by.'
                  : 'Bells and rests are being looked for; rounds will be proposed here.'}
              </p>
              <p>Play to the start of a round and press B, to its end and press E.</p>
            </div>
          ) : (
            <CutList
              cuts={state.cuts}
              kept={rounds}
              proposals={proposals}
              chosenKey={chosenRoundId ?? state.chosenKey}
              onChoose={choose}
              onCutUp={cutUp}
            />
          )}
          <div className="work">
            <WorkLines work={work} onAct={look} />
          </div>
          <div className="verbs">
            <Button
              onPress={() => actOnCut({ kind: 'confirm-all' })}
              isDisabled={state.cuts.length === confirmed.length}
            >
              Confirm all (A)
            </Button>
            <Button look="lead" onPress={askWho} isDisabled={confirmed.length === 0}>
              Who is in them (W)
            </Button>
          </div>
        </Right>
      </Body>
      <Strip
        footageId={footage.id}
        filmstrip={footage.filmstrip}
        signals={curves}
        bells={signals?.bells ?? []}
        lulls={lulls}
        cuts={state.cuts}
        chosenKey={chosenRoundId ?? state.chosenKey}
        kept={rounds}
        window={window}
        playhead={playhead}
        onZoom={zoomStrip}
        onChoose={choose}
        onMove={(key, span) => actOnCut({ kind: 'move', key, span })}
      />
      <KeysDialog groups={cutKeyGroups} isOpen={keysOpen} onClose={() => setKeysOpen(false)} />
    </Frame>
  );
}
