'use client';

import { useState } from 'react';
import { ActionLink, Notice, Page, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, FileDrop } from '@/ui/primitives';
import { RosterTable } from './RosterTable';
import { type List, readList } from './readList';
import type { RosterKnows } from './rosterKnows';

/** A list of students from a spreadsheet: read, shown, corrected, written down. */
export function RosterPage(props: RosterKnows) {
  const [list, setList] = useState<List & { readonly name: string }>();
  const [problem, setProblem] = useState<string>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    const read = await readList(file).catch(() => 'This file cannot be read. Is it still there?');
    if (typeof read === 'string') return setProblem(read);
    setProblem(undefined);
    setList({ ...read, name: file.name });
  };
  return (
    <Page
      title="A list of students"
      aside="From a spreadsheet or another program, saved as CSV"
      actions={<ActionLink href="/students">To Students</ActionLink>}
    >
      {list ? (
        <Stack>
          <Row>
            <Quiet>{list.name}</Quiet>
            <Button look="plain" onPress={() => setList(undefined)}>
              Another file
            </Button>
          </Row>
          <RosterTable key={list.name} list={list} {...props} />
        </Stack>
      ) : (
        <Stack>
          <FileDrop
            words="Drop the list here"
            hint="CSV, with or without a row of headings. Nothing is written down before you have seen it."
            choose="Choose a file"
            accept={['.csv', '.tsv', '.txt', 'text/csv', 'text/plain']}
            onFiles={([file]) => void take(file)}
          />
          {problem ? <Notice role="alert">{problem}</Notice> : null}
        </Stack>
      )}
    </Page>
  );
}
