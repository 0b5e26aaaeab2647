'use client';

import type Konva from 'konva';
import { type ReactNode, useLayoutEffect, useRef, useState } from 'react';
import { Arrow, Circle, Group, Layer, Line, Stage, Text } from 'react-konva';
import {
  angleStroke,
  clampToPicture,
  moveStroke,
  type PicturePoint,
  type Stroke,
  type StrokeKind,
  strokeOf,
} from '@/core/drawing';
import type { Point, Size } from '../pictureArea';

const INK = '#f2b33d';
const CHOSEN = '#f5f1e6';

/** Where the picture lies in the frame that is drawn on, in pixels. */
export interface PicturePlace {
  readonly toFrame: (at: PicturePoint) => Point;
  readonly toPicture: (at: Point) => PicturePoint;
  /** The picture's own size on the screen. */
  readonly shown: Size;
}

/** A picture that fills its whole frame. */
const filling = (frame: Size): PicturePlace => ({
  toFrame: ([x, y]) => ({ x: x * frame.width, y: y * frame.height }),
  toPicture: ({ x, y }) => clampToPicture(x / frame.width, y / frame.height),
  shown: frame,
});

export interface DrawingProps {
  readonly drawing: readonly Stroke[];
  readonly tool?: StrokeKind;
  readonly onStroke?: (stroke: Stroke) => void;
  /** Where a label was asked for: its words are typed elsewhere. */
  readonly onLabelAt?: (at: PicturePoint) => void;
  /** Strokes can be chosen and moved while no tool is in hand. */
  readonly editing?: {
    readonly chosen: number | undefined;
    readonly onChoose: (index: number | undefined) => void;
    readonly onMove: (index: number, moved: Stroke) => void;
  };
  readonly placeOf?: (frame: Size) => PicturePlace;
}

/** Strokes over a picture, kept in shares of its size so that they fit at any. For pointing, not for pictures. */
export function Drawing({ drawing, tool, onStroke, onLabelAt, editing, placeOf = filling }: DrawingProps) {
  const box = useRef<HTMLDivElement>(null);
  const [frame, setFrame] = useState<Size>({ width: 0, height: 0 });
  const [points, setPoints] = useState<readonly PicturePoint[]>([]);
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const measure = () => setFrame({ width: element.clientWidth, height: element.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const place = placeOf(frame);
  const at = (event: Konva.KonvaEventObject<PointerEvent>): PicturePoint | undefined => {
    const pixel = event.target.getStage()?.getPointerPosition();
    return pixel ? place.toPicture(pixel) : undefined;
  };
  const press = (event: Konva.KonvaEventObject<PointerEvent>) => {
    event.evt.stopPropagation();
    const here = at(event);
    if (!here) return;
    if (tool === 'angle') {
      const [from, corner] = points;
      const angle = from && corner && angleStroke([from, corner, here], place.shown);
      setPoints(from && corner ? [] : [...points, here]);
      if (angle) onStroke?.(angle);
    } else if (tool && tool !== 'label') setPoints([here]);
    else if (event.target === event.target.getStage()) editing?.onChoose(undefined);
  };
  const finish = (event: Konva.KonvaEventObject<PointerEvent>) => {
    if (tool === 'angle') return;
    // Only when the press is over: it would take the focus away from the words that are asked for.
    const here = tool === 'label' ? at(event) : undefined;
    if (here) return onLabelAt?.(here);
    const stroke = tool ? strokeOf(tool, points, place.shown) : undefined;
    setPoints([]);
    if (stroke) onStroke?.(stroke);
  };
  const begun: Stroke | undefined =
    tool === 'angle'
      ? points.length === 2
        ? { kind: 'straight', from: points[0]!, to: points[1]! }
        : undefined
      : tool && points.length > 1
        ? strokeOf(tool, points, place.shown)
        : undefined;
  return (
    <div
      ref={box}
      data-drawing={drawing.length}
      style={{ position: 'absolute', inset: 0, pointerEvents: tool || editing ? 'auto' : 'none', touchAction: 'none' }}
    >
      <Stage
        width={frame.width}
        height={frame.height}
        onPointerDown={press}
        onPointerMove={(event) => {
          const here = points.length > 0 && tool !== 'angle' ? at(event) : undefined;
          if (here) setPoints((known) => [...known, here].slice(-400));
        }}
        onPointerUp={finish}
      >
        <Layer listening={editing !== undefined && !tool}>
          {drawing.map((stroke, index) => (
            <Group
              key={index}
              draggable={editing !== undefined && !tool}
              onPointerDown={() => editing?.onChoose(index)}
              onDragEnd={({ target }) => {
                const { x, y } = target.position();
                target.position({ x: 0, y: 0 });
                editing?.onMove(index, moveStroke(stroke, x / place.shown.width, y / place.shown.height));
              }}
            >
              <Shape stroke={stroke} place={place} ink={editing?.chosen === index ? CHOSEN : INK} />
            </Group>
          ))}
          {begun ? <Shape stroke={begun} place={place} ink={INK} /> : null}
        </Layer>
      </Stage>
    </div>
  );
}

function Shape({
  stroke,
  place,
  ink,
}: {
  readonly stroke: Stroke;
  readonly place: PicturePlace;
  readonly ink: string;
}): ReactNode {
  const flat = (points: readonly PicturePoint[]) =>
    points.flatMap((point) => {
      const { x, y } = place.toFrame(point);
      return [x, y];
    });
  const look = { stroke: ink, strokeWidth: 3, hitStrokeWidth: 16, lineCap: 'round', lineJoin: 'round' } as const;
  switch (stroke.kind) {
    case 'arrow':
      return (
        <Arrow {...look} fill={ink} pointerLength={11} pointerWidth={10} points={flat([stroke.from, stroke.to])} />
      );
    case 'straight':
      return <Line {...look} points={flat([stroke.from, stroke.to])} />;
    case 'ring':
      return <Circle {...look} {...place.toFrame(stroke.centre)} radius={stroke.radius * place.shown.width} />;
    case 'line':
      return <Line {...look} tension={0.3} points={flat(stroke.points)} />;
    case 'angle': {
      const { x, y } = place.toFrame(stroke.corner);
      return (
        <>
          <Line {...look} points={flat([stroke.from, stroke.corner, stroke.to])} />
          <Words x={x + 10} y={y - 24} ink={ink}>{`${Math.round(stroke.degrees)}°`}</Words>
        </>
      );
    }
    case 'label': {
      const { x, y } = place.toFrame(stroke.at);
      return (
        <Words x={x} y={y - 9} ink={ink}>
          {stroke.text}
        </Words>
      );
    }
  }
}

/** Words that stay readable over any footage. */
const Words = ({
  x,
  y,
  ink,
  children,
}: {
  readonly x: number;
  readonly y: number;
  readonly ink: string;
  readonly children: string;
}) => (
  <Text
    {...{ x, y }}
    text={children}
    fontFamily="'Alegreya Variable', Georgia, serif"
    fontSize={19}
    fontStyle="600"
    fill={ink}
    stroke="#0c0f0d"
    strokeWidth={4}
    fillAfterStrokeEnabled
  />
);
