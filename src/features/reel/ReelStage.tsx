'use client';

import type { ReactNode } from 'react';
import { formatClock } from '@/core/clock';
import type { DrawnOn } from '@/player/drawing/useDrawingTools';
import { dayWords } from '@/terms/dayWords';
import { ReelScreen, type Showing } from './ReelScreen';
import { Screen } from './reelFrame';
import type { ReelPiece } from './reelPiece';
import type { useReelPlay } from './useReelPlay';

export interface ReelStageProps {
  readonly reel: ReturnType<typeof useReelPlay>;
  /** The moment that is looked at; absent where none is left. */
  readonly piece: ReelPiece | undefined;
  readonly showing?: Showing;
  readonly drawn?: DrawnOn;
  /** What stands below the picture; what its mark says where it is empty. */
  readonly caption?: string;
  readonly children?: ReactNode;
}

/** The moment of a reel that is looked at, with what stands below it: what a class sees on the whole screen. */
export function ReelStage({ reel, piece, showing, drawn, caption, children }: ReelStageProps) {
  const { course } = reel;
  const names = piece ? `${piece.names[0]} with ${piece.names[1]}` : '';
  return (
    <Screen ref={reel.screen}>
      {children}
      {piece ? (
        <>
          <ReelScreen
            key={`${piece.key} ${course.turn}`}
            {...{ piece, showing, drawn }}
            playing={course.playing}
            firstSpeed={reel.speed}
            zoom={reel.zoom}
            onZoom={reel.setZoom}
            onPlayhead={reel.hear}
            onEnded={reel.ended}
          />
          <div className="said" aria-live="polite">
            {caption || piece.words || names}
            <small>
              {names}, {dayWords(piece.heldOn)}, {formatClock(piece.roundSeconds)}
            </small>
          </div>
        </>
      ) : (
        <p style={{ placeSelf: 'center' }}>No moment is left. Take the last change back (Z), or remove the reel.</p>
      )}
    </Screen>
  );
}
