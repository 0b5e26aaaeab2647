'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { type FrameRate, formatClock, formatClockTenths, frameAt, type Span } from '@/core/clock';
import type { WeightUnit } from '@/core/kernel';
import { FootagePicture } from '@/player/FootagePicture';
import { moveCommands } from '@/player/moveCommands';
import type { Looking } from '@/player/useFootageSource';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { useReady } from '@/ui/keys/useReady';
import { Owl } from '@/ui/layout/Owl';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { Filmstrip } from '../footageView';
import { useShelfNews } from '../useShelfNews';
import { WorkLines } from '../WorkLines';
import { CutList } from './CutList';
import { type CutCommand, cutKeyGroups, cutKeys } from './cutKeys';
import type { Cut, firstCuts } from './cutReducer';
import type { KeptRound } from './keptRounds';
import { Strip } from './Strip';
import { decodeBytes } from './stripView';
import { useCutDesk } from './useCutDesk';
import { useCutFilm } from './useCutFilm';
import { useCuts } from './useCuts';
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
  const film = useCutFilm(footage, rounds.length > 0 ? 0 : (proposals[0]?.startSeconds ?? 0));
  const { video, source, playhead, zoom, setZoom, window, goTo, zoomStrip } = film;
  const limits = useMemo(
    () => ({ durationSeconds: footage.durationSeconds, kept: rounds }),
    [footage.durationSeconds, rounds],
  );
  const cuts = useCuts(footage.id, proposals, limits, left);
  const { state, act, trouble } = cuts;
  const [keysOpen, setKeysOpen] = useState(false);
  const [asking, setAsking] = useState(false);
  const [said, setSaid] = useState<string>();
  const { news, look } = useShelfNews(() => router.refresh());
  const work = news.work.filter((one) => one.footageId === footage.id);
  const curves = useMemo(
    () => signals && { ...signals, loudness: decodeBytes(signals.loudness), motion: decodeBytes(signals.motion) },
    [signals],
  );
  const confirmed = state.cuts.filter((one) => one.state === 'confirmed');

  const ready = useReady();

  const desk = useCutDesk({
    cuts,
    rounds,
    proposals,
    durationSeconds: footage.durationSeconds,
    playhead,
    goTo,
    say: setSaid,
  });
  const askWho = () =>
    confirmed.length > 0 ? setAsking(true) : setSaid('Confirm a round first, with Enter, or all of them with A.');
  const commands: Record<CutCommand, () => void> = {
    ...moveCommands(playhead, goTo),
    ...desk.commands,
    closer: () => zoomStrip(0.6, playhead.now()),
    wider: () => zoomStrip(1 / 0.6, playhead.now()),
    who: askWho,
    keys: () => setKeysOpen(true),
    leave: () => {
      setSaid(undefined);
      desk.unchoose();
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
        initial={confirmed.map(rowOfCut)}
        facts={facts}
        people={people}
        ruleSets={ruleSets}
        unit={weightUnit}
        onLeave={() => setAsking(false)}
        onSaved={(keys) => {
          act({ kind: 'cut-out', keys });
          setAsking(false);
          setSaid(cutOutWords(keys.length));
          router.refresh();
        }}
      />
    );
  return (
    <Frame data-light="loft" aria-busy={!ready}>
      <CutHeader footage={footage} onKeys={() => setKeysOpen(true)} />
      <Body>
        <Left>
          <FootagePicture video={video} source={source} playhead={playhead} zoom={zoom} onZoom={setZoom} />
          <CutClock playhead={playhead} frameRate={source.frameRate} />
        </Left>
        <Right>
          {message ? (
            <div className="said" role="status">
              {message}
            </div>
          ) : null}
          {state.cuts.length + rounds.length === 0 ? (
            <NothingFound heard={signals !== undefined} />
          ) : (
            <CutList
              cuts={state.cuts}
              kept={rounds}
              proposals={proposals}
              chosenKey={desk.chosenKey}
              onChoose={desk.choose}
              onCutUp={desk.cutUp}
            />
          )}
          <div className="work">
            <WorkLines work={work} onAct={look} />
          </div>
          <div className="verbs">
            <Button
              onPress={() => desk.actOnCut({ kind: 'confirm-all' })}
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
        chosenKey={desk.chosenKey}
        kept={rounds}
        window={window}
        playhead={playhead}
        onZoom={zoomStrip}
        onChoose={desk.choose}
        onMove={(key, span) => desk.actOnCut({ kind: 'move', key, span })}
      />
      <KeysDialog groups={cutKeyGroups} isOpen={keysOpen} onClose={() => setKeysOpen(false)} />
    </Frame>
  );
}

const cutOutWords = (count: number): string =>
  count === 1 ? 'The round is cut out. Open it on the right.' : `${count} rounds are cut out. Open one on the right.`;

/** A confirmed cut as a line of the sheet on which its two are named. */
const rowOfCut = ({ key, startSeconds, endSeconds, plannedSeconds }: Cut) => ({
  ...{ key, roundId: crypto.randomUUID(), startSeconds, endSeconds, plannedSeconds },
  ...{ a: emptyCorner, b: emptyCorner },
});

function CutHeader({ footage, onKeys }: { readonly footage: CutPageProps['footage']; readonly onKeys: () => void }) {
  const zone = useZone();
  return (
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
        <Button look="plain" onPress={onKeys}>
          Keys (?)
        </Button>
      </div>
    </header>
  );
}

function CutClock({ playhead, frameRate }: { readonly playhead: Playhead; readonly frameRate: FrameRate }) {
  const seconds = usePlayheadTime(playhead, 0.1);
  return (
    <div className="clock">
      <strong>{formatClockTenths(seconds)}</strong>
      <span>picture {frameAt(seconds, frameRate)}</span>
      <span className="last">
        {playhead.playing ? 'Space pauses' : 'Space plays'} · B begins a round here, E ends it · ↑ ↓ choose
      </span>
    </div>
  );
}

const NothingFound = ({ heard }: { readonly heard: boolean }) => (
  <div className="start">
    <p>
      {heard
        ? 'No bell and no rest was found to cut by.'
        : 'Bells and rests are being looked for; rounds will be proposed here.'}
    </p>
    <p>Play to the start of a round and press B, to its end and press E.</p>
  </div>
);
