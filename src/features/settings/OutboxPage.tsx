'use client';

import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Empty, Notice, Page, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';

export interface MessageLine {
  readonly id: string;
  readonly kind: 'review' | 'homework' | 'question';
  readonly personName: string;
  readonly address: string;
  readonly subject: string;
  readonly madeAt: string;
  readonly sentAt?: string;
  readonly problem?: string;
}

export interface OutboxPageProps {
  readonly messages: readonly MessageLine[];
  /** A mail server is set: messages are handed to it. */
  readonly isSentOn: boolean;
  readonly foot: PieceFootProps;
}

/** Messages to students, as they were written, and whether they were sent. */
export function OutboxPage({ messages, isSentOn, foot }: OutboxPageProps) {
  const zone = useZone();
  return (
    <Page
      title="Outbox"
      aside="Messages to students, each a file of its own"
      actions={<ActionLink href="/settings">To Settings</ActionLink>}
    >
      {isSentOn ? null : (
        <Notice data-tone="calm">
          No mail server is set, so nothing is sent: each message lies in the outbox folder and here, to be opened in a
          mail program. “docs/operating.md” says how a server is set.
        </Notice>
      )}
      {messages.length === 0 ? (
        <Empty>
          <h2>Nothing written yet</h2>
          <p>Sharing a review with “Write to …” writes one, and homework that comes due the day before.</p>
        </Empty>
      ) : (
        <Table>
          <thead>
            <tr>
              <th>Written</th>
              <th>To</th>
              <th>Subject</th>
              <th>Sent</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {messages.map((one) => (
              <tr key={one.id}>
                <td>{momentWords(one.madeAt, zone)}</td>
                <td>
                  {one.personName} · {one.address}
                </td>
                <td>{one.subject}</td>
                <td>{sentWords(one, isSentOn, zone)}</td>
                <td>
                  <a href={`/api/outbox/${one.id}`} download>
                    Open the file
                  </a>
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

function sentWords({ sentAt, problem }: MessageLine, isSentOn: boolean, zone: string): string {
  if (sentAt) return momentWords(sentAt, zone);
  if (problem) return `not yet: ${problem}`;
  return isSentOn ? 'on its way' : 'lies here';
}
