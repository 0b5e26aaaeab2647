'use client';

import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import type { Conflict, PendingChange, Refusal } from '@/session/marksState';
import type { Keeping } from '@/sync/sender';
import { useZone } from '@/terms/ZoneContext';
import { Button } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { textOfMark } from './CallLine';
import { waitingFile, waitWords } from './keepView';
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

export interface WaitingProps {
  readonly keeping: Keeping;
  readonly pending: readonly PendingChange[];
  readonly isSecond: boolean;
}

/** What waits, why and since when, with a way to take it along. Said only when it lasts: a server that starts again is back in seconds. */
export function Waiting({ keeping, pending, isSecond }: WaitingProps) {
  const words = waitWords(keeping, pending.length, isSecond, useZone());
  const lasts = useLasting(words !== undefined, keeping.onlyHere || keeping.ofOthers > 0 ? 0 : LASTS_MS);
  if (!words || !lasts) return null;
  const download = () => {
    const url = URL.createObjectURL(
      new Blob([waitingFile(pending, new Date().toISOString())], { type: 'application/json' }),
    );
    const link = document.createElement('a');
    link.href = url;
    link.download = 'waiting-marks.json';
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <Box role="alert" aria-label="What waits">
      <span>{words}</span>
      {pending.length > 0 ? (
        <div className="buttons">
          <Button onPress={download}>Download what waits</Button>
        </div>
      ) : null}
    </Box>
  );
}

const LASTS_MS = 6000;

/** Whether something has held for so long. */
function useLasting(holds: boolean, ms: number): boolean {
  const [lasts, setLasts] = useState(false);
  useEffect(() => {
    if (!holds) return setLasts(false);
    const timer = setTimeout(() => setLasts(true), ms);
    return () => clearTimeout(timer);
  }, [holds, ms]);
  return lasts;
}
