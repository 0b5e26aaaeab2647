'use client';

import { styled } from 'styled-components';
import { Button } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { textOfMark } from './CallLine';
import type { Conflict, Refusal } from './reviewReducer';
import { markProblemText, type Names } from './reviewView';

const Box = styled.div`
  background: ${color.harmWash}; border-bottom: 1px solid ${color.harm}; padding: ${space(3)} ${space(4)}; display: flex; flex-direction: column; gap: ${space(2)};
  .buttons { display: flex; gap: ${space(2)}; }
  em { font-style: normal; font-weight: 600; }
`;

export interface TroublesProps {
  readonly conflicts: readonly Conflict[];
  readonly refusals: readonly Refusal[];
  readonly names: Names;
  readonly onKeepTheirs: (changeId: string) => void;
  readonly onUseMine: (changeId: string) => void;
  readonly onDropRefusal: (changeId: string) => void;
}

/** Changes that another coach crossed, or that the server did not take: nothing goes away before the coach says so. */
export function Troubles({ conflicts, refusals, names, onKeepTheirs, onUseMine, onDropRefusal }: TroublesProps) {
  return (
    <>
      {conflicts.map(({ change, theirs }) => (
        <Box key={change.changeId} role="alert">
          <span>
            {theirs.by ?? 'Another coach'} changed this mark meanwhile. Theirs:{' '}
            <em>{theirs.removed ? 'deleted' : textOfMark(theirs.mark, names)}</em>. Yours:{' '}
            <em>{change.removed ? 'deleted' : textOfMark(change.mark, names)}</em>.
          </span>
          <div className="buttons">
            <Button onPress={() => onKeepTheirs(change.changeId)}>Keep theirs</Button>
            <Button onPress={() => onUseMine(change.changeId)}>Use mine</Button>
          </div>
        </Box>
      ))}
      {refusals.map(({ change, codes }) => (
        <Box key={change.changeId} role="alert">
          <span>
            Not stored: <em>{textOfMark(change.mark, names)}</em>.{' '}
            {codes.map((code) => markProblemText({ code })).join(' ')}
          </span>
          <div className="buttons">
            <Button onPress={() => onDropRefusal(change.changeId)}>Understood</Button>
          </div>
        </Box>
      ))}
    </>
  );
}
