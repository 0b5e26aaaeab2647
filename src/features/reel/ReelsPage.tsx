'use client';

import Link from 'next/link';
import { formatClock } from '@/core/clock';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Empty, Page, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';

export interface ReelLine {
  readonly id: string;
  readonly name: string;
  readonly moments: number;
  readonly seconds: number;
  readonly isRanked: boolean;
  readonly changedAt: string;
  readonly changedByName?: string;
}

/** The saved reels, the one that was changed last first. */
export function ReelsPage({ reels, foot }: { readonly reels: readonly ReelLine[]; readonly foot: PieceFootProps }) {
  const zone = useZone();
  return (
    <Page title="Reels" aside="Moments put together: for a student, for a class, as a film">
      {reels.length === 0 ? (
        <Empty>
          <h2>No reel is kept yet</h2>
          <p>
            Wherever moments play in a row (a student’s errors, an answer of the search, a lesson of a class), “Keep as
            a reel” keeps them here, to be put in order, written on and shown.
          </p>
          <ActionLink data-look="lead" href="/students">
            To Students
          </ActionLink>
        </Empty>
      ) : (
        <Table>
          <thead>
            <tr>
              <th>Reel</th>
              <th className="figure">Moments</th>
              <th className="figure">Lasts about</th>
              <th>Changed</th>
            </tr>
          </thead>
          <tbody>
            {reels.map((reel) => (
              <tr key={reel.id}>
                <td>
                  <Link href={`/reels/${reel.id}`}>{reel.name}</Link>
                  {reel.isRanked ? ', ranked' : ''}
                </td>
                <td className="figure">{reel.moments}</td>
                <td className="figure">{formatClock(reel.seconds)}</td>
                <td>
                  {momentWords(reel.changedAt, zone)}
                  {reel.changedByName ? ` by ${reel.changedByName}` : ''}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <PieceFoot {...foot} />
    </Page>
  );
}
