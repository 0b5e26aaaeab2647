'use client';

import { useState } from 'react';
import type { SaidBefore } from '@/core/reviewing';
import { dayWords } from '@/terms/dayWords';
import { Notice } from '@/ui/layout/Page';
import { Button, Checkbox, TextArea } from '@/ui/primitives';
import { useSaying } from './useSaying';

export interface HomeworkBoxProps {
  readonly token: string;
  readonly closingId: string;
  readonly point: {
    readonly place: number;
    readonly homework: string;
    readonly homeworkDue: string;
    readonly done?: SaidBefore;
  };
}

/** Homework to be ticked, with a note. A tick is sent at once. */
export function HomeworkBox({ token, closingId, point }: HomeworkBoxProps) {
  const { place, homework, homeworkDue, done } = point;
  const [isDone, setDone] = useState(done?.isDone ?? false);
  const [said, setSaid] = useState(done?.said ?? '');
  const saying = useSaying(token, closingId, done !== undefined);
  return (
    <div className="homework">
      <h3>Homework{homeworkDue ? `, looked at from ${dayWords(homeworkDue)} on` : ''}</h3>
      <p>{homework}</p>
      <Checkbox
        isSelected={isDone}
        onChange={(next) => {
          setDone(next);
          saying.say({ kind: 'homework', place, isDone: next, said }, () => setDone(!next));
        }}
      >
        Done
      </Checkbox>
      <TextArea
        label="A note for your coach"
        rows={1}
        value={said}
        maxLength={2000}
        onChange={(words) => {
          setSaid(words);
          saying.change();
        }}
      />
      {saying.problem ? <Notice role="alert">{saying.problem}</Notice> : null}
      <Button
        isPending={saying.isSending}
        isDisabled={saying.isSaid || (said.trim() === '' && done === undefined && !isDone)}
        onPress={() => saying.say({ kind: 'homework', place, isDone, said })}
      >
        {saying.isSaid ? 'Your coach sees it' : 'Send the note'}
      </Button>
    </div>
  );
}
