'use client';

import {
  type KeyboardEvent,
  type PointerEvent as ReactPointerEvent,
  type RefObject,
  useEffect,
  useRef,
  useState,
} from 'react';
import { styled } from 'styled-components';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { boxAfterKey, firstBox } from './boxByKeys';
import { boxBetween, type PictureBox, type Point, pointOfFrame, pointOfPicture, type Size } from './pictureArea';
import type { Zoom } from './zoom';

const Pane = styled.div`
  position: absolute; inset: 0; cursor: crosshair; touch-action: none; outline: none;
  p { position: absolute; top: ${space(3)}; left: ${space(3)}; margin: 0; padding: ${space(1)} ${space(3)}; background: ${color.ground}; color: ${color.focusText}; font-family: ${font.serif}; font-size: ${size.large}; pointer-events: none; }
  p small { display: block; font-size: ${size.small}; color: ${color.quiet}; }
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

/** Lets a box be drawn over the footage with the pointer, or be placed with the arrows and taken with Enter. */
export function BoxDrawer({ video, zoom, words, onBox }: BoxDrawerProps) {
  const pane = useRef<HTMLDivElement>(null);
  const [corners, setCorners] = useState<{ readonly from: Point; readonly to: Point }>();
  const [placed, setPlaced] = useState<PictureBox>();
  useEffect(() => pane.current?.focus(), []);

  const at = (event: ReactPointerEvent): Point => {
    const edge = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - edge.left, y: event.clientY - edge.top };
  };
  const pictureSize = (): Size => ({ width: video.current?.videoWidth ?? 0, height: video.current?.videoHeight ?? 0 });
  const finish = (event: ReactPointerEvent) => {
    if (!corners || !video.current) return;
    const frame = event.currentTarget.getBoundingClientRect();
    const [one, other] = [corners.from, at(event)].map((point) => pointOfPicture(frame, pictureSize(), zoom, point));
    const box = boxBetween(one!, other!);
    setCorners(undefined);
    if (box.width >= LEAST_SHARE && box.height >= LEAST_SHARE) onBox(box);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && placed) {
      setPlaced(undefined);
      return onBox(placed);
    }
    const next = boxAfterKey(placed ?? firstBox, event.key, event.shiftKey);
    // The first arrow only shows where the box stands.
    if (next) setPlaced(placed ? next : firstBox);
  };
  const inFrame = (box: PictureBox): PictureBox | undefined => {
    const frame = pane.current?.getBoundingClientRect();
    if (!frame) return undefined;
    const [one, other] = [box, { x: box.x + box.width, y: box.y + box.height }].map((point) =>
      pointOfFrame(frame, pictureSize(), zoom, point),
    );
    return boxBetween(one!, other!);
  };
  const drawn = corners ? boxBetween(corners.from, corners.to) : placed && inFrame(placed);
  return (
    <Pane
      ref={pane}
      data-box-drawer
      role="application"
      aria-label={words}
      tabIndex={0}
      data-own-keys="arrowleft arrowright arrowup arrowdown enter"
      onKeyDown={press}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        setPlaced(undefined);
        setCorners({ from: at(event), to: at(event) });
      }}
      onPointerMove={(event) => corners && setCorners({ ...corners, to: at(event) })}
      onPointerUp={finish}
    >
      <p>
        {words}
        <small>or place it: arrows, Shift and arrows for its size, Enter</small>
      </p>
      {drawn ? <i style={{ left: drawn.x, top: drawn.y, width: drawn.width, height: drawn.height }} /> : null}
    </Pane>
  );
}
