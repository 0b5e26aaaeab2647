'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { removeFootage } from '@/server/footage/footageActions';
import { ActionLink, Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { Button, ConfirmDialog, FileDrop } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { type FootageLine, playableWord } from './footageView';
import { UploadList } from './UploadList';
import { useUploads } from './useUploads';

const Steps = styled.ol`
  margin: 0; padding-left: ${space(5)}; display: flex; flex-direction: column; gap: ${space(1)};
  li::marker { color: ${color.focusText}; font-weight: 600; }
`;
const Rounds = styled.div`
  display: flex; flex-direction: column; gap: ${space(1)};
`;

export function FootagePage({ lines }: { readonly lines: readonly FootageLine[] }) {
  const router = useRouter();
  const { uploads, add, remove } = useUploads(() => router.refresh());
  const [doomed, setDoomed] = useState<FootageLine>();
  return (
    <Page
      title="Footage"
      aside="Files from phone or camera, and the rounds that were cut out of them."
      actions={<ActionLink href="/rounds/new">A round without footage</ActionLink>}
    >
      <div>
        <FileDrop
          words="Drop sparring footage here"
          hint="MP4, MOV or WebM, straight from the phone. The file is kept as it is."
          choose="Choose files"
          accept={['video/*', '.mp4', '.mov', '.webm', '.mkv', '.m4v']}
          onFiles={add}
        />
        <UploadList uploads={uploads} onRemove={remove} />
      </div>
      {lines.length === 0 ? (
        <Empty>
          <h2>From here to tomorrow’s class in one evening</h2>
          <Steps>
            <li>Bring in a file of footage, above.</li>
            <li>Say who is in it: the round’s card, with belts and weights of the day.</li>
            <li>Review it: press Enter and write what you would say.</li>
            <li>See under Students what keeps happening.</li>
            <li>Plan the class that answers it, and print the sheet.</li>
          </Steps>
        </Empty>
      ) : (
        <Section>
          <h2>On the shelf</h2>
          <div className="note">
            {lines.length === 1 ? 'One file.' : `${lines.length} files, newest first.`} Open a round to review it.
          </div>
          <div className="matter">
            <Table>
              <thead>
                <tr>
                  <th>File</th>
                  <th className="figure">Length</th>
                  <th>Picture</th>
                  <th>Rounds in it</th>
                  <th />
                </tr>
              </thead>
              <tbody>
                {lines.map((line) => (
                  <tr key={line.id}>
                    <td>{line.name}</td>
                    <td className="figure">{formatClock(line.durationSeconds)}</td>
                    <td>
                      <Quiet>{playableWord(line)}</Quiet>
                    </td>
                    <td>
                      <Rounds>
                        {line.rounds.map((round) => (
                          <Link key={round.id} href={`/rounds/${round.id}`}>
                            {round.a} and {round.b}
                            <Quiet> · {round.markCount === 0 ? 'not marked yet' : `${round.markCount} marks`}</Quiet>
                          </Link>
                        ))}
                        <Link href={`/rounds/new?footage=${line.id}`}>
                          {line.rounds.length === 0 ? 'Cut out the first round' : 'Another round'}
                        </Link>
                      </Rounds>
                    </td>
                    <td>
                      {line.rounds.length === 0 ? (
                        <Button look="plain" onPress={() => setDoomed(line)}>
                          Delete
                        </Button>
                      ) : null}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </div>
        </Section>
      )}
      <ConfirmDialog
        title="Delete this file?"
        text={`${doomed?.name ?? ''} is removed from the disk and cannot be brought back.`}
        confirm="Delete the file"
        isOpen={doomed !== undefined}
        onClose={() => setDoomed(undefined)}
        onConfirm={() => doomed && void removeFootage(doomed.id).then(() => router.refresh())}
      />
    </Page>
  );
}
