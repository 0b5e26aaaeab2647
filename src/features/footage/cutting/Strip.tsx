'use client';

import { Bell } from 'lucide-react';
import { type PointerEvent as ReactPointerEvent, useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock, type Span } from '@/core/clock';
import type { Playhead } from '@/player/usePlayhead';
import { color, size, space } from '@/ui/tokens/tokens';
import { Filmframe } from '../Filmframe';
import type { Filmstrip } from '../footageView';
import { Curves, type Signals } from './Curves';
import type { Cut } from './cutReducer';
import type { KeptRound } from './keptRounds';
import { ticksOf } from './stripView';

const FRAME_HEIGHT = 54;

const Board = styled.div`
  position: relative; overflow: hidden; background: ${color.sunken}; border-top: 1px solid ${color.rule}; user-select: none;
  .ticks { position: relative; height: 18px; font-size: ${size.small}; color: ${color.quiet}; span { position: absolute; top: 1px; padding-left: 4px; border-left: 1px solid ${color.rule}; } }
  .bands { position: relative; height: 30px; border-bottom: 1px solid ${color.rule}; }
  .frames > div { flex: none; }
  .frames { display: flex; height: ${FRAME_HEIGHT}px; overflow: hidden; background: #0c0f0d; color: ${color.quiet}; align-items: center; cursor: pointer; }
  .bells { position: relative; height: 16px; color: ${color.focusText}; svg { position: absolute; top: 2px; margin-left: -6px; } }
  .lull { position: absolute; top: 0; bottom: 0; background: repeating-linear-gradient(135deg, transparent 0 3px, ${color.rule} 3px 4px); pointer-events: none; }
  .playhead { position: absolute; top: 0; bottom: 0; width: 2px; margin-left: -1px; background: ${color.focus}; pointer-events: none; }
`;
const Band = styled.button`
  position: absolute; top: 3px; bottom: 3px; padding: 0 ${space(2.5)}; text-align: left; overflow: hidden; white-space: nowrap; font-size: ${size.small}; cursor: pointer;
  background: ${color.otherWash}; border: 1px solid ${color.other}; color: ${color.ink};
  &[data-state='proposed'] { border-style: dashed; background: transparent; }
  &[data-state='confirmed'] { background: ${color.focusWash}; border-color: ${color.focus}; }
  &[data-chosen] { outline: 2px solid ${color.focus}; outline-offset: 0; }
  i { position: absolute; top: 0; bottom: 0; width: 7px; cursor: ew-resize; background: ${color.strongRule}; }
  i:first-child { left: 0; }
  i:last-child { right: 0; }
`;

export interface StripProps {
  readonly footageId: string;
  readonly filmstrip?: Filmstrip;
  readonly signals?: Signals;
  readonly bells: readonly number[];
  readonly lulls: readonly Span[];
  readonly cuts: readonly Cut[];
  readonly chosenKey?: string;
  readonly kept: readonly KeptRound[];
  readonly window: Span;
  readonly playhead: Playhead;
  readonly onZoom: (factor: number, heldSeconds: number) => void;
  readonly onChoose: (key: string) => void;
  readonly onMove: (key: string, span: Span) => void;
}

