'use client';

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';

const Strip = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(2)}; align-items: center; padding: ${space(2)} ${space(4)}; border-bottom: 1px solid ${color.rule}; font-size: ${size.small};
  button { min-height: 26px; padding: 0 ${space(2)}; font-size: ${size.small}; }
`;

export interface Answer {
  readonly words: string;
  readonly onPress: () => void;
  readonly plain?: boolean;
}

/** A small question above the ledger, each answer with its key. */
export function QuestionStrip({
  label,
  answers,
  children,
}: {
  readonly label: string;
  readonly answers: readonly Answer[];
  readonly children: ReactNode;
}) {
  return (
    <Strip role="group" aria-label={label}>
      <span>{children}</span>
      {answers.map(({ words, onPress, plain }) => (
        <Button key={words} look={plain ? 'plain' : 'quiet'} onPress={onPress}>
          {words}
        </Button>
      ))}
    </Strip>
  );
}
