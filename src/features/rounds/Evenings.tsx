'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { shortNamesOf } from '@/core/kernel';
import { dayWords } from '@/terms/dayWords';
import { Quiet } from '@/ui/layout/Page';
import { color, font, size, space } from '@/ui/tokens/tokens';

const Evening = styled.section`
  padding: ${space(2)} 0 ${space(3)}; border-bottom: 1px solid ${color.rule};
  h3 { font-family: ${font.sans}; font-size: ${size.body}; font-weight: 600; margin: 0 0 ${space(1)}; }
  ol { list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(270px, 1fr)); gap: 2px ${space(6)}; }
  li { display: grid; grid-template-columns: 22px minmax(0, 1fr); gap: ${space(2)}; align-items: baseline; padding: 2px 0; }
  .number { color: ${color.quiet}; text-align: right; font-variant-numeric: tabular-nums; font-size: ${size.small}; }
  .card { color: ${color.quiet}; }
`;

export interface RoundLine {
  readonly id: string;
  readonly heldOn: string;
  readonly numberInSession: number;
  readonly a: string;
  readonly b: string;
  readonly uniform: string;
  readonly theme: string;
  readonly markCount: number;
  readonly filmed: boolean;
}

/** Rounds by the day on which they were held, in the order of the days as they come; within a day as they were fought. */
export function byEvening(
  rounds: readonly RoundLine[],
): readonly (readonly [day: string, rounds: readonly RoundLine[]])[] {
  const days = new Map<string, RoundLine[]>();
  for (const round of rounds) days.set(round.heldOn, [...(days.get(round.heldOn) ?? []), round]);
  return [...days].map(([day, held]) => [day, held.sort((one, other) => one.numberInSession - other.numberInSession)]);
}

/** Rounds as evenings: a line for the day, its rounds below it as they were fought. */
export function Evenings({ rounds }: { readonly rounds: readonly RoundLine[] }) {
  return byEvening(rounds).map(([day, held]) => {
    const marks = held.reduce((sum, one) => sum + one.markCount, 0);
    return (
      <Evening key={day} aria-label={dayWords(day)}>
        <h3>
          {dayWords(day)}{' '}
          <Quiet style={{ fontWeight: 400 }}>
            {held.length === 1 ? 'one round' : `${held.length} rounds`}
            {marks > 0 ? `, ${marks} marks` : ''}
          </Quiet>
        </h3>
        <ol>
          {held.map((round) => {
            const [a, b] = shortNamesOf([round.a, round.b]);
            const more = [
              round.markCount > 0 ? `${round.markCount} marks` : '',
              round.uniform,
              round.theme,
              round.filmed ? '' : 'no footage',
            ].filter(Boolean);
            return (
              <li key={round.id}>
                <span className="number">{round.numberInSession}</span>
                <span>
                  <Link href={`/rounds/${round.id}`} title={`${round.a} and ${round.b}`}>
                    {a} and {b}
                  </Link>{' '}
                  <Quiet>
                    {more.join(' · ')} ·{' '}
                    <Link className="card" href={`/rounds/${round.id}/card`}>
                      card
                    </Link>
                  </Quiet>
                </span>
              </li>
            );
          })}
        </ol>
      </Evening>
    );
  });
}
