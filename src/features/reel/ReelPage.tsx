'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useReducer, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { moveCommands } from '@/player/moveCommands';
import type { Playhead } from '@/player/usePlayhead';
import { wholePicture, zoomAt } from '@/player/zoom';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { useReady } from '@/ui/keys/useReady';
import { Owl } from '@/ui/layout/Owl';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { ReelList } from './ReelList';
import { ReelScreen } from './ReelScreen';
import { beginReel, type ReelCourse, type ReelStep, stepReel } from './reelCourse';
import { type ReelCommand, reelKeyGroups, reelKeys } from './reelKeys';
import type { ReelPiece } from './reelPiece';

const Frame = styled.div`
  height: 100vh; min-height: 520px; display: grid; grid-template-rows: 46px minmax(0, 1fr) 56px; background: ${color.ground}; color: ${color.ink}; overflow: hidden;
  > header { display: flex; align-items: center; gap: ${space(4)}; padding: 0 ${space(4)}; border-bottom: 1px solid ${color.rule}; }
  > header .home { display: flex; }
  > header h1 { font-family: ${font.serif}; font-size: ${size.large}; font-weight: 500; margin: 0; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
  > header .count { color: ${color.quiet}; font-size: ${size.small}; white-space: nowrap; }
  > header .end { margin-left: auto; display: flex; gap: ${space(3)}; align-items: center; white-space: nowrap; }
  > footer { display: flex; align-items: center; gap: ${space(3)}; padding: 0 ${space(4)}; border-top: 1px solid ${color.rule}; font-size: ${size.small}; color: ${color.quiet}; }
  > footer .end { margin-left: auto; display: flex; gap: ${space(3)}; align-items: center; }
`;
const Body = styled.main`
  display: grid; grid-template-columns: minmax(0, 1fr) 340px; min-height: 0;
  @media (max-width: 1080px) { grid-template-columns: minmax(0, 1fr) 280px; }
`;
const Screen = styled.div`
  min-height: 0; min-width: 0; display: grid; background: #0c0f0d; position: relative;
  > .said { position: absolute; left: ${space(4)}; bottom: ${space(4)}; max-width: 80%; background: rgba(12, 15, 13, 0.78); color: #efeadb; padding: ${space(2)} ${space(3)}; font-family: ${font.serif}; font-size: ${size.large}; line-height: 1.25; pointer-events: none; }
  > .said small { display: block; font-family: ${font.sans}; font-size: ${size.small}; color: #bdb8a8; }
`;

export interface ReelPageProps {
  readonly title: string;
  readonly pieces: readonly ReelPiece[];
  /** Moments that are no longer there. */
  readonly left: number;
  /** A page of the application, where the moments were chosen. */
  readonly back: string;
}

