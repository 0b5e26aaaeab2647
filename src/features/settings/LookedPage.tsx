'use client';

import Link from 'next/link';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Empty, Page, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';

export interface LookedLine {
  readonly place: string;
  readonly lastAt: string;
  readonly did: 'saw' | 'changed';
  readonly kind: 'student' | 'round' | 'film' | 'class' | 'rule-set' | 'academy';
  readonly aboutId: string;
  readonly times: number;
  readonly coachName: string;
  /** Absent for what is gone by now. */
  readonly aboutName?: string;
}

const kindWords = {
  student: 'student',
  round: 'round',
  film: 'film',
  class: 'class',
  'rule-set': 'rules',
  academy: 'the academy’s settings',
} as const;

/** Who looked at which student, round, film and class, and who changed it: a line a day. */
export function LookedPage({
  lines,
  isOfOne,
  foot,
}: {
  readonly lines: readonly LookedLine[];
  /** Only one thing's lines are shown. */
  readonly isOfOne: boolean;
  readonly foot: PieceFootProps;
}) {
  const zone = useZone();
  return (
    <Page
      title="Who looked and changed"
      aside="A line a day for each coach and thing, kept for a year and a month"
      actions={
        <>
          {isOfOne ? <ActionLink href="/settings/record/looked">All of it</ActionLink> : null}
          <ActionLink href="/settings/record">Who did what</ActionLink>
        </>
      }
    >
      {lines.length === 0 ? (
        <Empty>
          <h2>Nothing yet</h2>
          <p>Whoever opens a student, a round, a film or a class, or changes one, stands here from now on.</p>
        </Empty>
      ) : (
        <Table aria-label="Who looked and changed">
          <thead>
            <tr>
              <th>Last on that day</th>
              <th>Who</th>
              <th>Did</th>
              <th>What</th>
              <th className="figure">Times</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.place}>
                <td>{momentWords(line.lastAt, zone)}</td>
                <td>{line.coachName}</td>
                <td>{line.did === 'saw' ? 'looked at' : 'changed'}</td>
                <td>
                  {kindWords[line.kind]}
                  {line.kind === 'academy' ? null : (
                    <>
                      {': '}
                      <Link href={`/settings/record/looked?about=${line.aboutId}`}>
                        {line.aboutName ?? 'gone by now'}
                      </Link>
                    </>
                  )}
                </td>
                <td className="figure">{line.times}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <PieceFoot {...foot} />
    </Page>
  );
}
