'use client';

import Link from 'next/link';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { times } from '@/terms/times';
import { Quiet, Table } from '@/ui/layout/Page';

export interface CurriculumProps {
  readonly units: readonly {
    readonly unitId: string;
    readonly title: string;
    readonly entries: readonly {
      readonly conceptId: string;
      readonly taughtOn?: string;
      readonly seen?: { readonly times: number; readonly day: string };
    }[];
  }[];
}

/** The units of the student's belt: what they were taught and what was seen of them on film. The coach judges; this does not. */
export function Curriculum({ units }: CurriculumProps) {
  const wordOf = useWordOf();
  if (units.length === 0)
    return (
      <p>
        No units are set for this belt. <Link href="/classes/curriculum">The curriculum</Link> says what is taught.
      </p>
    );
  return (
    <Table aria-label="Curriculum">
      <thead>
        <tr>
          <th>Unit</th>
          <th>Entry</th>
          <th>Taught</th>
          <th>Seen on film</th>
        </tr>
      </thead>
      <tbody>
        {units.flatMap(({ unitId, title, entries }) =>
          entries.map(({ conceptId, taughtOn, seen }, at) => (
            <tr key={`${unitId} ${conceptId}`}>
              <td>{at === 0 ? title : null}</td>
              <td>
                <Link href={`/library/${conceptId}`}>{wordOf(conceptId)}</Link>
              </td>
              <td>{taughtOn ? dayWords(taughtOn) : <Quiet>never in a class that is logged</Quiet>}</td>
              <td>
                {seen ? (
                  <>
                    {times(seen.times)} <Quiet>last {dayWords(seen.day)}</Quiet>
                  </>
                ) : (
                  <Quiet>not seen</Quiet>
                )}
              </td>
            </tr>
          )),
        )}
      </tbody>
    </Table>
  );
}
