'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { formatClock, formatClockTenths, type Span } from '@/core/clock';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { type Cut, whyWords } from './cutReducer';
import { type KeptRound, proposalsWithin } from './keptRounds';

const List = styled.div`
  overflow: auto; min-height: 0; flex: 1;
  ol { list-style: none; margin: 0; padding: 0; }
  .line { display: grid; grid-template-columns: 34px 1fr auto; gap: 0 ${space(3)}; padding: ${space(2)} ${space(4)}; border-bottom: 1px solid ${color.rule}; cursor: pointer; align-items: baseline; }
  .line[aria-selected='true'], .line[data-chosen] { background: ${color.focusWash}; }
  .number { font-family: ${font.serif}; font-size: ${size.large}; color: ${color.quiet}; }
  .why { grid-column: 2; color: ${color.quiet}; font-size: ${size.small}; }
  .state { font-size: ${size.small}; }
  .state[data-state='confirmed'] { color: ${color.focusText}; font-weight: 600; }
  h3 { margin: 0; font-family: ${font.sans}; padding: ${space(4)} ${space(4)} ${space(1)}; font-size: ${size.small}; color: ${color.quiet}; font-weight: 400; }
`;

const marksWords = (count: number): string =>
  count === 0 ? 'not marked yet' : count === 1 ? '1 mark' : `${count} marks`;

export interface CutListProps {
  readonly cuts: readonly Cut[];
  readonly kept: readonly KeptRound[];
  readonly proposals: readonly Span[];
  readonly chosenKey?: string;
  readonly onChoose: (key: string) => void;
  /** The round is cut into what is proposed inside it. */
  readonly onCutUp: (round: KeptRound) => void;
}

export function CutList({ cuts, kept, proposals, chosenKey, onChoose, onCutUp }: CutListProps) {
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
              // biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys of the page choose
              <li
                key={round.id}
                className="line"
                data-chosen={round.id === chosenKey || undefined}
                onClick={() => onChoose(round.id)}
              >
                <span />
                <Link href={`/rounds/${round.id}`}>
                  {round.a} and {round.b}
                </Link>
                <Link className="state" href={`/rounds/${round.id}/card`}>
                  card
                </Link>
                <span className="why">
                  {formatClock(round.startSeconds)} to {formatClock(round.endSeconds)} · {marksWords(round.markCount)}
                </span>
                {round.id === chosenKey ? (
                  <span className="why">
                    B and E move its ends, S splits it here, M joins it with the next; its marks stay.
                    {proposalsWithin(round, proposals).length > 1 ? (
                      <Button look="plain" onPress={() => onCutUp(round)}>
                        Cut it into the {proposalsWithin(round, proposals).length} rounds that were found in it (I)
                      </Button>
                    ) : null}
                  </span>
                ) : null}
              </li>
            ))}
          </ol>
        </>
      ) : null}
    </List>
  );
}
