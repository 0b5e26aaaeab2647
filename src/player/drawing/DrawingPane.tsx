'use client';

import dynamic from 'next/dynamic';
import { type RefObject, useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { MOST_LABEL_CHARACTERS } from '@/core/drawing';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { Size } from '../pictureArea';
import type { Zoom } from '../zoom';
import { drawingTools } from './drawingTools';
import { placeIn } from './placeIn';
import type { DrawnOn } from './useDrawingTools';

// The drawing package needs a browser: the server only sends the frame.
const load = () => import('./Drawing').then((module) => module.Drawing);
const Drawing = dynamic(load, { ssr: false });
/** Then the page has come up; the package is there before it is wanted, also when the server is away by then. */
const LOAD_MS = 2500;

const Bar = styled.div`
  position: absolute; left: 0; right: 0; top: 0; display: flex; flex-wrap: wrap; gap: ${space(1.5)}; align-items: center; padding: ${space(2)} ${space(3)}; background: ${color.ground};
  .hint { color: ${color.quiet}; font-size: ${size.small}; margin-left: ${space(2)}; flex: 1 1 160px; }
  kbd { font: inherit; color: ${color.quiet}; font-size: ${size.small}; }
  input { font-family: ${font.serif}; font-size: ${size.large}; background: ${color.raised}; color: ${color.ink}; border: 1px solid ${color.focus}; padding: ${space(1)} ${space(2)}; min-width: 220px; }
`;

/** What is drawn on the picture of a mark, and, while it is open, the tools to draw with. */
export function DrawingPane({
  drawing,
  video,
  zoom,
}: {
  readonly drawing: DrawnOn;
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly zoom: Zoom;
}) {
  const { isOpen } = drawing;
  useEffect(() => {
    const timer = setTimeout(() => void load().catch(() => undefined), LOAD_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!isOpen && drawing.strokes.length === 0) return null;
  const placeOf = (frame: Size) => placeIn(frame, video.current, zoom);
  const hint = drawing.tool
    ? drawingTools.find((one) => one.kind === drawing.tool)?.hint
    : 'Drag a stroke to move it; Delete takes it away.';
  return (
    <>
      <Drawing
        drawing={drawing.strokes}
        placeOf={placeOf}
        {...(isOpen
          ? {
              tool: drawing.tool,
              onStroke: drawing.add,
              onLabelAt: drawing.askLabel,
              editing: { chosen: drawing.chosen, onChoose: drawing.choose, onMove: drawing.move },
            }
          : {})}
      />
      {isOpen ? (
        <Bar role="toolbar" aria-label="Drawing on this picture" onPointerDown={(event) => event.stopPropagation()}>
          {drawingTools.map(({ kind, label }, at) => (
            <Button
              key={kind}
              look={drawing.tool === kind ? 'lead' : 'quiet'}
              aria-pressed={drawing.tool === kind}
              onPress={() => drawing.take(drawing.tool === kind ? undefined : kind)}
            >
              {label} <kbd>{at + 1}</kbd>
            </Button>
          ))}
          <Button isDisabled={drawing.strokes.length === 0} onPress={drawing.remove}>
            Take away
          </Button>
          <Button onPress={drawing.close}>Done (D)</Button>
          {drawing.labelAt ? <LabelField onDone={drawing.addLabel} /> : <span className="hint">{hint}</span>}
        </Bar>
      ) : null}
    </>
  );
}

function LabelField({ onDone }: { readonly onDone: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <input
      // biome-ignore lint/a11y/noAutofocus: the click on the picture asked for these words
      autoFocus
      aria-label="Words of the label"
      maxLength={MOST_LABEL_CHARACTERS}
      value={text}
      onChange={(event) => setText(event.target.value)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') onDone(text);
        if (event.key === 'Escape') onDone('');
      }}
    />
  );
}
