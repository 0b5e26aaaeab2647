'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { forgetArrival, removeFootage, tryArrivalAgain } from '@/server/footage/footageActions';
import { ActionLink, Empty, Page, Section } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { ConfirmDialog, FileDrop } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import type { FootageLine } from './footageView';
import { OnTheWay } from './OnTheWay';
import { Shelf } from './Shelf';
import { useShelfNews } from './useShelfNews';
import { useUploads } from './useUploads';

const Steps = styled.ol`
  margin: 0; padding-left: ${space(5)}; display: flex; flex-direction: column; gap: ${space(1)};
  li::marker { color: ${color.focusText}; font-weight: 600; }
`;

export interface FootagePageProps {
  readonly lines: readonly FootageLine[];
  /** Files on the whole shelf. */
  readonly count: number;
  readonly foot: PieceFootProps;
}

export function FootagePage({ lines, count, foot }: FootagePageProps) {
  const router = useRouter();
  const { news, look } = useShelfNews(() => router.refresh());
  const { uploads, add, pause, resume, remove } = useUploads(look);
  const [doomed, setDoomed] = useState<FootageLine>();
  const act = (verb: Promise<unknown>) => void verb.then(look, look);
  return (
    <Page
      title="Footage"
      aside="Files from phone or camera, and the rounds that were cut out of them."
      actions={<ActionLink href="/rounds/new">A round without footage</ActionLink>}
    >
      <div>
        <FileDrop
          words="Drop sparring footage here"
          hint="Whole sessions straight from the phone. The file is kept as it is; a broken connection loses nothing."
          choose="Choose files"
          accept={['video/*', '.mp4', '.mov', '.webm', '.mkv', '.m4v', '.ts', '.avi', '.3gp']}
          onFiles={add}
        />
        <OnTheWay
          uploads={uploads}
          news={news}
          onPause={pause}
          onResume={resume}
          onRemove={remove}
          onTryAgain={(id) => act(tryArrivalAgain(id))}
          onForget={(id) => act(forgetArrival(id))}
        />
      </div>
      {lines.length === 0 ? (
        <Empty>
          <h2>From here to tomorrow’s class in one evening</h2>
          <Steps>
            <li>Bring in a file of footage, above.</li>
            <li>Cut its rounds out and say who is in them, with belts and weights of the day.</li>
            <li>Review one: press Enter and write what you would say.</li>
            <li>See under Students what keeps happening.</li>
            <li>Plan the class that answers it, and print the sheet.</li>
          </Steps>
        </Empty>
      ) : (
        <Section>
          <h2>On the shelf</h2>
          <div className="note">
            {count === 1 ? 'One file.' : `${count} files by the day of their rounds.`} Open a round to review it; amber
            still needs you.
          </div>
          <div className="matter">
            <Shelf lines={lines} work={news.work} onAct={look} onDelete={setDoomed} />
            <PieceFoot {...foot} />
          </div>
        </Section>
      )}
      <ConfirmDialog
        title="Delete this file?"
        text={`${doomed?.name ?? ''} leaves the shelf. Settings brings it back for thirty days; then it leaves the disk.`}
        confirm="Delete the file"
        isOpen={doomed !== undefined}
        onClose={() => setDoomed(undefined)}
        onConfirm={() => doomed && void removeFootage(doomed.id).then(() => router.refresh())}
      />
    </Page>
  );
}
