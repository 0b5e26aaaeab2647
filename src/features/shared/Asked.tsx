'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import type { SaidBefore } from '@/core/reviewing';
import { Notice } from '@/ui/layout/Page';
import { Button, TextArea } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { useSaying } from './useSaying';

const Box = styled.fieldset`
  border: 0; margin: 0; padding: 0; display: flex; flex-direction: column; gap: ${space(3)};
  legend { padding: 0; font-weight: 600; }
  .choices { display: flex; flex-direction: column; gap: ${space(2)}; }
  .choices label { display: flex; align-items: center; gap: ${space(3)}; min-height: 44px; padding: 0 ${space(3)}; border: 1px solid ${color.rule}; background: ${color.raised}; cursor: pointer; }
  .choices label:has(input:checked) { border-color: ${color.ink}; }
  .choices input { width: 20px; height: 20px; accent-color: ${color.ink}; }
`;

export interface AskedProps {
  readonly token: string;
  readonly closingId: string;
  readonly question: {
    readonly place: number;
    readonly text: string;
    readonly choices: readonly string[];
    readonly said?: SaidBefore;
  };
}

/** A question of the coach, answered by choosing or in words. */
export function Asked({ token, closingId, question }: AskedProps) {
  const { place, text, choices, said: before } = question;
  const [choice, setChoice] = useState(before?.choice);
  const [said, setSaid] = useState(before?.said ?? '');
  const saying = useSaying(token, closingId, before !== undefined);
  const isFinal = before?.isTaken === true;
  const name = `asked-${place}`;
  return (
    <Box disabled={isFinal}>
      <legend>{text}</legend>
      {choices.length > 0 ? (
        <div className="choices">
          {choices.map((words, at) => (
            <label key={words}>
              <input
                type="radio"
                name={name}
                checked={choice === at}
                onChange={() => {
                  setChoice(at);
                  saying.change();
                }}
              />
              {words}
            </label>
          ))}
        </div>
      ) : null}
      <TextArea
        label={choices.length > 0 ? 'Or in your words' : 'In a sentence'}
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
        <p className="quiet">Your coach has your answer.</p>
      ) : (
        <Button
          look="lead"
          isPending={saying.isSending}
          isDisabled={saying.isSaid}
          onPress={() => saying.say({ kind: 'question', place, choice, said })}
        >
          {saying.isSaid ? 'Sent. Thank you.' : 'Send the answer'}
        </Button>
      )}
    </Box>
  );
}
