'use client';

import { ChevronLeft, ChevronRight, FastForward, Pause, Play, Repeat, SkipBack, SkipForward } from 'lucide-react';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { type FrameRate, formatClockTenths, frameAt, type Span } from '@/core/clock';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';

const Bar = styled.div`
  display: flex; align-items: center; gap: ${space(1)}; height: 40px; padding: 0 ${space(4)};
  button { min-height: 30px; min-width: 34px; padding: 0 ${space(1.5)}; border-color: transparent; font-size: ${size.small}; }
  .time { min-width: 74px; font-size: 18px; }
  .frame { color: ${color.quiet}; font-size: ${size.small}; margin-left: auto; }
  button[data-on] { background: ${color.focusWash}; color: ${color.focusText}; }
`;

export interface TransportProps {
  readonly playhead: Playhead;
  readonly span: Span;
  readonly rate: FrameRate;
  /** There is something to play over. */
  readonly hasLulls: boolean;
  /** What a clock in the footage shows at a moment. */
  readonly clockWords?: (mediaSeconds: number) => string;
  readonly onPrevious: () => void;
  readonly onNext: () => void;
}

export function Transport({ playhead, span, rate, hasLulls, clockWords, onPrevious, onNext }: TransportProps) {
  const press = (label: string, icon: ReactNode, act: () => void, on = false) => (
    <Button aria-label={label} onPress={act} data-on={on || undefined} excludeFromTabOrder>
      {icon}
    </Button>
  );
  return (
    <Bar>
      {press(
        playhead.playing ? 'Pause (Space)' : 'Play (Space)',
        playhead.playing ? <Pause size={18} /> : <Play size={18} />,
        playhead.playing ? playhead.pause : playhead.play,
      )}
      <TimeFace playhead={playhead} startSeconds={span.startSeconds} />
      {press('Mark before (↑)', <SkipBack size={16} />, onPrevious)}
      {press('One picture back (←)', <ChevronLeft size={18} />, () => playhead.step(-1))}
      {press('One picture on (→)', <ChevronRight size={18} />, () => playhead.step(1))}
      {press('Next mark (↓)', <SkipForward size={16} />, onNext)}
      {press('Loop the last four seconds (O)', <Repeat size={16} />, playhead.toggleLoop, playhead.loop !== undefined)}
      {press('Slower (−)', '−', () => playhead.changeSpeed(-1))}
      <span>{playhead.speed}×</span>
      {press('Faster (+)', '+', () => playhead.changeSpeed(1))}
      {hasLulls
        ? press('Play over the lulls (J)', <FastForward size={16} />, playhead.toggleSkipping, playhead.skipping)
        : null}
      <FrameFace playhead={playhead} rate={rate} clockWords={clockWords} />
    </Bar>
  );
}

// What runs with the picture is drawn anew by itself: the bar around it is not.
function TimeFace({ playhead, startSeconds }: { readonly playhead: Playhead; readonly startSeconds: number }) {
  const seconds = usePlayheadTime(playhead, 0.1);
  return (
    <span className="time" data-clock>
      {formatClockTenths(seconds - startSeconds)}
    </span>
  );
}

function FrameFace({ playhead, rate, clockWords }: Pick<TransportProps, 'playhead' | 'rate' | 'clockWords'>) {
  const seconds = usePlayheadTime(playhead);
  return (
    <span className="frame">
      {clockWords ? `${clockWords(seconds)} · ` : ''}picture {frameAt(seconds, rate)}
    </span>
  );
}
