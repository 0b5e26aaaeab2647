'use client';

import { memo, useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock, type Span, spanSeconds } from '@/core/clock';
import {
  type Athlete,
  countsAsError,
  type Mark,
  opponentOf,
  TIDE_LIMIT,
  type Tide as TideFigures,
  tideAt,
} from '@/core/round';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { color, size } from '@/ui/tokens/tokens';
import { type Names, tideWords } from './reviewView';

const Box = styled.div`
  position: relative; background: ${color.sunken}; cursor: pointer; overflow: hidden;
  svg { display: block; width: 100%; }
  .name { position: absolute; left: 10px; font-size: ${size.small}; pointer-events: none; }
  .top { top: 3px; color: ${color.focusText}; }
  .bottom { bottom: 3px; color: ${color.other}; }
  button.name { border: 0; background: none; padding: 0; font-family: inherit; pointer-events: auto; cursor: pointer; }
  &[data-view='b'] .top { color: ${color.other}; }
  &[data-view='b'] .bottom { color: ${color.focusText}; }
  .now { position: absolute; right: 6px; top: 1px; padding: 1px 4px; background: ${color.sunken}; font-size: ${size.small}; color: ${color.quiet}; pointer-events: none; }
`;

export interface TideProps {
  readonly span: Span;
  readonly tide: TideFigures;
  readonly marks: readonly Mark[];
  /** Stretches without movement that nobody has decided about. */
  readonly lulls: readonly Span[];
  readonly selectedId?: string;
  readonly names: Names;
  readonly playhead: Playhead;
  readonly height: number;
  /** From whose side it is seen: that athlete's advantage is above. */
  readonly viewOf: Athlete;
  readonly onView: () => void;
}

export function Tide(props: TideProps) {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(760);
  useEffect(() => {
    if (!box.current || typeof ResizeObserver === 'undefined') return;
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.max(200, entry.contentRect.width)));
    observer.observe(box.current);
    return () => observer.disconnect();
  }, []);
  const { span, playhead, names, tide, height, viewOf, onView } = props;
  const xOf = (seconds: number) => ((seconds - span.startSeconds) / spanSeconds(span)) * width;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys of the page move the playhead
    // biome-ignore lint/a11y/noStaticElementInteractions: the playhead below is the slider; the surface only takes the pointer
    <div
      onClick={(event) => {
        const edge = event.currentTarget.getBoundingClientRect();
        playhead.seek(span.startSeconds + ((event.clientX - edge.left) / edge.width) * spanSeconds(span));
      }}
    >
      <Box ref={box} data-view={viewOf}>
        <TideSurface {...props} width={width} />
        <Needle playhead={playhead} xOf={xOf} height={height} tide={tide} names={names} span={span} />
        <span className="name top">▲ {names[viewOf]} better placed</span>
        <button
          type="button"
          className="name bottom"
          title="See the tide from the other side (Shift T)"
          onClick={(event) => {
            event.stopPropagation();
            onView();
          }}
        >
          ▼ {names[opponentOf(viewOf)]}
        </button>
      </Box>
    </div>
  );
}

const TideSurface = memo(function TideSurface({
  span,
  tide,
  marks,
  lulls,
  selectedId,
  width,
  height,
  viewOf,
}: TideProps & { readonly width: number }) {
  const middle = height / 2;
  const xOf = (seconds: number) => ((seconds - span.startSeconds) / spanSeconds(span)) * width;
  const seen = viewOf === 'a' ? 1 : -1;
  const [above, below] = viewOf === 'a' ? [color.focus, color.other] : [color.other, color.focus];
  const yOf = (value: number) => middle - ((seen * value) / TIDE_LIMIT) * (middle - 14);
  const outline = tide.steps
    .map(
      (step) =>
        `L${xOf(step.startSeconds).toFixed(1)} ${yOf(step.value).toFixed(1)}L${xOf(step.endSeconds).toFixed(1)} ${yOf(step.value).toFixed(1)}`,
    )
    .join('');
  const area = `M0 ${middle}${outline}L${width} ${middle}Z`;
  const minutes = Array.from({ length: Math.floor(spanSeconds(span) / 60) }, (_, index) => index + 1);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label="Who is better placed over the round"
    >
      {minutes.map((minute) => (
        <g key={minute}>
          <path d={`M${xOf(span.startSeconds + minute * 60)} 0V${height}`} stroke={color.rule} strokeDasharray="2 4" />
          <text x={xOf(span.startSeconds + minute * 60) + 3} y={height - 4} fill={color.quiet} fontSize="11">
            {minute}:00
          </text>
        </g>
      ))}
      <pattern id="tide-lull" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V6" stroke={color.rule} strokeWidth="2" />
      </pattern>
      {lulls.map((lull) => (
        <rect
          key={lull.startSeconds}
          x={xOf(lull.startSeconds)}
          width={xOf(lull.endSeconds) - xOf(lull.startSeconds)}
          y="0"
          height={height}
          fill="url(#tide-lull)"
        />
      ))}
      <clipPath id="tide-above">
        <rect x="0" y="0" width={width} height={middle} />
      </clipPath>
      <clipPath id="tide-below">
        <rect x="0" y={middle} width={width} height={middle} />
      </clipPath>
      <path d={area} fill={above} fillOpacity="0.3" stroke={above} strokeWidth="1.500" clipPath="url(#tide-above)" />
      <path d={area} fill={below} fillOpacity="0.3" stroke={below} strokeWidth="1.500" clipPath="url(#tide-below)" />
      {tide.steps
        .filter((step) => !step.live)
        .map((step) => (
          <rect
            key={step.startSeconds}
            x={xOf(step.startSeconds)}
            y="0"
            width={Math.max(2, xOf(step.endSeconds) - xOf(step.startSeconds))}
            height={height}
            fill={color.ground}
            opacity="0.75"
          />
        ))}
      <path d={`M0 ${middle}H${width}`} stroke={color.strongRule} />
      {marks.map((mark) => (
        <WaterMark
          key={mark.id}
          mark={mark}
          x={xOf(mark.atSeconds)}
          middle={middle}
          selected={mark.id === selectedId}
        />
      ))}
    </svg>
  );
});

