'use client';

import { type PointerEvent as ReactPointerEvent, type RefObject, useState } from 'react';
import { styled } from 'styled-components';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { boxBetween, type PictureBox, type Point, pointOfPicture } from './pictureArea';
import type { Zoom } from './zoom';

const Pane = styled.div`
  position: absolute; inset: 0; cursor: crosshair; touch-action: none;
  p { position: absolute; top: ${space(3)}; left: ${space(3)}; margin: 0; padding: ${space(1)} ${space(3)}; background: ${color.ground}; color: ${color.focusText}; font-family: ${font.serif}; font-size: ${size.large}; pointer-events: none; }
  i { position: absolute; border: 2px solid ${color.focus}; pointer-events: none; }
`;
/** A box smaller than this share of the picture was a slip of the hand. */
const LEAST_SHARE = 0.02;

export interface BoxDrawerProps {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly zoom: Zoom;
  readonly words: string;
  readonly onBox: (box: PictureBox) => void;
}

/** Lets a box be drawn over the footage with the pointer. */
export function BoxDrawer({ video, zoom, words, onBox }: BoxDrawerProps) {
  const [corners, setCorners] = useState<{ readonly from: Point; readonly to: Point }>();
  const at = (event: ReactPointerEvent): Point => {
    const edge = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - edge.left, y: event.clientY - edge.top };
  };
  const finish = (event: ReactPointerEvent) => {
    const element = video.current;
    if (!corners || !element) return;
    const frame = event.currentTarget.getBoundingClientRect();
    const picture = { width: element.videoWidth, height: element.videoHeight };
    const [one, other] = [corners.from, at(event)].map((point) => pointOfPicture(frame, picture, zoom, point));
    const box = boxBetween(one!, other!);
    setCorners(undefined);
    if (box.width >= LEAST_SHARE && box.height >= LEAST_SHARE) onBox(box);
  };
  const drawn = corners && boxBetween(corners.from, corners.to);
  return (
    <Pane
      data-box-drawer
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        setCorners({ from: at(event), to: at(event) });
      }}
      onPointerMove={(event) => corners && setCorners({ ...corners, to: at(event) })}
      onPointerUp={finish}
    >
      <p>{words}</p>
      {drawn ? <i style={{ left: drawn.x, top: drawn.y, width: drawn.width, height: drawn.height }} /> : null}
    </Pane>
  );
}
