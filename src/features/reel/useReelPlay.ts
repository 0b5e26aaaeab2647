'use client';

import { useCallback, useReducer, useRef, useState } from 'react';
import { moveCommands } from '@/player/moveCommands';
import type { Playhead } from '@/player/usePlayhead';
import { wholePicture, zoomAt } from '@/player/zoom';
import { beginReel, type ReelCourse, type ReelStep, stepReel } from './reelCourse';
import type { PlayCommand } from './reelKeys';
import type { ReelPiece } from './reelPiece';

/** A reel while it plays: where it is, the playhead of its moment, and what each key does with it. */
export function useReelPlay(pieces: readonly ReelPiece[]) {
  const isShown = pieces.map((one) => one.footage !== undefined);
  const [course, step] = useReducer(
    (now: ReelCourse, next: ReelStep) => stepReel(isShown, now, next),
    isShown,
    beginReel,
  );
  const [zoom, setZoom] = useState(wholePicture);
  const [playhead, setPlayhead] = useState<Playhead>();
  const speed = useRef(1);
  const screen = useRef<HTMLDivElement>(null);
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
  const commands: Record<PlayCommand, () => void> = {
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
  };
  // A list that has become shorter under it: its last moment is looked at.
  const at = Math.min(course.at, Math.max(0, pieces.length - 1));
  return {
    ...{ course: { ...course, at }, step, commands, goTo, play, playhead, screen, zoom, setZoom, hear },
    speed: speed.current,
    ended: () => step({ step: 'ended' }),
  };
}
