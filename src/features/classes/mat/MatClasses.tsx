'use client';

import Link from 'next/link';
import { useZone } from '@/terms/ZoneContext';
import { Empty, Page, Quiet, Table } from '@/ui/layout/Page';
import { clockTime, longDayWords } from '../classView';

export interface MatClassLine {
  readonly id: string;
  readonly title: string;
  readonly startsAt: string;
  readonly minutes: number;
  readonly level: string;
  readonly planVersion?: number;
}

/** The classes around today: run one on the mat, or write down what became of it. */
export function MatClasses({ classes }: { readonly classes: readonly MatClassLine[] }) {
  const zone = useZone();
  return (
    <Page title="At the mat">
      {classes.length === 0 ? (
        <Empty>No class in the last two weeks, and none in the coming one. A coach sets them up.</Empty>
      ) : (
        <Table aria-label="Classes around today">
          <tbody>
            {classes.map((one) => (
              <tr key={one.id}>
                <td>
                  {longDayWords(one.startsAt, zone)}, {clockTime(one.startsAt, 0, zone)}
                </td>
                <td>
                  <Link href={`/mat/${one.id}`}>{one.title}</Link> <Quiet>{one.level}</Quiet>
                </td>
                <td>
                  {one.planVersion ? <Link href={`/classes/${one.id}/mat`}>Run it</Link> : <Quiet>no plan</Quiet>}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </Page>
  );
}
