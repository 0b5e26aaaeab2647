'use client';

import type Konva from 'konva';
import { useLayoutEffect, useRef, useState } from 'react';
import { Arrow, Circle, Layer, Line, Stage } from 'react-konva';
import type { StrokeInput } from '@/server/language/clipInput';

const INK = '#f2b33d';
type Point = [number, number];

export interface DrawingProps {
  readonly drawing: readonly StrokeInput[];
  readonly tool?: StrokeInput['kind'];
  readonly onStroke?: (stroke: StrokeInput) => void;
}

/** Strokes over a picture, kept in shares of its size so that they fit at any. For pointing, not for pictures. */
export function Drawing({ drawing, tool, onStroke }: DrawingProps) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  const [points, setPoints] = useState<readonly Point[]>([]);
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const shareOf = (event: Konva.KonvaEventObject<PointerEvent>): Point | undefined => {
    const at = event.target.getStage()?.getPointerPosition();
    return at ? [clamp(at.x / size.width), clamp(at.y / size.height)] : undefined;
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

const clamp = (share: number): number => Math.min(1, Math.max(0, share));

/** What a drag becomes; undefined for a click that went nowhere. */
function strokeOf(
  tool: StrokeInput['kind'],
  points: readonly Point[],
  { width, height }: { width: number; height: number },
): StrokeInput | undefined {
  const [from, to] = [points[0], points[points.length - 1]];
  if (!from || !to) return undefined;
  const reach = Math.hypot((to[0] - from[0]) * width, (to[1] - from[1]) * height);
  if (reach < 6) return undefined;
  if (tool === 'arrow') return { kind: 'arrow', from, to };
  if (tool === 'ring') return { kind: 'ring', centre: from, radius: Math.min(1, reach / width) };
  return { kind: 'line', points: [...points] };
}

function Shape({
  stroke,
  width,
  height,
}: {
  readonly stroke: StrokeInput | undefined;
  readonly width: number;
  readonly height: number;
}) {
  if (!stroke) return null;
  const flat = (points: readonly Point[]) => points.flatMap(([x, y]) => [x * width, y * height]);
  const look = { stroke: INK, strokeWidth: 3, lineCap: 'round', lineJoin: 'round' } as const;
  if (stroke.kind === 'arrow')
    return <Arrow {...look} fill={INK} pointerLength={11} pointerWidth={10} points={flat([stroke.from, stroke.to])} />;
  if (stroke.kind === 'ring')
    return (
      <Circle {...look} x={stroke.centre[0] * width} y={stroke.centre[1] * height} radius={stroke.radius * width} />
    );
  return <Line {...look} tension={0.3} points={flat(stroke.points)} />;
}
