'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { formatClock, formatClockTenths } from '@/core/clock';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { type Cut, whyWords } from './cutReducer';
import type { KeptRound } from './Strip';

const List = styled.div`
  overflow: auto; min-height: 0; flex: 1;
  ol { list-style: none; margin: 0; padding: 0; }
  .line { display: grid; grid-template-columns: 34px 1fr auto; gap: 0 ${space(3)}; padding: ${space(2)} ${space(4)}; border-bottom: 1px solid ${color.rule}; cursor: pointer; align-items: baseline; }
  .line[aria-selected='true'] { background: ${color.focusWash}; }
  .number { font-family: ${font.serif}; font-size: ${size.large}; color: ${color.quiet}; }
  .why { grid-column: 2; color: ${color.quiet}; font-size: ${size.small}; }
  .state { font-size: ${size.small}; }
  .state[data-state='confirmed'] { color: ${color.focusText}; font-weight: 600; }
  h3 { margin: 0; font-family: ${font.sans}; padding: ${space(4)} ${space(4)} ${space(1)}; font-size: ${size.small}; color: ${color.quiet}; font-weight: 400; }
`;

export interface CutListProps {
  readonly cuts: readonly Cut[];
  readonly kept: readonly (KeptRound & { readonly markCount: number })[];
  readonly chosenKey?: string;
  readonly onChoose: (key: string) => void;
}

export function CutList({ cuts, kept, chosenKey, onChoose }: CutListProps) {
  return (
    <List>
      <div role="listbox" aria-label="Rounds to be cut out">
        {cuts.map((cut, index) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys of the page choose
          <div
            className="line"
            key={cut.key}
            role="option"
            tabIndex={-1}
            aria-selected={cut.key === chosenKey}
            onClick={() => onChoose(cut.key)}
          >
            <span className="number">{index + 1}</span>
            <span>
              {formatClockTenths(cut.startSeconds)} to {formatClockTenths(cut.endSeconds)} ·{' '}
              <strong>{formatClock(cut.endSeconds - cut.startSeconds)}</strong>
            </span>
            <span className="state" data-state={cut.state}>
              {cut.state === 'confirmed' ? '✓ confirmed' : 'proposed'}
            </span>
            <span className="why">{whyWords(cut)}</span>
          </div>
        ))}
      </div>
      {kept.length > 0 ? (
        <>
          <h3>Cut out before</h3>
          <ol>
            {kept.map((round) => (
              <li key={round.id} className="line">
                <span />
                <Link href={`/rounds/${round.id}`}>
                  {round.a} and {round.b}
                </Link>
                <Link className="state" href={`/rounds/${round.id}/card`}>
                  card
                </Link>
                <span className="why">
                  {formatClock(round.startSeconds)} to {formatClock(round.endSeconds)} ·{' '}
                  {round.markCount === 0 ? 'not marked yet' : `${round.markCount} marks`}
                </span>
              </li>
            ))}
          </ol>
        </>
      ) : null}
    </List>
  );
}
