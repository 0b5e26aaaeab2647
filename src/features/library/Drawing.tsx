'use client';

import type Konva from 'konva';
import { useLayoutEffect, useRef, useState } from 'react';
import { Arrow, Circle, Layer, Line, Stage } from 'react-konva';
import { clampToPicture, type PicturePoint, type Stroke, type StrokeKind, strokeOf } from '@/core/drawing';

const INK = '#f2b33d';
export interface DrawingProps {
  readonly drawing: readonly Stroke[];
  readonly tool?: StrokeKind;
  readonly onStroke?: (stroke: Stroke) => void;
}

/** Strokes over a picture, kept in shares of its size so that they fit at any. For pointing, not for pictures. */
export function Drawing({ drawing, tool, onStroke }: DrawingProps) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  const [points, setPoints] = useState<readonly PicturePoint[]>([]);
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const shareOf = (event: Konva.KonvaEventObject<PointerEvent>): PicturePoint | undefined => {
    const at = event.target.getStage()?.getPointerPosition();
    return at ? clampToPicture(at.x / size.width, at.y / size.height) : undefined;
  };
  const finish = () => {
    const stroke = tool ? strokeOf(tool, points, size) : undefined;
    setPoints([]);
    if (stroke) onStroke?.(stroke);
  };
  const shown = tool && points.length > 1 ? [...drawing, strokeOf(tool, points, size)] : drawing;
  return (
    <div
      ref={box}
      style={{ position: 'absolute', inset: 0, pointerEvents: tool ? 'auto' : 'none', touchAction: 'none' }}
    >
      <Stage
        width={size.width}
        height={size.height}
        onPointerDown={(event) => {
          const at = shareOf(event);
          if (tool && at) setPoints([at]);
        }}
        onPointerMove={(event) => {
          const at = points.length > 0 ? shareOf(event) : undefined;
          if (at) setPoints((known) => [...known, at].slice(-400));
        }}
        onPointerUp={finish}
      >
        <Layer listening={false}>
          {shown.map((stroke, at) => (
            <Shape key={at} stroke={stroke} {...size} />
          ))}
        </Layer>
      </Stage>
    </div>
  );
}

function Shape({
  stroke,
  width,
  height,
}: {
  readonly stroke: Stroke | undefined;
  readonly width: number;
  readonly height: number;
}) {
  if (!stroke) return null;
  const flat = (points: readonly PicturePoint[]) => points.flatMap(([x, y]) => [x * width, y * height]);
  const look = { stroke: INK, strokeWidth: 3, lineCap: 'round', lineJoin: 'round' } as const;
  if (stroke.kind === 'arrow')
    return <Arrow {...look} fill={INK} pointerLength={11} pointerWidth={10} points={flat([stroke.from, stroke.to])} />;
  if (stroke.kind === 'ring')
    return (
      <Circle {...look} x={stroke.centre[0] * width} y={stroke.centre[1] * height} radius={stroke.radius * width} />
    );
  return <Line {...look} tension={0.3} points={flat(stroke.points)} />;
}
