'use client';

import { useRouter } from 'next/navigation';
import { FormMessage } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { erasePerson } from '@/server/people/erasing/eraseActions';
import { dayWords } from '@/terms/dayWords';
import { ActionLink, Fields, Notice, Page, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, Choice, TextField } from '@/ui/primitives';
import { type Counts, goesWords } from './erasingWords';

export interface ErasePageProps {
  readonly person: { readonly id: string; readonly name: string };
  readonly counts: Counts;
  readonly holding: { readonly backups: number; readonly until?: string };
}

/** What there is of somebody, what becomes of it, and the last step. */
export function ErasePage({ person, counts, holding }: ErasePageProps) {
  const router = useRouter();
  const { fields, set } = useDraft(() => ({ films: 'kept' as 'kept' | 'blurred', typed: '' }));
  const { messages, isSending, send } = useSending();
  const erase = () =>
    send(
      () => erasePerson(person.id, fields.films, fields.typed),
      () => router.push('/students'),
    );
  return (
    <Page
      title={`Erase ${person.name}`}
      aside="For somebody who asks that nothing about them is kept"
      actions={<ActionLink href={`/students/${person.id}`}>Back, nothing is erased</ActionLink>}
    >
      <Section>
        <h2>What goes</h2>
        <div className="matter">
          <ul>
            {goesWords(counts).map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </div>
      </Section>
      <Section>
        <h2>What stays</h2>
        <div className="note">So that partners keep their figures.</div>
        <div className="matter">
          <p>
            {counts.rounds === 0
              ? 'Nothing: they are in no round.'
              : `${counts.rounds === 1 ? 'One round' : `${counts.rounds} rounds`} and what was marked in ${counts.rounds === 1 ? 'it' : 'them'}, as of “somebody” with the belt and weight of the day.`}
          </p>
        </div>
      </Section>
      {counts.films > 0 ? (
        <Section>
          <h2>The films</h2>
          <div className="note">
            {counts.films === 1 ? 'One film shows them.' : `${counts.films} films show them.`} Blurring cannot be
            undone.
          </div>
          <div className="matter">
            <Choice
              label="What shows them"
              value={fields.films}
              onChange={(films) => set({ films })}
              options={[
                { value: 'kept', label: 'stays as it is' },
                { value: 'blurred', label: 'is made unrecognisable and silent' },
              ]}
            />
          </div>
        </Section>
      ) : null}
      <Section>
        <h2>Backups</h2>
        <div className="matter">
          <p>{holdingWords(holding)}</p>
        </div>
      </Section>
      <Section>
        <h2>For good</h2>
        <div className="note">That it was done is kept, without the name.</div>
        <div className="matter">
          <Stack>
            <Notice>This cannot be undone. Make a package of {person.name} first if they want to take it along.</Notice>
            <FormMessage messages={messages} />
            <Fields>
              <TextField
                label="Type the whole name"
                value={fields.typed}
                onChange={(typed) => set({ typed })}
                problem={messages.typed}
              />
            </Fields>
            <Row>
              <Button look="harm" onPress={erase} isPending={isSending}>
                Erase for good
              </Button>
            </Row>
          </Stack>
        </div>
      </Section>
    </Page>
  );
}

function holdingWords({ backups, until }: ErasePageProps['holding']): string {
  if (backups === 0) return 'There is no backup that holds them.';
  const some = backups === 1 ? 'One backup holds them' : `${backups} backups hold them`;
  return until
    ? `${some}. They go by themselves as new ones are made: the last about ${dayWords(until)}.`
    : `${some}, and none is made by itself: delete those, or make new ones until the old ones are gone.`;
}
