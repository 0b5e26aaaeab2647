'use client';

import Link from 'next/link';
import { daysBetween } from '@/core/kernel';
import type { SharedError } from '@/core/patterns';
import { drillIdsFor, findError } from '@/core/vocabulary';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';

/** What was drilled in classes: when last, how often, how long. */
export interface Taught {
  readonly drillId: string;
  readonly times: number;
  readonly minutes: number;
  readonly lastDay: string;
}

/** Lessons that are worth naming. */
const SHOWN = 6;

/** "yesterday", "9 days ago", "5 weeks ago". */
export function agoWords(day: string, today: string): string {
  const days = daysBetween(day, today);
  if (days <= 1) return days === 1 ? 'yesterday' : 'today';
  return days < 14 ? `${days} days ago` : `${Math.round(days / 7)} weeks ago`;
}

/** Errors that several make, with the drill that answers each and when it was last done. */
export function WorthAClass({
  shared,
  taught,
  today,
}: {
  readonly shared: readonly SharedError[];
  readonly taught: readonly Taught[];
  readonly today: string;
}) {
  const wordOf = useWordOf();
  const house = useHouse();
  const { shown, toggle } = useShowAll(shared, SHOWN);
  const lastTaught = new Map(taught.map((one) => [one.drillId, one]));
  const drillsOf = (errorId: string) => {
    const error = findError(errorId);
    return error ? drillIdsFor(house, { ...error, id: errorId }) : [];
  };
  return (
    <>
      <Table aria-label="Worth a class">
        <thead>
          <tr>
            <th>Error</th>
            <th className="figure">Students</th>
            <th className="figure">Times</th>
            <th>Drill</th>
            <th>Last drilled</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ errorId, count, people }) => {
            const [drillId] = drillsOf(errorId);
            const last = drillsOf(errorId)
              .flatMap((id) => lastTaught.get(id)?.lastDay ?? [])
              .sort()
              .at(-1);
            return (
              <tr key={errorId}>
                <td>
                  <Link href={`/library/${errorId}`}>{wordOf(errorId)}</Link>
                </td>
                <td className="figure">{people}</td>
                <td className="figure">{count}</td>
                <td>
                  {drillId ? <Link href={`/library/${drillId}`}>{wordOf(drillId)}</Link> : <Quiet>none yet</Quiet>}
                </td>
                <td>{last ? agoWords(last, today) : <Quiet>not in half a year</Quiet>}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {toggle}
    </>
  );
}
