'use client';

import { useState } from 'react';
import { useDraft, useSending } from '@/forms/useSending';
import { logNote } from '@/server/classes/classActions';
import { Notice, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, Choice, TextArea } from '@/ui/primitives';

/** How a class went, as it is kept; version 0 where nobody said anything. */
export interface ClassNoteFacts {
  readonly went?: 'as-planned' | 'too-easy' | 'too-hard' | 'ran-out';
  readonly words: string;
  readonly hazards: string;
  readonly version: number;
}

const ways: readonly { readonly value: NonNullable<ClassNoteFacts['went']>; readonly label: string }[] = [
  { value: 'as-planned', label: 'as planned' },
  { value: 'too-easy', label: 'too easy' },
  { value: 'too-hard', label: 'too hard' },
  { value: 'ran-out', label: 'time ran out' },
];

/** How a class went: a word by thumb, and words for whoever teaches next. Kept by a press, so that two coaches do not write over each other. */
export function HowItWent({ classId, note }: { readonly classId: string; readonly note: ClassNoteFacts }) {
  const { fields, set } = useDraft(() => note);
  const [kept, setKept] = useState(note);
  const { messages, isSending, send } = useSending();
  const isChanged = fields.went !== kept.went || fields.words !== kept.words || fields.hazards !== kept.hazards;
  const keep = () => {
    const { version: _version, ...said } = fields;
    send(
      () => logNote(classId, said, kept.version),
      ({ version }) => setKept({ ...said, version }),
    );
  };
  return (
    <Stack>
      <Choice
        label="How it went"
        value={fields.went}
        onChange={(went) => set({ went })}
        onClear={() => set({ went: undefined })}
        options={ways}
      />
      <TextArea
        label="In your words, for whoever teaches next"
        value={fields.words}
        maxLength={2000}
        problem={messages.words}
        onChange={(words) => set({ words })}
      />
      <TextArea
        label="What was dangerous"
        rows={1}
        value={fields.hazards}
        maxLength={1000}
        problem={messages.hazards}
        onChange={(hazards) => set({ hazards })}
      />
      {messages[''] ? <Notice role="alert">{messages['']}</Notice> : null}
      <Row>
        <Button onPress={keep} isDisabled={!isChanged} isPending={isSending}>
          Keep how it went
        </Button>
        {!isChanged && kept.version > 0 ? <Quiet role="status">Kept.</Quiet> : null}
      </Row>
    </Stack>
  );
}
