'use client';

import { useEffect, useState } from 'react';
import { formatClock } from '@/core/clock';
import { FormMessage } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { askReelClip, type ClipNews, lookAtClip, stopReelClip } from '@/server/reels/reelActions';
import { Notice, Quiet, Row } from '@/ui/layout/Page';
import { Button, Checkbox, Choice, Dialog, Progress } from '@/ui/primitives';

const LOOK_MS = 800;

export interface FilmDialogProps {
  readonly reelId: string;
  readonly name: string;
  readonly problem?: string;
  readonly onClose: () => void;
}

/** A reel as one film: with what in the picture, how far it is, and the finished file. */
export function FilmDialog({ reelId, name, problem, onClose }: FilmDialogProps) {
  const { fields, set } = useDraft(() => ({ captions: 'burned' as 'burned' | 'beside', isNamed: false }));
  const { messages, isSending, send } = useSending();
  const [clipId, setClipId] = useState<string>();
  const [clip, setClip] = useState<ClipNews>();
  const isUnderway = clip === undefined || clip.state === 'waiting' || clip.state === 'working';
  useEffect(() => {
    if (!clipId || !isUnderway) return;
    let isOver = false;
    const look = async () => {
      const outcome = await lookAtClip(clipId).catch(() => undefined);
      if (!isOver && outcome?.ok) setClip(outcome.clip);
    };
    void look();
    const timer = setInterval(() => void look(), LOOK_MS);
    return () => {
      isOver = true;
      clearInterval(timer);
    };
  }, [clipId, isUnderway]);
  const ask = () =>
    send(
      () => askReelClip(reelId, fields),
      (asked) => {
        setClip(undefined);
        setClipId(asked.clipId);
      },
    );
  return (
    <Dialog light="loft" title="A film of this reel" isOpen onClose={onClose}>
      {problem ? <Notice data-tone="caution">{problem}</Notice> : null}
      <FormMessage messages={messages} />
      <Choice
        label="What stands below"
        value={fields.captions}
        onChange={(captions) => set({ captions })}
        options={[
          { value: 'burned', label: 'in the picture' },
          { value: 'beside', label: 'as a file beside it' },
        ]}
      />
      <Checkbox isSelected={fields.isNamed} onChange={(isNamed) => set({ isNamed })}>
        With names
      </Checkbox>
      <Quiet>One MP4 that any phone plays, with its stops and drawings. The same reel is made once.</Quiet>
      {clipId ? <FilmState clipId={clipId} clip={clip} name={name} /> : null}
      <div className="buttons">
        <Button onPress={onClose}>Close</Button>
        {clipId && isUnderway ? (
          <Button onPress={() => void stopReelClip(clipId)}>Stop making it</Button>
        ) : (
          <Button look="lead" onPress={ask} isPending={isSending} isDisabled={problem !== undefined}>
            Make the film
          </Button>
        )}
      </div>
    </Dialog>
  );
}

function FilmState({
  clipId,
  clip,
  name,
}: {
  readonly clipId: string;
  readonly clip: ClipNews | undefined;
  readonly name: string;
}) {
  if (clip?.state === 'ready')
    return (
      <Row role="status">
        <a href={`/api/clips/${clipId}/film`} download={`${name}.mp4`}>
          The film, {formatClock(clip.seconds ?? 0)}, {((clip.byteLength ?? 0) / 1_000_000).toFixed(1)} MB
        </a>
        {clip.hasCaptions ? (
          <a href={`/api/clips/${clipId}/captions`} download={`${name}.vtt`}>
            its captions
          </a>
        ) : null}
      </Row>
    );
  if (clip?.state === 'cancelled') return <Notice data-tone="calm">Stopped. It can be made again.</Notice>;
  if (clip?.state === 'failed') return <Notice role="alert">{failedWords(clip.problem?.code)}</Notice>;
  const percent = Math.round((clip?.progress ?? 0) * 100);
  return (
    <Progress
      label="The film"
      percent={percent}
      words={clip?.state === 'working' ? `${percent} %` : 'waits its turn'}
    />
  );
}

function failedWords(code: string | undefined): string {
  if (code === 'footage-gone') return 'Footage of one of its moments is gone. Leave that moment out, then try again.';
  if (code === 'disk-full') return 'The disk is full. Make room, then try again.';
  return 'The film could not be made. Try again; if it fails once more, the log tells why.';
}
