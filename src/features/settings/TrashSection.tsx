'use client';

import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { bringBack } from '@/server/trash/trashActions';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Quiet, Section, Table } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

export interface TrashLine {
  readonly id: string;
  readonly kind: 'round' | 'class' | 'film';
  readonly title: string;
  readonly deletedAt: string;
  readonly deletedByName?: string;
}

const kindWords = { round: 'Round', class: 'Class', film: 'Film' } as const;

/** What was deleted in the last thirty days, to be brought back. */
export function TrashSection({ trash }: { readonly trash: readonly TrashLine[] }) {
  const zone = useZone();
  const { messages, isSending, send } = useSending();
  return (
    <Section>
      <h2>Deleted</h2>
      <div className="note">
        Rounds, classes and films of the last thirty days, each as it was with all that was marked.
      </div>
      <div className="matter">
        <FormMessage messages={messages} />
        {trash.length === 0 ? (
          <Quiet>Nothing was deleted.</Quiet>
        ) : (
          <Table>
            <thead>
              <tr>
                <th>What</th>
                <th>Deleted</th>
                <th>Bringing it back</th>
              </tr>
            </thead>
            <tbody>
              {trash.map((one) => (
                <tr key={one.id}>
                  <td>
                    {kindWords[one.kind]}: {one.title}
                  </td>
                  <td>
                    {momentWords(one.deletedAt, zone)}
                    {one.deletedByName ? ` by ${one.deletedByName}` : ''}
                  </td>
                  <td>
                    <Button
                      look="plain"
                      isPending={isSending}
                      aria-label={`Bring back ${one.title}`}
                      onPress={() =>
                        send(
                          () => bringBack(one.id),
                          () => undefined,
                        )
                      }
                    >
                      Bring it back
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
      </div>
    </Section>
  );
}
