'use client';

import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Empty, Page, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';

const doneWords = {
  'signed-in': 'signed in',
  'password-changed': 'changed their password',
  'session-ended': 'signed a device out',
  'account-made': 'made an account',
  'codes-on': 'switched one-time codes on',
  'codes-off': 'switched one-time codes off',
  'account-ended': 'ended an account',
  'classes-brought-in': 'brought in classes from a list or a calendar',
  'link-made': 'made a link to share',
  'link-closed': 'closed a link',
  'consent-recorded': 'recorded a consent',
  'consent-withdrawn': 'recorded that a consent is withdrawn',
  'backup-asked': 'asked for a backup',
  'package-asked': 'asked for a package of everything',
  'package-taken': 'took a package of everything along',
  'round-taken': 'took a round along',
  'student-taken': 'took a student along',
  'package-brought-in': 'brought a package in',
  'package-taken-back': 'took a package back out',
  'roster-added': 'wrote a list of students down',
  'round-deleted': 'deleted a round',
  'class-deleted': 'deleted a class',
  'film-deleted': 'deleted a film',
  'account-back': 'brought an account back',
  'brought-back': 'brought back what was deleted',
  erased: 'erased somebody',
} as const;

export interface RecordLine {
  readonly id: number;
  readonly doneAt: string;
  readonly what: keyof typeof doneWords;
  readonly coachName?: string;
  readonly aboutName?: string;
}

/** What left the house or came in, who was let in, and what was taken away: by whom, and when. */
export function RecordPage({ lines, foot }: { readonly lines: readonly RecordLine[]; readonly foot: PieceFootProps }) {
  const zone = useZone();
  return (
    <Page
      title="Who did what"
      aside="What left the house or came in, who was let in, what was taken away"
      actions={
        <>
          <ActionLink href="/settings/record/looked">Who looked and changed</ActionLink>
          <ActionLink href="/settings">To Settings</ActionLink>
        </>
      }
    >
      {lines.length === 0 ? (
        <Empty>
          <h2>Nothing yet</h2>
          <p>Signing in, sharing, taking along, deleting and erasing stand here from now on.</p>
        </Empty>
      ) : (
        <Table aria-label="Who did what">
          <thead>
            <tr>
              <th>When</th>
              <th>Who</th>
              <th>What</th>
              <th>About</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.id}>
                <td>{momentWords(line.doneAt, zone)}</td>
                <td>{line.coachName ?? 'somebody who is gone'}</td>
                <td>{doneWords[line.what]}</td>
                <td>{line.aboutName ?? ''}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <PieceFoot {...foot} />
    </Page>
  );
}