/** Moments that play one after the other, each seen coming; those of rounds that nobody filmed are listed and passed over. */
export function ReelPage({ title, pieces, left, back }: ReelPageProps) {
  const router = useRouter();
  const ready = useReady();
  const isShown = pieces.map((one) => one.footage !== undefined);
  const [course, step] = useReducer(
    (now: ReelCourse, next: ReelStep) => stepReel(isShown, now, next),
    isShown,
    beginReel,
  );
  const [zoom, setZoom] = useState(wholePicture);
  const [keysOpen, setKeysOpen] = useState(false);
  const [playhead, setPlayhead] = useState<Playhead>();
  const speed = useRef(1);
  const screen = useRef<HTMLDivElement>(null);
  const piece = pieces[course.at];
  const hear = useCallback((next: Playhead) => {
    speed.current = next.speed;
    setPlayhead(next);
  }, []);
  const play = (playing: boolean) => step({ step: 'playing', playing });
  const move = playhead && moveCommands(playhead, playhead.seek);
  const still = (act: (() => void) | undefined) => () => {
    play(false);
    act?.();
  };
  const closer = (factor: number) => setZoom((now) => zoomAt(now, factor));
  const goTo = (at: number) => step({ step: 'go', at });
  const openReview = () =>
    piece &&
    router.push(markAddress({ roundId: piece.roundId, markId: piece.markId ?? '', mediaSeconds: piece.atSeconds }));
  const commands: Record<ReelCommand, () => void> = {
    play: () => play(!course.playing),
    next: () => step({ step: 'next' }),
    previous: () => step({ step: 'previous' }),
    'from-start': () => goTo(Math.max(0, isShown.indexOf(true))),
    again: () => step({ step: 'again' }),
    'frame-back': still(move?.['frame-back']),
    'frame-on': still(move?.['frame-on']),
    'jump-back': () => move?.['jump-back'](),
    'jump-on': () => move?.['jump-on'](),
    slower: () => playhead?.changeSpeed(-1),
    faster: () => playhead?.changeSpeed(1),
    closer: () => closer(1.4),
    wider: () => closer(1 / 1.4),
    'whole-screen': () =>
      void (document.fullscreenElement ? document.exitFullscreen() : screen.current?.requestFullscreen())?.catch(
        () => undefined,
      ),
    'to-review': () => openReview(),
    keys: () => setKeysOpen(true),
    leave: () => router.push(back),
  };
  useKeyCommands(reelKeys, (command) => commands[command]());
  const filmed = pieces.filter((one) => one.footage);
  const seconds = filmed.reduce((sum, one) => sum + one.endSeconds - one.startSeconds, 0);
  return (
    <Frame data-light="loft" aria-busy={!ready}>
      <header>
        <Link href="/footage" className="home" aria-label="To the daybook">
          <Owl size={26} />
        </Link>
        <h1>{title}</h1>
        <span className="count">{countWords(pieces.length, filmed.length, seconds, left)}</span>
        <div className="end">
          <Link href={back}>Back (Esc)</Link>
          <Button look="plain" onPress={() => setKeysOpen(true)}>
            Keys (?)
          </Button>
        </div>
      </header>
      <Body>
        <Screen ref={screen}>
          {piece ? (
            <ReelScreen
              key={`${piece.key} ${course.turn}`}
              piece={piece}
              playing={course.playing}
              firstSpeed={speed.current}
              zoom={zoom}
              onZoom={setZoom}
              onPlayhead={hear}
              onEnded={() => step({ step: 'ended' })}
            />
          ) : null}
          {piece ? (
            <div className="said" aria-live="polite">
              {piece.words || `${piece.names[0]} with ${piece.names[1]}`}
              <small>
                {piece.names[0]} with {piece.names[1]}, {dayWords(piece.heldOn)}, {formatClock(piece.roundSeconds)}
              </small>
            </div>
          ) : null}
        </Screen>
        <ReelList pieces={pieces} at={course.at} onGo={goTo} />
      </Body>
      <footer>
        <Button look="lead" onPress={commands.play} isDisabled={filmed.length === 0}>
          {course.playing ? 'Pause (Space)' : 'Play in a row (Space)'}
        </Button>
        <Button onPress={commands.again} aria-pressed={course.again}>
          {course.again ? 'Go on after this (O)' : 'Again and again (O)'}
        </Button>
        <Button onPress={commands.slower} aria-label="Slower">
          −
        </Button>
        <span>{playhead?.speed ?? 1}×</span>
        <Button onPress={commands.faster} aria-label="Faster">
          +
        </Button>
        <div className="end">
          <Button onPress={commands['whole-screen']}>Whole screen (F)</Button>
          <Button onPress={openReview} isDisabled={!piece}>
            Open in Review (Enter)
          </Button>
        </div>
      </footer>
      <KeysDialog groups={reelKeyGroups} isOpen={keysOpen} onClose={() => setKeysOpen(false)} />
    </Frame>
  );
}

/** "12 moments, 9 filmed, 1:12; 2 are gone". */
function countWords(all: number, filmed: number, seconds: number, left: number): string {
  const moments = all === 1 ? 'one moment' : `${all} moments`;
  const seen = filmed === all ? '' : filmed === 0 ? ', none filmed' : `, ${filmed} filmed`;
  const gone = left === 0 ? '' : left === 1 ? '; one is gone' : `; ${left} are gone`;
  return `${moments}${seen}, ${formatClock(seconds)}${gone}`;
}
