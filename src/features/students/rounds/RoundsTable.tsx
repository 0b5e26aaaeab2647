'use client';

import Link from 'next/link';
import { useState } from 'react';
import { dayWords } from '@/terms/dayWords';
import { Quiet, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button, Checkbox } from '@/ui/primitives';
import { GiveRounds } from '../past/GiveRounds';
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
  person,
  rounds,
  foot,
}: {
  readonly person: { readonly id: string; readonly name: string };
  readonly rounds: readonly StudentRound[];
  readonly foot?: PieceFootProps;
}) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>();
  const choose = (id: string, on: boolean) => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    setChosen(next);
  };
  const bars = rounds
    .flatMap((round) =>
      round.meanTide === undefined ? [] : [{ label: dayWords(round.heldOn).slice(4), value: round.meanTide }],
    )
    .slice(0, MOST_BARS)
    .reverse();
  return (
    <>
      <TideChart rounds={bars} />
      {chosen ? (
        <GiveRounds
          person={person}
          chosenIds={rounds.filter(({ id }) => chosen.has(id)).map(({ id }) => id)}
          onDone={() => setChosen(undefined)}
        />
      ) : null}
      <Table aria-label="Rounds">
        <thead>
          <tr>
            {chosen ? <th aria-label="Chosen" /> : null}
            <th>Day</th>
            <th>With</th>
            <th className="figure">Average tide</th>
            <th className="figure">Marks</th>
          </tr>
        </thead>
        <tbody>
          {rounds.map((round) => (
            <tr key={round.id}>
              {chosen ? (
                <td>
                  <Checkbox
                    isSelected={chosen.has(round.id)}
                    onChange={(on) => choose(round.id, on)}
                    aria-label={`${dayWords(round.heldOn)} with ${round.partner}`}
                  />
                </td>
              ) : null}
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
      {chosen || rounds.length === 0 ? null : (
        <Button look="plain" onPress={() => setChosen(new Set())}>
          Some of these are somebody else’s
        </Button>
      )}
    </>
  );
}
