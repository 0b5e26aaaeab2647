'use client';

import { type RefObject, useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { type FrameRate, frameAt, type Span, seekTimeOfFrame } from '@/core/clock';

const speeds = [0.1, 0.25, 0.5, 0.75, 1, 1.5, 2] as const;
const LOOP_SECONDS = 4;

export interface Playhead {
  readonly subscribe: (listener: () => void) => () => void;
  readonly now: () => number;
  readonly seek: (seconds: number) => void;
  readonly play: () => void;
  readonly pause: () => void;
  readonly step: (frames: number) => void;
  readonly jump: (seconds: number) => void;
  readonly changeSpeed: (steps: number) => void;
  readonly toggleLoop: () => void;
  /** Plays over the lulls instead of through them; without effect while there are none. */
  readonly toggleSkipping: () => void;
  readonly skipping: boolean;
  readonly playing: boolean;
  readonly speed: number;
  readonly loop: Span | undefined;
}

const noLulls: readonly Span[] = [];

/**
 * Reads where a film is. A file stands at 0 until it has told its length, and again when a copy takes its place: then it is put where it was sent to,
 * and until then that counts.
 */
function useFilmTime(video: RefObject<HTMLVideoElement | null>, hasVideo: boolean, sentTo: RefObject<number>) {
  const isPlaced = useRef(false);
  useEffect(() => {
    const element = video.current;
    if (!hasVideo || !element) return;
    const place = () => {
      element.currentTime = sentTo.current;
      isPlaced.current = true;
    };
    const lose = () => {
      isPlaced.current = false;
    };
    if (element.readyState >= 1) place();
    element.addEventListener('loadedmetadata', place);
    element.addEventListener('emptied', lose);
    return () => {
      lose();
      element.removeEventListener('loadedmetadata', place);
      element.removeEventListener('emptied', lose);
    };
  }, [video, hasVideo, sentTo]);
  return useCallback(
    () => (isPlaced.current && video.current ? video.current.currentTime : sentTo.current),
    [video, sentTo],
  );
}

export interface PlayheadOptions {
  readonly hasVideo: boolean;
  readonly rate: FrameRate;
  /** Where it may go; the same object for as long as it is the same. */
  readonly span: Span;
  readonly firstSeconds: number;
  readonly firstSpeed?: number;
  /** What may be skipped; the same list for as long as it is the same. */
  readonly lulls?: readonly Span[];
}

/** The moment that is looked at: the video's own time, or a plain running clock where there is no footage. */
export function usePlayhead(
  video: RefObject<HTMLVideoElement | null>,
  { hasVideo, rate, span, firstSeconds, firstSpeed = 1, lulls = noLulls }: PlayheadOptions,
): Playhead {
  const time = useRef(firstSeconds);
  const filmTime = useFilmTime(video, hasVideo, time);
  const listeners = useRef(new Set<() => void>());
  const [playing, setPlaying] = useState(false);
  const [speed, setSpeed] = useState(firstSpeed);
  const [loop, setLoop] = useState<Span>();
  const [skipping, setSkipping] = useState(false);

  const tell = useCallback((seconds: number) => {
    time.current = seconds;
    for (const listener of listeners.current) listener();
  }, []);

  const seek = useCallback(
    (seconds: number) => {
      const wanted = Math.min(Math.max(seconds, span.startSeconds), span.endSeconds);
      if (hasVideo && video.current) video.current.currentTime = wanted;
      tell(wanted);
    },
    [hasVideo, video, span, tell],
  );

  useEffect(() => {
    if (!playing) return;
    let frame = 0;
    let before = performance.now();
    const tick = (at: number) => {
      const ran = ((at - before) / 1000) * speed;
      const seconds = hasVideo ? filmTime() : time.current + ran;
      before = at;
      const lull = skipping
        ? lulls.find((one) => seconds >= one.startSeconds && seconds < one.endSeconds - 0.3)
        : undefined;
      if (loop && seconds >= loop.endSeconds) seek(loop.startSeconds);
      else if (lull) seek(lull.endSeconds);
      else if (seconds >= span.endSeconds) {
        video.current?.pause();
        setPlaying(false);
        tell(span.endSeconds);
      } else tell(seconds);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [playing, hasVideo, video, speed, loop, span, lulls, skipping, seek, tell, filmTime]);

  useEffect(() => {
    if (!video.current) return;
    video.current.preservesPitch = true;
    video.current.playbackRate = speed;
  }, [video, speed]);

  const pause = useCallback(() => {
    video.current?.pause();
    setPlaying(false);
    if (hasVideo) tell(filmTime());
  }, [hasVideo, video, tell, filmTime]);

  const play = useCallback(() => {
    if (time.current >= span.endSeconds - 0.05) seek(span.startSeconds);
    // A file that did not come is asked for again: until then no key would move it.
    if (video.current?.error) video.current.load();
    void video.current?.play().catch(() => setPlaying(false));
    setPlaying(true);
  }, [video, span, seek]);

  return useMemo(
    () => ({
      subscribe: (listener) => {
        listeners.current.add(listener);
        return () => void listeners.current.delete(listener);
      },
      now: () => time.current,
      seek,
      play,
      pause,
      step: (frames) => {
        pause();
        seek(seekTimeOfFrame(Math.max(0, frameAt(time.current, rate) + frames), rate));
      },
      jump: (seconds) => seek(time.current + seconds),
      changeSpeed: (steps) =>
        setSpeed(
          (current) =>
            speeds[
              Math.min(speeds.length - 1, Math.max(0, speeds.indexOf(current as (typeof speeds)[number]) + steps))
            ]!,
        ),
      toggleLoop: () =>
        setLoop((current) =>
          current
            ? undefined
            : {
                startSeconds: Math.max(span.startSeconds, time.current - LOOP_SECONDS),
                endSeconds: Math.max(time.current, span.startSeconds + 0.5),
              },
        ),
      toggleSkipping: () => setSkipping((on) => !on),
      skipping,
      playing,
      speed,
      loop,
    }),
    [seek, play, pause, rate, span, playing, speed, loop, skipping],
  );
}

/** The playhead's time, updated as it moves. `round` may coarsen it so that slow parts render seldom. */
export function usePlayheadTime(playhead: Playhead, coarse = 0): number {
  const read = () => (coarse > 0 ? Math.floor(playhead.now() / coarse) * coarse : playhead.now());
  return useSyncExternalStore(playhead.subscribe, read, read);
}
