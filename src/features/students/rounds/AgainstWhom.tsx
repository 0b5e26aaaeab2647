'use client';

import type { AgainstGroup, PartnerGroup } from '@/core/patterns';
import { Quiet, Table } from '@/ui/layout/Page';
import { tideFigure } from '../studentView';

const groupWords: Readonly<Record<PartnerGroup, string>> = {
  higher: 'a belt higher and more',
  same: 'about the same belt',
  lower: 'a belt lower and more',
  heavier: 'a tenth heavier and more',
  near: 'about the same weight',
  lighter: 'a tenth lighter and more',
};

/** "better than belts and weights let one expect", as far as the rounds say so. */
export function overWords({ over }: Pick<AgainstGroup, 'over'>): string {
  if (!over) return 'too few rounds to say';
  if (over.interval.low > 0) return 'better than expected';
  return over.interval.high < 0 ? 'worse than expected' : 'about as expected';
}

const hundredths = (share: number) => Math.round(share * 100);

/** How somebody does against kinds of partners, beside what belts and weights let one expect: never a rating of a person. */
export function AgainstWhom({ groups }: { readonly groups: readonly AgainstGroup[] }) {
  if (groups.length === 0) return <p>No partner’s belt or weight is known in these rounds.</p>;
  return (
    <Table aria-label="Against whom">
      <thead>
        <tr>
          <th>Partners</th>
          <th className="figure">Rounds</th>
          <th className="figure">Average tide</th>
          <th className="figure">Result, of 100</th>
          <th className="figure">Expected</th>
          <th>What that says</th>
        </tr>
      </thead>
      <tbody>
        {groups.map((one) => (
          <tr key={one.group}>
            <td>{groupWords[one.group]}</td>
            <td className="figure">{one.roundIds.length}</td>
            <td className="figure">{tideFigure(one.meanTide)}</td>
            <td className="figure">{hundredths(one.result)}</td>
            <td className="figure">{hundredths(one.expected)}</td>
            <td>
              {overWords(one)}{' '}
              {one.over ? (
                <Quiet>
                  ({tideFigure(one.over.mean * 100)}, between {tideFigure(one.over.interval.low * 100)} and{' '}
                  {tideFigure(one.over.interval.high * 100)})
                </Quiet>
              ) : null}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
