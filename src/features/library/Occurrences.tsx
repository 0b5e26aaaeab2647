'use client';

import Link from 'next/link';
import { useState } from 'react';
import { formatClock } from '@/core/clock';
import type { MarkLine } from '@/core/search';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button } from '@/ui/primitives';
import { ClipDialog } from './ClipDialog';

export function Occurrences({
  id,
  uses,
  occurrences,
  foot,
}: {
  readonly id: string;
  readonly uses: number;
  readonly occurrences: readonly MarkLine[];
  readonly foot: PieceFootProps;
}) {
  const [clip, setClip] = useState<MarkLine>();
  return (
    <Section>
      <h2>Seen here</h2>
      <div className="note">
        {uses > occurrences.length
          ? `${occurrences.length} of ${uses}, newest first.`
          : 'Every time opens the footage.'}
      </div>
      <div className="matter">
        {occurrences.length === 0 ? (
          <p>Nothing of this is marked yet. Write it in Review, and it appears here.</p>
        ) : (
          <Table>
            <thead>
              <tr>
                <th>Day</th>
                <th>Round</th>
                <th className="figure">At</th>
                <th>Marked as</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {occurrences.map((one) => (
                <tr key={one.markId}>
                  <td>{dayWords(one.heldOn)}</td>
                  <td>
                    {one.a} with {one.b} <Quiet>{one.uniform}</Quiet>
                  </td>
                  <td className="figure">
                    <Link href={markAddress(one)}>{formatClock(one.roundSeconds)}</Link>
                  </td>
                  <td>{one.words}</td>
                  <td>
                    {one.footageId ? (
                      <Button look="plain" onPress={() => setClip(one)}>
                        Keep as reference
                      </Button>
                    ) : null}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
        <PieceFoot {...foot} />
      </div>
      {clip?.footageId ? (
        <ClipDialog
          clip={{
            id: crypto.randomUUID(),
            conceptId: id,
            footageId: clip.footageId,
            startSeconds: Math.max(0, clip.mediaSeconds - 2),
            endSeconds: clip.mediaSeconds + 4,
            speed: 0.5,
            caption: '',
            drawing: [],
          }}
          onClose={() => setClip(undefined)}
        />
      ) : null}
    </Section>
  );
}
