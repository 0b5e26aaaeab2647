import { createMarksSession, type MarksSession } from '@/session/marksSession';
import type { HeldMark } from '@/session/marksState';
import type { Store } from '@/session/store';
import { listenForMarks } from './liveLine';
import type { MarksAddress } from './marksAddress';
import { createRoundCopy } from './roundCopy';
import { createSender, type Keeping, type Sender } from './sender';

/** The marks of a round at work: shown at once, put by in the browser, sent until the server has answered for each; others' changes are merged in. */
export interface OpenMarks {
  readonly session: MarksSession;
  readonly keeping: Store<Keeping>;
  /** Begins to send and to listen; what is given back ends both. */
  readonly start: () => () => void;
}

export function openMarks(address: MarksAddress, stored: readonly HeldMark[], coachId: string): OpenMarks {
  const { scopeId } = address;
  // The session puts its changes into the sender, and the sender settles them in the session.
  const lines: { sender?: Sender } = {};
  const session = createMarksSession({
    ...{ scopeId, stored },
    queue: (changes) => lines.sender?.queue(changes),
    forget: (ids) => lines.sender?.forget(ids),
    makeId: () => crypto.randomUUID(),
    nowMs: () => Date.now(),
  });
  const copy = createRoundCopy(scopeId, session);
  const sender = createSender({ address: address.marks, scopeId, coachId, session, beforeForgetting: copy.write });
  lines.sender = sender;
  const quietSince = () =>
    session.get().pending.length === 0 && !sender.isSending() ? session.changesMade() : undefined;
  const start = () => {
    const ends = [sender.start(), copy.start(), listenForMarks(address, quietSince, session.merge)];
    return () => {
      for (const end of ends) end();
    };
  };
  return { session, keeping: sender.keeping, start };
}
