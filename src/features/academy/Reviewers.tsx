'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { dayWords } from '@/terms/dayWords';
import { Quiet, Table } from '@/ui/layout/Page';
import { color } from '@/ui/tokens/tokens';

/** How far a second review of a round agrees with the first. */
export interface ReviewersAgreed {
  readonly roundId: string;
  readonly doneOn: string;
  readonly names: readonly [string, string];
  readonly coachName: string;
  readonly kappa?: number;
  readonly errors?: number;
}

const Course = styled.svg`
  width: 320px; height: 64px; display: block;
`;
const WIDTH = 320;
const HEIGHT = 64;

/** How far reviewers agree, review by review: the course of the seconds, and a line for each. */
export function Reviewers({ reviews }: { readonly reviews: readonly ReviewersAgreed[] }) {
  if (reviews.length === 0)
    return (
      <p>No round was reviewed twice yet: “Second review” on a round’s page begins one that does not see the first.</p>
    );
  const kappas = reviews.flatMap((one) => one.kappa ?? []);
  const x = (at: number) => 8 + (at / Math.max(1, kappas.length - 1)) * (WIDTH - 16);
  const y = (kappa: number) => HEIGHT - 6 - Math.max(0, kappa) * (HEIGHT - 12);
  return (
    <>
      {kappas.length > 1 ? (
        <Course viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Agreement over time, listed below">
          <line x1="0" x2={WIDTH} y1={y(1)} y2={y(1)} stroke={color.rule} />
          <line x1="0" x2={WIDTH} y1={y(0)} y2={y(0)} stroke={color.strongRule} />
          <polyline
            points={kappas.map((kappa, at) => `${x(at)},${y(kappa)}`).join(' ')}
            fill="none"
            stroke={color.other}
            strokeWidth="1.5"
          />
          {kappas.map((kappa, at) => (
            <circle key={`${at} ${kappa}`} cx={x(at)} cy={y(kappa)} r="3.5" fill={color.other} />
          ))}
        </Course>
      ) : null}
      <Table aria-label="How far reviewers agree">
        <thead>
          <tr>
            <th>Done on</th>
            <th>Round</th>
            <th>Second reviewer</th>
            <th className="figure">Where they are</th>
            <th className="figure">Errors</th>
          </tr>
        </thead>
        <tbody>
          {[...reviews].reverse().map((one) => (
            <tr key={`${one.roundId} ${one.coachName}`}>
              <td>{dayWords(one.doneOn)}</td>
              <td>
                <Link href={`/rounds/${one.roundId}/agreement`}>{one.names.join(' with ')}</Link>
              </td>
              <td>{one.coachName}</td>
              <td className="figure">{one.kappa === undefined ? <Quiet>–</Quiet> : one.kappa.toFixed(2)}</td>
              <td className="figure">
                {one.errors === undefined ? <Quiet>none</Quiet> : `${Math.round(one.errors * 100)} %`}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  );
}
