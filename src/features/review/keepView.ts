import { clockIn } from '@/core/kernel';
import type { PendingChange } from '@/session/marksState';
import type { Keeping } from '@/sync/sender';

/** Whether what was marked waits for something that the coach should know of. */
export const isWaiting = ({ state, onlyHere }: Keeping): boolean =>
  onlyHere || (state !== 'kept' && state !== 'sending');

const countWords = (waiting: number): string => (waiting === 1 ? '1 change waits' : `${waiting} changes wait`);

/** The one line of the header: how the marks are kept, and what changes on the round itself. */
export function keepWords(keeping: Keeping, waiting: number, isKeepingCard: boolean): string {
  if (!isWaiting(keeping)) return waiting > 0 || isKeepingCard ? 'Keeping …' : 'All kept';
  if (waiting === 0) return isKeepingCard ? 'Keeping …' : 'All kept';
  return keeping.onlyHere ? `${countWords(waiting)} in this page only` : `${countWords(waiting)} on this machine`;
}

/** Why they wait, since when, and what to do; undefined where there is nothing to say. */
export function waitWords(keeping: Keeping, waiting: number, isSecond: boolean, timeZone: string): string | undefined {
  const { ofOthers } = keeping;
  const parts = [
    waiting > 0 && isWaiting(keeping) ? reasonWords(keeping, isSecond, timeZone) : undefined,
    keeping.onlyHere
      ? `This browser keeps nothing for this page (its storage is switched off, full or was cleared): what waits is lost when the page is closed. ${waiting > 0 ? 'Leave it open, or download what waits.' : 'Marks are sent as long as the server is there.'}`
      : undefined,
    ofOthers > 0
      ? `${ofOthers === 1 ? '1 change of another coach waits' : `${ofOthers} changes of another coach wait`} on this machine; sent when they sign in here.`
      : undefined,
  ];
  return parts.filter(Boolean).join(' ') || undefined;
}

function reasonWords({ state, status, sinceMs }: Keeping, isSecond: boolean, timeZone: string): string {
  const since = sinceMs === undefined ? '' : ` since ${clockIn(timeZone, new Date(sinceMs).toISOString())}`;
  switch (state) {
    case 'signed-out':
      return 'You are signed out. Sign in in another tab: what waits is sent then.';
    case 'other-coach':
      return 'Another coach is signed in in this browser now. What waits is yours, and is sent when you sign in again.';
    case 'gone':
      return isSecond
        ? 'This second review is done, so it takes no more marks. Download what waits if you need it.'
        : 'This round was deleted, or is closed to you while you review it blind. Download what waits if you need it.';
    case 'too-large':
    case 'too-many':
      return `Something between here and the server lets only little through${since}. What waits is sent in small pieces.`;
    case 'strange':
      return `Something on the way answers in the server’s place${status ? ` (${status})` : ''}${since}: a proxy, or a guest network. What waits is tried again by itself.`;
    case 'away':
      return `The server is away${since}. What waits is sent when it is back.`;
    default:
      return '';
  }
}

/** What waits, as a file that can be read and kept: JSON, with how it came to be. */
export const waitingFile = (changes: readonly PendingChange[], madeAt: string): string =>
  JSON.stringify({ format: 'unhurried-owl-waiting-changes', version: 1, madeAt, changes }, null, 2);
