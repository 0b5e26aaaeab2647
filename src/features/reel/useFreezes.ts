'use client';

import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import type { Stroke } from '@/core/drawing';
import type { Playhead } from '@/player/usePlayhead';

/** A moment at which the picture stands still, with what is drawn on it. */
export interface ShownFreeze {
  /** Media time. */
  readonly atSeconds: number;
  readonly forSeconds: number;
  readonly drawing: readonly Stroke[];
}

/** Playback that came so far beyond a stop has been sent beyond it, and does not stop. */
const REACH_SECONDS = 0.7;
/** A picture that was gone to by hand is the one that stands still. */
const NEAR_SECONDS = 0.05;

/** Stops the picture where it is to stand still, and goes on by itself. Gives the stop at which it stands, also when somebody went there by hand. */
export function useFreezes(
  playhead: Playhead,
  freezes: readonly ShownFreeze[],
  isRunning: boolean,
): { readonly stop: ShownFreeze | undefined; readonly shown: ShownFreeze | undefined } {
  const [frozen, setFrozen] = useState<number>();
  const done = useRef(new Set<number>());
  const latest = useRef({ playhead, freezes, frozen });
  latest.current = { playhead, freezes, frozen };
  const { subscribe } = playhead;
  useEffect(
    () =>
      subscribe(() => {
        const { playhead: head, freezes: stops, frozen: standing } = latest.current;
        const now = head.now();
        for (const at of done.current) if (now < (stops[at]?.atSeconds ?? 0) - 0.05) done.current.delete(at);
        if (standing !== undefined) {
          // Sent elsewhere while it stood still: it does not stand there any more.
          if (Math.abs(now - (stops[standing]?.atSeconds ?? 0)) > 0.05) setFrozen(undefined);
          return;
        }
        if (!head.playing) return;
        const at = stops.findIndex(
          (one, place) => !done.current.has(place) && now >= one.atSeconds && now < one.atSeconds + REACH_SECONDS,
        );
        const stop = stops[at];
        if (!stop) return;
        done.current.add(at);
        latest.current.frozen = at;
        setFrozen(at);
        head.pause();
        head.seek(stop.atSeconds);
      }),
    [subscribe],
  );
  const stop = frozen === undefined ? undefined : freezes[frozen];
  const forSeconds = stop?.forSeconds;
  useEffect(() => {
    if (forSeconds === undefined || !isRunning) return;
    const timer = setTimeout(() => {
      setFrozen(undefined);
      latest.current.playhead.play();
    }, forSeconds * 1000);
    return () => clearTimeout(timer);
  }, [forSeconds, isRunning]);
  const readNear = () =>
    playhead.playing ? -1 : freezes.findIndex((one) => Math.abs(one.atSeconds - playhead.now()) < NEAR_SECONDS);
  const near = useSyncExternalStore(subscribe, readNear, readNear);
  return { stop, shown: stop ?? freezes[near] };
}
