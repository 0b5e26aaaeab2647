'use client';

import Link from 'next/link';
import type { AgainstGroup, EdgeWeights, ErrorsAgainst } from '@/core/patterns';
import { Quiet, Table } from '@/ui/layout/Page';
import { partnerGroupWords } from '../partnerGroupWords';
import { tideFigure } from '../studentView';
import { useStudentAddress } from '../useStudentAddress';

/** "better than belts and weights let one expect", as far as the rounds say so. */
export function overWords({ over }: Pick<AgainstGroup, 'over'>): string {
  if (!over) return 'too few rounds to say';
  if (over.interval.low > 0) return 'better than expected';
  return over.interval.high < 0 ? 'worse than expected' : 'about as expected';
}

/** "learned from 214 rounds here: a belt counts as much as 31 % more weight" or that it is a house estimate. */
export function edgeWords({ perBelt, perTenth, rounds }: EdgeWeights): string {
  if (rounds < FEWEST_TO_LEARN) return 'a house estimate until more rounds are known';
  const share = perTenth > 0 ? Math.round((perBelt / perTenth) * 10) : undefined;
  const worth = share === undefined || share < 0 || share > 100 ? '' : `: a belt counts like ${share} % more weight`;
  return `learned from ${rounds} rounds here${worth}`;
}
/** Before so many rounds the estimates are hardly changed. @source own decision */
const FEWEST_TO_LEARN = 40;

const hundredths = (share: number) => Math.round(share * 100);

const errorsWords = { heavier: 'heavier partners, whatever their belt', higher: 'higher belts, whatever their weight' };

/** "Errors against heavier partners, whatever their belt: 1.6 times as often", where it is more than chance. */
function ErrorsLine({ found: { group, count, others, ratio, interval } }: { readonly found: ErrorsAgainst }) {
  const isTold = interval.low > 1 || interval.high < 1;
  return (
    <p>
      Errors against {errorsWords[group]}:{' '}
      <strong>
        {isTold ? `${ratio.toFixed(1)} times as often as against the others` : 'no difference that could be told'}
      </strong>{' '}
      <Quiet>
        ({count} against {others}; between {interval.low.toFixed(1)} and {interval.high.toFixed(1)} times)
      </Quiet>
    </p>
  );
}

/** How somebody does against kinds of partners, beside what belts and weights let one expect: never a rating of a person. A kind opens the page of its rounds. */
export function AgainstWhom({
  groups,
  errors,
}: {
  readonly groups: readonly AgainstGroup[];
  readonly errors: readonly ErrorsAgainst[];
}) {
  const { addressWith } = useStudentAddress();
  if (groups.length === 0) return <p>No partner’s belt, weight or height is known in these rounds.</p>;
  return (
    <>
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
              <td>
                <Link href={addressWith({ against: one.group })}>{partnerGroupWords[one.group]}</Link>
              </td>
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
      {errors.map((found) => (
        <ErrorsLine key={found.group} found={found} />
      ))}
    </>
  );
}
