'use client';

import { useRouter } from 'next/navigation';
import { useRef } from 'react';
import { formatClock, type Span } from '@/core/clock';
import { messageOf } from '@/core/kernel';
import { cutAnew } from '@/server/rounds/cutActions';
import type { RecordStep } from '@/session/undoSteps';
import type { OneByOne } from './useCardChanges';

/** Nearer to the end than this, the round ends there already. @source own decision: a call comes a breath after the bell */
const SAME_END_SECONDS = 2;
const AWAY = 'The server could not be reached; the round ends where it did. Say it again in a moment.';

/** "time": the round ends where it was called. One step of undo, like any other; marks behind it stay in the way and are named. */
export function useRoundEnd(
  round: { readonly id: string; readonly version: number },
  span: Span,
  record: RecordStep,
  oneByOne: OneByOne,
  say: (words: string) => void,
) {
  const router = useRouter();
  const version = useRef(round.version);
  version.current = Math.max(version.current, round.version);

  const setEnd = async (endSeconds: number): Promise<boolean> => {
    const part = { id: round.id, startSeconds: span.startSeconds, endSeconds };
    const outcome = await cutAnew({ id: round.id, version: version.current }, [part]).catch(() => undefined);
    if (!outcome?.ok) {
      say(outcome ? messageOf(outcome) : AWAY);
      return false;
    }
    version.current = outcome.versions[round.id] ?? version.current;
    router.refresh();
    return true;
  };
  return async (atSeconds: number): Promise<void> => {
    if (Math.abs(span.endSeconds - atSeconds) < SAME_END_SECONDS) return say('The round ends here already.');
    const before = span.endSeconds;
    const turnTo = (seconds: number) => oneByOne(() => setEnd(seconds));
    const forget = record({ undo: () => void turnTo(before), redo: () => void turnTo(atSeconds) });
    if (!(await turnTo(atSeconds))) return forget();
    say(
      `The round ends here, at ${formatClock(atSeconds - span.startSeconds)}. Z twice takes the end and the note back.`,
    );
  };
}
