'use client';

import Link from 'next/link';
import { useAction } from '@/forms/useAction';
import { forgetWords } from '@/server/language/learnActions';
import { useWordOf } from '@/terms/HouseContext';
import { ActionLink, Empty, Notice, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

export interface LearnedWord {
  readonly words: string;
  readonly conceptId: string;
  readonly times: number;
  readonly isLearned: boolean;
}

/** What the call line learned from corrections, and what it has heard once. */
export function LearnedPage({ learned }: { readonly learned: readonly LearnedWord[] }) {
  const wordOf = useWordOf();
  const { message, pending, run } = useAction();
  return (
    <Page
      title="Learned from corrections"
      aside="Words that were read as something else, and what you meant by them. From the second time on they are read so."
      actions={<ActionLink href="/library">To the library</ActionLink>}
    >
      {message ? <Notice role="alert">{message}</Notice> : null}
      {learned.length === 0 ? (
        <Empty>
          <h2>Nothing was corrected yet</h2>
          <p>When the call line takes another meaning than yours, ↓ chooses the right one. It remembers.</p>
        </Empty>
      ) : (
        <Section>
          <h2>{learned.length === 1 ? '1 correction' : `${learned.length} corrections`}</h2>
          <div className="note">What is forgotten is read again as anywhere else, and marks stay as they are.</div>
          <div className="matter">
            <Table>
              <thead>
                <tr>
                  <th>You write</th>
                  <th>It means</th>
                  <th>Corrected</th>
                  <th />
                </tr>
              </thead>
              <tbody>
                {learned.map(({ words, conceptId, times, isLearned }) => (
                  <tr key={`${words}/${conceptId}`}>
                    <td>{words}</td>
                    <td>
                      <Link href={`/library/${conceptId}`}>{wordOf(conceptId)}</Link>
                    </td>
                    <td>
                      {times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`}{' '}
                      <Quiet>
                        {isLearned
                          ? 'read so since'
                          : times === 1
                            ? 'once more, and it is read so'
                            : 'not read so: it is a name'}
                      </Quiet>
                    </td>
                    <td>
                      <Button
                        look="plain"
                        aria-label={`Forget ${words}`}
                        isPending={pending}
                        onPress={() => run(() => forgetWords(words, conceptId))}
                      >
                        Forget
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </div>
        </Section>
      )}
    </Page>
  );
}
