'use client';

import Link from 'next/link';
import { dayIn } from '@/core/kernel';
import { useZone } from '@/terms/ZoneContext';
import { Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { clockTime, longDayWords } from '../classView';

export interface MatClassLine {
  readonly id: string;
  readonly title: string;
  readonly startsAt: string;
  readonly minutes: number;
  readonly level: string;
  readonly planVersion?: number;
}

/** The classes around today: run one on the mat, or write down what became of it. Today's come first, then those that may still be to be written down. */
export function MatClasses({ classes, today }: { readonly classes: readonly MatClassLine[]; readonly today: string }) {
  const zone = useZone();
  const dayOf = (one: MatClassLine) => dayIn(zone, one.startsAt);
  const inOrder = [...classes].sort((one, other) => (one.startsAt < other.startsAt ? -1 : 1));
  const parts = [
    { title: 'Today', lines: inOrder.filter((one) => dayOf(one) === today) },
    { title: 'Before', lines: inOrder.filter((one) => dayOf(one) < today).reverse() },
    { title: 'Ahead', lines: inOrder.filter((one) => dayOf(one) > today) },
  ].filter((part) => part.lines.length > 0);
  return (
    <Page title="At the mat" aside="Run a class, or write down what became of it">
      {parts.length === 0 ? (
        <Empty>No class in the last two weeks, and none in the coming one. A coach sets them up.</Empty>
      ) : null}
      {parts.map(({ title, lines }) => (
        <Section key={title}>
          <h2>{title}</h2>
          <div className="matter">
            <Table aria-label={title}>
              <tbody>
                {lines.map((one) => (
                  <tr key={one.id}>
                    <td>
                      {title === 'Today' ? '' : `${longDayWords(one.startsAt, zone)}, `}
                      {clockTime(one.startsAt, 0, zone)}
                    </td>
                    <td>
                      <Link href={`/mat/${one.id}`}>{one.title}</Link> <Quiet>{one.level}</Quiet>
                    </td>
                    <td className="figure">
                      {one.planVersion ? <Link href={`/classes/${one.id}/mat`}>Run it</Link> : null}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </div>
        </Section>
      ))}
    </Page>
  );
}
