'use client';

import { useState } from 'react';
import type { StrokeKind } from '@/core/drawing';
import { useAction } from '@/forms/useAction';
import { drawingTools } from '@/player/drawing/drawingTools';
import { keepClip, removeClip } from '@/server/language/clipActions';
import type { ClipInput } from '@/server/language/clipInput';
import { Fields, Notice, Row, Stack } from '@/ui/layout/Page';
import { Button, Choice, Dialog, TextField } from '@/ui/primitives';
import { ClipPlayer } from './ClipPlayer';

// Words are written in the caption here.
const tools = drawingTools.filter((tool) => tool.kind !== 'label');

export interface ClipDialogProps {
  readonly clip: ClipInput;
  /** It is on the shelf already, so it can be taken off. */
  readonly kept?: boolean;
  readonly onClose: () => void;
}

/** Chooses the piece of footage, how slowly it plays, and what is drawn on it. */
export function ClipDialog({ clip, kept, onClose }: ClipDialogProps) {
  const [start, setStart] = useState(clip.startSeconds.toFixed(1));
  const [end, setEnd] = useState(clip.endSeconds.toFixed(1));
  const [speed, setSpeed] = useState(String(clip.speed));
  const [caption, setCaption] = useState(clip.caption);
  const [drawing, setDrawing] = useState(clip.drawing);
  const [tool, setTool] = useState<StrokeKind>();
  const { message, pending, run } = useAction();
  const seconds = (text: string) => Number(text.replace(',', '.'));
  const draft = {
    ...clip,
    startSeconds: seconds(start),
    endSeconds: seconds(end),
    speed: Number(speed),
    caption,
    drawing,
  };
  const isPlayable = draft.startSeconds >= 0 && draft.endSeconds > draft.startSeconds;
  return (
    <Dialog title="Reference clip" isOpen onClose={onClose}>
      <Stack>
        {isPlayable ? (
          <ClipPlayer clip={draft} tool={tool} onStroke={(stroke) => setDrawing((known) => [...known, stroke])} />
        ) : (
          <Notice role="alert">The clip must end after it begins. Times are seconds of the footage.</Notice>
        )}
        <Row>
          {tools.map(({ kind, label }) => (
            <Button
              key={kind}
              aria-pressed={tool === kind}
              look={tool === kind ? 'lead' : 'quiet'}
              onPress={() => setTool(tool === kind ? undefined : kind)}
            >
              {label}
            </Button>
          ))}
          <Button isDisabled={drawing.length === 0} onPress={() => setDrawing((known) => known.slice(0, -1))}>
            Undo a stroke
          </Button>
        </Row>
        <Fields>
          <TextField label="From" unit="s" inputMode="decimal" value={start} onChange={setStart} />
          <TextField label="To" unit="s" inputMode="decimal" value={end} onChange={setEnd} />
          <TextField label="Caption" value={caption} onChange={setCaption} />
        </Fields>
        <Choice
          label="Speed"
          value={speed}
          onChange={setSpeed}
          options={['0.25', '0.5', '0.75', '1'].map((value) => ({ value, label: `${value}×` }))}
        />
        {message ? <Notice role="alert">{message}</Notice> : null}
        <Row>
          <Button look="lead" isPending={pending} onPress={() => run(() => keepClip(draft), onClose)}>
            Keep the clip
          </Button>
          {kept ? (
            <Button look="harm" isPending={pending} onPress={() => run(() => removeClip(clip.id), onClose)}>
              Take it off the shelf
            </Button>
          ) : null}
          <Button look="plain" onPress={onClose}>
            Cancel
          </Button>
        </Row>
      </Stack>
    </Dialog>
  );
}
