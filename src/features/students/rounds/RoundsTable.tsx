'use client';

import Link from 'next/link';
import { dayWords } from '@/terms/dayWords';
import { Quiet, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { tideFigure } from '../studentView';
import { TideChart } from './TideChart';

export interface StudentRound {
  readonly id: string;
  readonly heldOn: string;
  readonly startSeconds: number;
  readonly filmed: boolean;
  readonly partner: string;
  readonly uniform: string;
  readonly markCount: number;
  readonly meanTide?: number;
}

/** Bars that can be told apart. */
const MOST_BARS = 16;

/** Somebody's rounds, newest first, with how well placed they were in each. */
export function RoundsTable({
  rounds,
  foot,
}: {
  readonly rounds: readonly StudentRound[];
  readonly foot?: PieceFootProps;
}) {
  const bars = rounds
    .flatMap((round) =>
      round.meanTide === undefined ? [] : [{ label: dayWords(round.heldOn).slice(4), value: round.meanTide }],
    )
    .slice(0, MOST_BARS)
    .reverse();
  return (
    <>
      <TideChart rounds={bars} />
      <Table>
        <thead>
          <tr>
            <th>Day</th>
            <th>With</th>
            <th className="figure">Average tide</th>
            <th className="figure">Marks</th>
          </tr>
        </thead>
        <tbody>
          {rounds.map((round) => (
            <tr key={round.id}>
              <td>{dayWords(round.heldOn)}</td>
              <td>
                <Link href={`/rounds/${round.id}`}>{round.partner}</Link> <Quiet>{round.uniform}</Quiet>
              </td>
              <td className="figure">{tideFigure(round.meanTide)}</td>
              <td className="figure">{round.markCount}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <PieceFoot {...foot} />
    </>
  );
}
