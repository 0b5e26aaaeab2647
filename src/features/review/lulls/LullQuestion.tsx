'use client';

import { styled } from 'styled-components';
import type { Span } from '@/core/clock';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { lullWords } from './lullView';

const Strip = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(2)}; align-items: center; padding: ${space(2)} ${space(4)}; border-bottom: 1px solid ${color.rule}; font-size: ${size.small};
  button { min-height: 26px; padding: 0 ${space(2)}; font-size: ${size.small}; }
`;

export interface LullQuestionProps {
  readonly lull: Span;
  readonly more: number;
  readonly startSeconds: number;
  readonly onLook: () => void;
  readonly onStoppage: () => void;
  readonly onOffCamera: () => void;
  readonly onNothing: () => void;
}

/** One lull at a time: was play stopped there, was it off camera, or did they only lie still? */
export function LullQuestion({ lull, more, startSeconds, ...verbs }: LullQuestionProps) {
  return (
    <Strip role="group" aria-label="A lull">
      <span>
        {lullWords(lull, startSeconds)}
        {more > 0 ? ` ${more} more.` : ''}
      </span>
      <Button look="plain" onPress={verbs.onLook}>
        Look (G)
      </Button>
      <Button onPress={verbs.onStoppage}>Play stopped (Y)</Button>
      <Button onPress={verbs.onOffCamera}>Off camera (U)</Button>
      <Button onPress={verbs.onNothing}>They lay still (N)</Button>
    </Strip>
  );
}
