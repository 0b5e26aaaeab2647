'use client';

import dynamic from 'next/dynamic';
import { useEffect, useMemo, useRef, useSyncExternalStore } from 'react';
import { styled } from 'styled-components';
import { DrawingPane } from '@/player/drawing/DrawingPane';
import { placeIn } from '@/player/drawing/placeIn';
import type { DrawnOn } from '@/player/drawing/useDrawingTools';
import { FootagePicture } from '@/player/FootagePicture';
import { useFootageSource } from '@/player/useFootageSource';
import { type Playhead, usePlayhead } from '@/player/usePlayhead';
import type { Zoom } from '@/player/zoom';
import { font, size, space } from '@/ui/tokens/tokens';
import type { ReelPiece } from './reelPiece';
import { type ShownFreeze, useFreezes } from './useFreezes';

// The drawing package needs a browser: the server only sends the frame.
const Drawing = dynamic(() => import('@/player/drawing/Drawing').then((module) => module.Drawing), { ssr: false });

const Corner = styled.div`
  position: absolute; left: ${space(4)}; top: ${space(3)}; background: rgba(12, 15, 13, 0.78); color: #efeadb; padding: ${space(1)} ${space(3)}; font-family: ${font.sans}; font-size: ${size.body}; font-variant-numeric: tabular-nums; pointer-events: none;
  :fullscreen & { font-size: 28px; }
`;

/** How a moment is shown, beyond its stretch of footage. */
export interface Showing {
  readonly speed?: number;
  readonly freezes: readonly ShownFreeze[];
  readonly sound: boolean;
}
export const plainShowing: Showing = { freezes: [], sound: true };

export interface ReelScreenProps {
  readonly piece: ReelPiece;
  readonly showing?: Showing;
  /** The picture that is drawn on, while the tools are out. */
  readonly drawn?: DrawnOn;
  readonly playing: boolean;
  readonly firstSpeed: number;
  readonly zoom: Zoom;
  readonly onZoom: (zoom: Zoom) => void;
  /** The playhead of this moment, for the keys of the page. */
  readonly onPlayhead: (playhead: Playhead) => void;
  readonly onEnded: () => void;
}

/** One moment of a reel: made anew for each, it begins by itself while the reel plays, stands still where it is to, and says when it is over. */
export function ReelScreen({
  piece,
  showing = plainShowing,
  drawn,
  playing,
  firstSpeed,
  zoom,
  onZoom,
  onPlayhead,
  onEnded,
}: ReelScreenProps) {
  const video = useRef<HTMLVideoElement>(null);
  const source = useFootageSource(piece.footage);
  const { startSeconds, endSeconds } = piece;
  const span = useMemo(() => ({ startSeconds, endSeconds }), [startSeconds, endSeconds]);
  const hasVideo = source.address !== undefined;
  const playhead = usePlayhead(video, {
    ...{ hasVideo, rate: source.frameRate, span, firstSeconds: startSeconds },
    firstSpeed: showing.speed ?? firstSpeed,
  });
  const { stop, shown } = useFreezes(playhead, showing.freezes, playing);
  const latest = useRef({ playhead, onEnded, stop });
  latest.current = { playhead, onEnded, stop };

  useEffect(() => onPlayhead(playhead), [playhead, onPlayhead]);
  useEffect(() => {
    if (!hasVideo) return;
    if (!playing) latest.current.playhead.pause();
    else if (!latest.current.stop) latest.current.playhead.play();
  }, [playing, hasVideo]);
  const isSilent = !showing.sound;
  useEffect(() => {
    if (video.current) video.current.muted = isSilent;
  }, [isSilent]);

  const wasPlaying = useRef(false);
  useEffect(() => {
    if (wasPlaying.current && !playhead.playing && !latest.current.stop && playhead.now() >= endSeconds - 0.05)
      latest.current.onEnded();
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
      {drawn?.isOpen ? (
        <DrawingPane drawing={drawn} video={video} zoom={zoom} />
      ) : shown && shown.drawing.length > 0 ? (
        <Drawing drawing={shown.drawing} placeOf={(frame) => placeIn(frame, video.current, zoom)} />
      ) : null}
      {piece.readings.length > 0 && !drawn?.isOpen ? <ReadingCorner piece={piece} playhead={playhead} /> : null}
    </FootagePicture>
  );
}

function ReadingCorner({ piece, playhead }: { readonly piece: ReelPiece; readonly playhead: Playhead }) {
  const read = () => piece.readings.findLast((one) => one.atSeconds <= playhead.now())?.text ?? '';
  const text = useSyncExternalStore(playhead.subscribe, read, read);
  return text ? <Corner>{text}</Corner> : null;
}