const postHeight = { entry: 10, control: 18, locked: 27, finished: 40 } as const;

/** Errors notch the waterline from below, strengths rise on it, attempts stand as posts as high as their stage. */
const WaterMark = memo(function WaterMark({
  mark,
  x,
  middle,
  selected,
}: {
  readonly mark: Mark;
  readonly x: number;
  readonly middle: number;
  readonly selected: boolean;
}) {
  const tone = 'athlete' in mark && mark.athlete === 'b' ? color.other : color.focus;
  const ring = selected ? <circle cx={x} cy={middle} r="9" fill="none" stroke={color.ink} strokeWidth="1.500" /> : null;
  switch (mark.kind) {
    case 'error': {
      const filled = mark.punished === 'yes' || mark.punished === 'partly';
      // What was given on purpose, excused or still to be asked about is drawn, but not as harm.
      const line = countsAsError(mark) ? color.harm : color.quiet;
      return (
        <g data-tide-mark="error">
          <path
            d={`M${x - 5} ${middle + 9}L${x} ${middle - 3}L${x + 5} ${middle + 9}Z`}
            fill={filled ? line : color.sunken}
            stroke={line}
            strokeWidth="1.300"
          />
          {ring}
        </g>
      );
    }
    case 'strength':
      return (
        <g data-tide-mark="strength">
          <path
            d={`M${x - 7} ${middle}q3.500 0 4-5t3-5 3 5 4 5`}
            fill={color.good}
            fillOpacity="0.5"
            stroke={color.good}
            strokeWidth="1.300"
          />
          {ring}
        </g>
      );
    case 'attempt': {
      const top = middle - postHeight[mark.stage];
      return (
        <g data-tide-mark="attempt" stroke={tone} strokeWidth="2.200">
          <path d={`M${x} ${middle}V${top}`} />
          {mark.stage === 'finished' ? <path d={`M${x - 5} ${top}h10`} /> : null}
          {ring}
        </g>
      );
    }
    case 'chance':
      return (
        <g data-tide-mark="chance" stroke={tone} strokeWidth="1.600">
          <path d={`M${x} ${middle}V${middle - postHeight.control}`} strokeDasharray="2.500 3" />
          {ring}
        </g>
      );
    case 'hazard':
      return (
        <g data-tide-mark="hazard" stroke={color.harm} fill="none" strokeWidth="1.600" strokeLinejoin="round">
          <path d={`M${x} ${middle - 12}l7 12h-14z`} />
          {ring}
        </g>
      );
    default:
      return selected ? ring : null;
  }
});

function Needle({
  playhead,
  xOf,
  height,
  tide,
  names,
  span,
}: {
  readonly playhead: Playhead;
  readonly xOf: (seconds: number) => number;
  readonly height: number;
  readonly tide: TideFigures;
  readonly names: Names;
  readonly span: Span;
}) {
  const seconds = usePlayheadTime(playhead);
  return (
    <>
      <div
        role="slider"
        tabIndex={-1}
        aria-label="Moment in the round"
        aria-valuemin={0}
        aria-valuemax={Math.round(spanSeconds(span))}
        aria-valuenow={Math.round(seconds - span.startSeconds)}
        aria-valuetext={formatClock(seconds - span.startSeconds)}
        style={{
          position: 'absolute',
          top: 0,
          left: 0,
          width: 2,
          height,
          background: color.ink,
          transform: `translateX(${xOf(seconds) - 1}px)`,
          pointerEvents: 'none',
        }}
      />
      <span className="now">{tideWords(tideAt(tide, seconds), names)}</span>
    </>
  );
}
