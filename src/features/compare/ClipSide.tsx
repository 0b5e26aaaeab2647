'use client';

import { styled } from 'styled-components';
import { formatClockTenths } from '@/core/clock';
import { FootagePicture } from '@/player/FootagePicture';
import { usePlayheadTime } from '@/player/usePlayhead';
import { useWordOf } from '@/terms/HouseContext';
import { Button, Select } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { Side } from './tie';
import type { Clip, Piece } from './useClip';

const Box = styled.section`
  display: grid; grid-template-rows: auto minmax(0, 1fr) 40px auto; min-height: 0; min-width: 0; border-top: 3px solid transparent; position: relative;
  &[data-active] { border-color: ${color.focus}; }
  > header { padding: ${space(2)} ${space(4)}; display: flex; gap: ${space(3)}; align-items: flex-end; > :first-child { flex: 1; min-width: 0; } }
  .clock { display: flex; gap: ${space(3)}; align-items: center; padding: 0 ${space(4)}; font-size: ${size.small}; color: ${color.quiet}; }
  .clock strong { font-size: 18px; font-weight: 400; color: ${color.ink}; font-variant-numeric: lining-nums tabular-nums; min-width: 84px; }
  .clock .off { margin-left: auto; font-family: ${font.serif}; font-size: ${size.body}; }
  input { width: calc(100% - 32px); margin: 0 ${space(4)} ${space(3)}; accent-color: var(--amber); }
`;

export interface ClipSideProps {
  readonly side: Side;
  readonly clip: Clip;
  readonly active: boolean;
  readonly pieces: readonly Piece[];
  /** Where this clip is tied to the other. */
  readonly tiedAt?: number;
  readonly onChoose: (key: string) => void;
  readonly onActivate: () => void;
  readonly onSeek: (seconds: number) => void;
}

/** One clip with its choice, its picture and its time. */
export function ClipSide({ side, clip, active, pieces, tiedAt, onChoose, onActivate, onSeek }: ClipSideProps) {
  const { piece, video, source, playhead, span, zoom, setZoom } = clip;
  const wordOf = useWordOf();
  const seconds = usePlayheadTime(playhead);
  const label = side === 'left' ? 'Left clip' : 'Right clip';
  const titleOf = (one: Piece): string =>
    one.kind === 'round'
      ? one.title
      : `${one.conceptId ? wordOf(one.conceptId) : 'Clip'} — ${one.title || 'reference'}`;
  return (
    <Box data-active={active || undefined} aria-label={label} onPointerDown={onActivate}>
      <header>
        <Select
          label={`${label} (${side === 'left' ? 1 : 2})`}
          options={pieces.map((one) => ({ value: one.key, label: titleOf(one) }))}
          value={piece.key}
          onChange={onChoose}
        />
      </header>
      <FootagePicture video={video} source={source} playhead={playhead} zoom={zoom} onZoom={setZoom} label={label} />
      <div className="clock">
        <strong data-clock>{formatClockTenths(seconds - span.startSeconds)}</strong>
        <Button onPress={() => playhead.changeSpeed(-1)} excludeFromTabOrder aria-label={`${label} slower`}>
          −
        </Button>
        <span>{playhead.speed}×</span>
        <Button onPress={() => playhead.changeSpeed(1)} excludeFromTabOrder aria-label={`${label} faster`}>
          +
        </Button>
        <span className="off">
          {tiedAt === undefined ? 'not tied' : `tied at ${formatClockTenths(tiedAt - span.startSeconds)}`}
        </span>
      </div>
      <input
        type="range"
        aria-label={`${label}: moment`}
        tabIndex={-1}
        min={span.startSeconds}
        max={span.endSeconds}
        step={0.01}
        value={seconds}
        onChange={(event) => onSeek(Number(event.target.value))}
      />
    </Box>
  );
}