/** The file laid out in time: rounds, pictures, bells, loudness and movement. Press to go there, drag the ends of a round, turn the wheel. */
export function Strip(props: StripProps) {
  const { footageId, filmstrip, signals, bells, lulls, cuts, chosenKey, kept, window, playhead, onZoom, onChoose } =
    props;
  const board = useRef<HTMLDivElement>(null);
  const line = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  const length = window.endSeconds - window.startSeconds;
  const left = (seconds: number): string => `${((seconds - window.startSeconds) / length) * 100}%`;
  const wide = (span: Span): string => `${((span.endSeconds - span.startSeconds) / length) * 100}%`;
  const secondsAt = (clientX: number): number => {
    const box = board.current?.getBoundingClientRect();
    return box ? window.startSeconds + ((clientX - box.left) / box.width) * length : 0;
  };
  const latest = useRef({ onZoom, secondsAt });
  latest.current = { onZoom, secondsAt };

  useEffect(() => {
    const element = board.current;
    if (!element) return;
    const watcher = new ResizeObserver(() => setWidth(Math.round(element.clientWidth)));
    watcher.observe(element);
    const turn = (event: WheelEvent) => {
      event.preventDefault();
      latest.current.onZoom(Math.exp(event.deltaY / 500), latest.current.secondsAt(event.clientX));
    };
    element.addEventListener('wheel', turn, { passive: false });
    return () => {
      watcher.disconnect();
      element.removeEventListener('wheel', turn);
    };
  }, []);

  // The playhead's line moves with every picture: past React.
  useEffect(() => {
    const place = () => {
      if (line.current) line.current.style.left = `${((playhead.now() - window.startSeconds) / length) * 100}%`;
    };
    place();
    return playhead.subscribe(place);
  }, [playhead, window, length]);

  const inView = (span: Span) => span.endSeconds > window.startSeconds && span.startSeconds < window.endSeconds;
  const frameWidth = filmstrip ? Math.round((filmstrip.width * FRAME_HEIGHT) / filmstrip.height) : 96;
  const frames = Math.ceil(width / frameWidth);
  return (
    <Board ref={board} data-strip>
      <div className="ticks">
        {ticksOf(window).map((tick) => (
          <span key={tick} style={{ left: left(tick) }}>
            {formatClock(tick)}
          </span>
        ))}
      </div>
      <div className="bands">
        {kept.filter(inView).map((round) => (
          <Band
            key={round.id}
            data-state="kept"
            data-chosen={round.id === chosenKey || undefined}
            style={{ left: left(round.startSeconds), width: wide(round) }}
            title={`${round.a} and ${round.b}`}
            tabIndex={-1}
            onClick={() => onChoose(round.id)}
          >
            {round.a} and {round.b}
          </Band>
        ))}
        {cuts.map((cut, index) =>
          inView(cut) ? (
            <CutBand
              key={cut.key}
              cut={cut}
              number={index + 1}
              chosen={cut.key === chosenKey}
              left={left}
              wide={wide}
              secondsAt={secondsAt}
              onChoose={onChoose}
              onMove={props.onMove}
            />
          ) : null,
        )}
      </div>
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys of the page do the same */}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: as above */}
      <div className="frames" onClick={(event) => playhead.seek(secondsAt(event.clientX))}>
        {filmstrip
          ? Array.from({ length: frames }, (_, index) => {
              const atSeconds = window.startSeconds + ((index + 0.5) * frameWidth * length) / Math.max(1, width);
              return (
                <Filmframe
                  key={index}
                  footageId={footageId}
                  strip={filmstrip}
                  atSeconds={atSeconds}
                  width={frameWidth}
                />
              );
            })
          : '  The filmstrip is being made …'}
      </div>
      <div className="bells">
        {bells
          .filter((at) => at >= window.startSeconds && at <= window.endSeconds)
          .map((at) => (
            <Bell key={at} size={12} style={{ left: left(at) }} aria-label={`Bell at ${formatClock(at)}`} />
          ))}
        {lulls.filter(inView).map((lull) => (
          <div
            key={lull.startSeconds}
            className="lull"
            title="A lull: hardly anything moves"
            style={{ left: left(lull.startSeconds), width: wide(lull) }}
          />
        ))}
      </div>
      {signals ? <Curves signals={signals} window={window} width={width} /> : null}
      <div className="playhead" ref={line} />
    </Board>
  );
}

interface CutBandProps {
  readonly cut: Cut;
  readonly number: number;
  readonly chosen: boolean;
  readonly left: (seconds: number) => string;
  readonly wide: (span: Span) => string;
  readonly secondsAt: (clientX: number) => number;
  readonly onChoose: (key: string) => void;
  readonly onMove: (key: string, span: Span) => void;
}

/** One round on the strip; its ends can be dragged and take effect when they are let go. */
function CutBand({ cut, number, chosen, left, wide, secondsAt, onChoose, onMove }: CutBandProps) {
  const [dragged, setDragged] = useState<Span>();
  const span = dragged ?? cut;
  const drag = (end: 'startSeconds' | 'endSeconds') => ({
    onPointerDown: (event: ReactPointerEvent<HTMLElement>) => {
      event.stopPropagation();
      event.currentTarget.setPointerCapture(event.pointerId);
      onChoose(cut.key);
      setDragged({ startSeconds: cut.startSeconds, endSeconds: cut.endSeconds });
    },
    onPointerMove: (event: ReactPointerEvent<HTMLElement>) => {
      if (dragged) setDragged({ ...dragged, [end]: secondsAt(event.clientX) });
    },
    onPointerUp: () => {
      if (dragged) onMove(cut.key, dragged);
      setDragged(undefined);
    },
  });
  return (
    <Band
      data-state={cut.state}
      data-chosen={chosen || undefined}
      tabIndex={-1}
      style={{ left: left(span.startSeconds), width: wide(span) }}
      onClick={() => onChoose(cut.key)}
    >
      <i {...drag('startSeconds')} />
      {number} · {formatClock(span.endSeconds - span.startSeconds)}
      <i {...drag('endSeconds')} />
    </Band>
  );
}
