'use client';

import { useState } from 'react';
import type { SaidBefore } from '@/core/reviewing';
import { Notice } from '@/ui/layout/Page';
import { Button, TextArea } from '@/ui/primitives';
import { useSaying } from './useSaying';

/** How the rounds felt, in the student's words. */
export function Feeling({
  token,
  closingId,
  said: before,
}: {
  readonly token: string;
  readonly closingId: string;
  readonly said?: SaidBefore;
}) {
  const [said, setSaid] = useState(before?.said ?? '');
  const saying = useSaying(token, closingId, before !== undefined);
  const isFinal = before?.isTaken === true;
  return (
    <>
      <TextArea
        label="Tired, calm, rushed, anything that hurt"
        value={said}
        maxLength={2000}
        isDisabled={isFinal}
        onChange={(words) => {
          setSaid(words);
          saying.change();
        }}
      />
      {saying.problem ? <Notice role="alert">{saying.problem}</Notice> : null}
      {isFinal ? (
        <p className="quiet">Your coach has read it.</p>
      ) : (
        <Button
          isPending={saying.isSending}
          isDisabled={saying.isSaid || said.trim() === ''}
          onPress={() => saying.say({ kind: 'feeling', said })}
        >
          {saying.isSaid ? 'Sent. Thank you.' : 'Tell your coach'}
        </Button>
      )}
    </>
  );
}
