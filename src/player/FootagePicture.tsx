'use client';

import { type ReactNode, type PointerEvent as ReactPointerEvent, type RefObject, useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { FootageSource } from './useFootageSource';
import { useFootageTrouble } from './useFootageTrouble';
import type { Playhead } from './usePlayhead';
import { panBy, transformOf, type Zoom, zoomAt } from './zoom';

const Frame = styled.div`
  background: #0c0f0d; display: grid; place-items: center; min-height: 0; overflow: hidden; position: relative;
  &[data-close] { cursor: grab; }
  video { position: absolute; inset: 0; width: 100%; height: 100%; object-fit: contain; }
  .absent { color: ${color.quiet}; font-family: ${font.serif}; font-size: ${size.large}; text-align: center; padding: ${space(6)}; max-width: 46ch; position: absolute; }
  .close { position: absolute; right: ${space(3)}; top: ${space(3)}; color: ${color.focusText}; font-size: ${size.small}; background: ${color.ground}; padding: 2px ${space(2)}; }
`;

export interface FootagePictureProps {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly source: FootageSource | undefined;
  readonly playhead: Playhead;
  readonly zoom: Zoom;
  readonly onZoom: (zoom: Zoom) => void;
  /** What stands here when the round has no footage at all. */
  readonly without?: string;
  readonly label?: string;
  /** Lies over the picture, within its frame. */
  readonly children?: ReactNode;
}

/** The footage, or why there is none to see yet. Turn the wheel to look closer, drag to move the picture. */
export function FootagePicture({
  video,
  source,
  playhead,
  zoom,
  onZoom,
  without,
  label,
  children,
}: FootagePictureProps) {
  const frame = useRef<HTMLDivElement>(null);
  const drag = useRef<{ readonly x: number; readonly y: number }>(undefined);
  const { trouble, look } = useFootageTrouble(video, source?.address);
  const latest = useRef({ zoom, onZoom });
  latest.current = { zoom, onZoom };

  // React listens to the wheel passively; looking closer must keep the page from scrolling.
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    const turn = (event: WheelEvent) => {
      event.preventDefault();
      const box = element.getBoundingClientRect();
      const { zoom: now, onZoom: tell } = latest.current;
      tell(
        zoomAt(
          now,
          Math.exp(-event.deltaY / 400),
          (event.clientX - box.left) / box.width,
          (event.clientY - box.top) / box.height,
        ),
      );
    };
    element.addEventListener('wheel', turn, { passive: false });
    return () => element.removeEventListener('wheel', turn);
  }, []);

  const move = (event: ReactPointerEvent) => {
    if (!drag.current || !frame.current) return;
    const box = frame.current.getBoundingClientRect();
    onZoom(panBy(zoom, (event.clientX - drag.current.x) / box.width, (event.clientY - drag.current.y) / box.height));
    drag.current = { x: event.clientX, y: event.clientY };
  };

  return (
    <Frame
      ref={frame}
      data-close={zoom.scale > 1 || undefined}
      data-shows={source?.shows}
      onPointerDown={(event) => {
        if (zoom.scale > 1) drag.current = { x: event.clientX, y: event.clientY };
      }}
      onPointerMove={move}
      onPointerUp={() => {
        drag.current = undefined;
      }}
      onPointerLeave={() => {
        drag.current = undefined;
      }}
    >
      {source?.address ? (
        // biome-ignore lint/a11y/useMediaCaption: sparring footage carries no speech to caption
        <video
          ref={video}
          src={source.address}
          aria-label={label ?? 'Footage'}
          preload="auto"
          playsInline
          style={{ transform: transformOf(zoom) }}
          onLoadedMetadata={(event) => {
            // Also when the copy takes the original's place in the middle of a review.
            event.currentTarget.playbackRate = playhead.speed;
            if (playhead.playing) void event.currentTarget.play().catch(() => undefined);
          }}
          onLoadedData={look}
          onResize={look}
          onPlaying={look}
          onError={look}
        />
      ) : null}
      {source === undefined ? <p className="absent">{without}</p> : null}
      {source && !source.address ? <p className="absent">{waitingWords(source)}</p> : null}
      {source?.address && trouble ? (
        <p className="absent" role="status">
          {trouble === 'cannot-show'
            ? 'This browser cannot show the file. It is kept as it is; a copy can be made under Footage.'
            : 'The footage does not come at the moment. It is asked for again by itself; marks can be made meanwhile.'}
        </p>
      ) : null}
      {source?.address && trouble !== 'cannot-show' ? children : null}
      {zoom.scale > 1 ? <span className="close">{zoom.scale.toFixed(1)}× closer</span> : null}
    </Frame>
  );
}

function waitingWords({ copyWork }: FootageSource): string {
  const kept = 'Browsers cannot show this kind of file. It is kept as it is';
  if (copyWork?.state === 'running')
    return `${kept}; a copy for looking is being made: ${Math.round(copyWork.progress * 100)} %.`;
  if (copyWork?.state === 'failed' || copyWork?.state === 'cancelled')
    return `${kept}; its copy for looking was not made. Try again under Footage.`;
  return `${kept}; a copy for looking will be made soon.`;
}
