'use client';

import { useRef, useState } from 'react';
import { styled } from 'styled-components';
import { formatClockTenths } from '@/core/clock';
import { Row } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';

const Frame = styled.div`
  display: grid; grid-template-columns: minmax(0, 480px) 1fr; gap: ${space(4)} ${space(6)}; align-items: start;
  video { width: 100%; background: #101412; display: block; }
  .points button { white-space: nowrap; }
  .points > div { flex-wrap: nowrap; }
  .points { font-size: ${size.body}; display: grid; grid-template-columns: auto auto 1fr; gap: ${space(2)} ${space(3)}; align-items: center; }
  .problem { color: ${color.harm}; font-weight: 600; font-size: ${size.small}; }
`;

export interface CutPreviewProps {
  readonly footageId: string;
  readonly durationSeconds: number;
  readonly start: number;
  readonly end: number;
  readonly problem?: string;
  readonly onChange: (patch: { start?: number; end?: number }) => void;
}

/** The file with the two points between which the round lies. */
export function CutPreview({ footageId, durationSeconds, start, end, problem, onChange }: CutPreviewProps) {
  const video = useRef<HTMLVideoElement>(null);
  const [failed, setFailed] = useState(false);
  const now = () => Math.min(durationSeconds, Number((video.current?.currentTime ?? 0).toFixed(2)));
  const show = (seconds: number) => {
    if (video.current) video.current.currentTime = seconds;
  };
  return (
    <Frame>
      {/* biome-ignore lint/a11y/useMediaCaption: sparring footage carries no speech to caption */}
      <video
        ref={video}
        controls
        preload="metadata"
        src={`/api/footage/${footageId}/file`}
        onError={() => setFailed(true)}
      />
      {failed ? (
        <span className="problem">
          This browser cannot show the file. Type the points below; the file itself is kept.
        </span>
      ) : null}
      <div className="points">
        <span>Round begins</span>
        <Button onPress={() => show(start)}>{formatClockTenths(start)}</Button>
        <Row>
          <Button onPress={() => onChange({ start: now() })}>Begin here</Button>
          <Button look="plain" onPress={() => onChange({ start: 0 })}>
            start of file
          </Button>
        </Row>
        <span>Round ends</span>
        <Button onPress={() => show(end)}>{formatClockTenths(end)}</Button>
        <Row>
          <Button onPress={() => onChange({ end: now() })}>End here</Button>
          <Button look="plain" onPress={() => onChange({ end: durationSeconds })}>
            end of file
          </Button>
        </Row>
      </div>
      {problem ? (
        <span className="problem" role="alert">
          {problem}
        </span>
      ) : null}
    </Frame>
  );
}
