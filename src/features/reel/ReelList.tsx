'use client';

import { useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { dayWords } from '@/terms/dayWords';
import { color, size, space } from '@/ui/tokens/tokens';
import type { ReelPiece } from './reelPiece';

const List = styled.ol`
  list-style: none; margin: 0; padding: ${space(2)} 0; overflow-y: auto; min-height: 0; border-left: 1px solid ${color.rule}; font-size: ${size.small};
  button { display: grid; grid-template-columns: 26px minmax(0, 1fr); gap: 0 ${space(2)}; width: 100%; text-align: left; background: none; border: 0; border-left: 3px solid transparent; color: ${color.ink}; font: inherit; padding: ${space(2)} ${space(3)}; cursor: pointer; }
  button:hover { background: ${color.raised}; }
  button[aria-current] { border-left-color: ${color.focus}; background: ${color.focusWash}; }
  li[data-unfilmed] button { color: ${color.quiet}; }
  .number { color: ${color.quiet}; font-variant-numeric: lining-nums tabular-nums; text-align: right; }
  .words { grid-column: 2; color: ${color.quiet}; }
`;

export interface ReelListProps {
  readonly pieces: readonly ReelPiece[];
  readonly at: number;
  readonly onGo: (at: number) => void;
}

/** The moments of a reel in their order; the one that is looked at stays in sight. */
export function ReelList({ pieces, at, onGo }: ReelListProps) {
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    list.current?.children[at]?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  return (
    <List ref={list} aria-label="Moments">
      {pieces.map((piece, place) => (
        <li key={piece.key} data-unfilmed={piece.footage ? undefined : true}>
          <button type="button" aria-current={place === at || undefined} onClick={() => onGo(place)}>
            <span className="number">{place + 1}</span>
            <span>
              {dayWords(piece.heldOn)}, {formatClock(piece.roundSeconds)}, {piece.names[0]} with {piece.names[1]}
            </span>
            <span className="words">
              {piece.words}
              {piece.footage ? '' : `${piece.words ? ' · ' : ''}not filmed`}
            </span>
          </button>
        </li>
      ))}
    </List>
  );
}
