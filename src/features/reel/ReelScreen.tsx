'use client';

import { type ReactNode, useEffect, useMemo, useRef } from 'react';
import { FootagePicture } from '@/player/FootagePicture';
import { useFootageSource } from '@/player/useFootageSource';
import { type Playhead, usePlayhead } from '@/player/usePlayhead';
import type { Zoom } from '@/player/zoom';
import type { ReelPiece } from './reelPiece';

export interface ReelScreenProps {
  readonly piece: ReelPiece;
  readonly playing: boolean;
  readonly firstSpeed: number;
  readonly zoom: Zoom;
  readonly onZoom: (zoom: Zoom) => void;
  /** The playhead of this moment, for the keys of the page. */
  readonly onPlayhead: (playhead: Playhead) => void;
  readonly onEnded: () => void;
  readonly children?: ReactNode;
}

/** One moment of a reel: made anew for each, it begins by itself while the reel plays and says when it is over. */
export function ReelScreen({
  piece,
  playing,
  firstSpeed,
  zoom,
  onZoom,
  onPlayhead,
  onEnded,
  children,
}: ReelScreenProps) {
  const video = useRef<HTMLVideoElement>(null);
  const source = useFootageSource(piece.footage);
  const { startSeconds, endSeconds } = piece;
  const span = useMemo(() => ({ startSeconds, endSeconds }), [startSeconds, endSeconds]);
  const hasVideo = source.address !== undefined;
  const playhead = usePlayhead(video, {
    ...{ hasVideo, rate: source.frameRate, span, firstSeconds: startSeconds, firstSpeed },
  });
  const latest = useRef({ playhead, onEnded });
  latest.current = { playhead, onEnded };

  useEffect(() => onPlayhead(playhead), [playhead, onPlayhead]);
  useEffect(() => {
    if (!hasVideo) return;
    if (playing) latest.current.playhead.play();
    else latest.current.playhead.pause();
  }, [playing, hasVideo]);

  const wasPlaying = useRef(false);
  useEffect(() => {
    if (wasPlaying.current && !playhead.playing && playhead.now() >= endSeconds - 0.05) latest.current.onEnded();
    wasPlaying.current = playhead.playing;
  }, [playhead, endSeconds]);

  return (
    <FootagePicture
      video={video}
      source={piece.footage ? source : undefined}
      playhead={playhead}
      zoom={zoom}
      onZoom={onZoom}
      without="This round was not filmed: the moment can only be read."
    >
      {children}
    </FootagePicture>
  );
}
