'use client';

import { styled } from 'styled-components';
import { type PointsRules, type ScoreReading, scoreAt, whatIsAsked } from '@/core/scoring';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { Names } from '../../reviewView';
import { tallyWords, urgentWords } from './scoreView';

const Strip = styled.button`
  position: absolute; left: 50%; top: ${space(2)}; transform: translateX(-50%); display: flex; gap: ${space(4)}; align-items: baseline; border: 0; cursor: pointer;
  background: ${color.ground}; color: ${color.ink}; padding: ${space(1)} ${space(4)}; font-family: ${font.serif}; font-size: ${size.large}; white-space: nowrap;
  [data-athlete='a'] { color: ${color.focusText}; }
  [data-athlete='b'] { color: ${color.other}; }
  small { font-family: ${font.sans}; font-size: ${size.small}; color: ${color.quiet}; }
`;

/** The running score over the picture, at the moment that is looked at. */
export function ScoreStrip({
  reading,
  names,
  playhead,
  rules,
  startSeconds,
  plannedSeconds,
  onOpen,
}: {
  readonly reading: ScoreReading;
  readonly names: Names;
  readonly playhead: Playhead;
  readonly rules: PointsRules;
  readonly startSeconds: number;
  readonly plannedSeconds: number;
  readonly onOpen: () => void;
}) {
  const seconds = usePlayheadTime(playhead, 0.2);
  const { a, b } = scoreAt(reading, seconds);
  const asked = urgentWords(whatIsAsked({ a, b }, rules, seconds - startSeconds, plannedSeconds), names);
  return (
    <Strip type="button" onClick={onOpen} title="The score, opened (B)" tabIndex={-1}>
      <span data-athlete="a">
        {names.a} {tallyWords(a)}
      </span>
      <span data-athlete="b">
        {tallyWords(b)} {names.b}
      </span>
      {asked ? <small>{asked}</small> : null}
    </Strip>
  );
}
