import type { FrameRate, Span } from '@/core/clock';
import { pool } from '@/data/client';
import { listFootageByIds } from '@/data/footage/footage';
import { listAllClips } from '@/data/language/referenceClips';
import { listRounds } from '@/data/rounds/rounds';
import { dayWords } from '@/terms/dayWords';
import { requireCoach } from '../accounts/currentCoach';
import { type Looking, lookingOf } from '../footage/loadProgress';
import { houseOf } from '../language/loadHouse';

/** A piece of footage that can be laid beside another. */
export interface Comparable extends Span {
  readonly key: string;
  readonly kind: 'round' | 'clip';
  readonly roundId?: string;
  readonly personIds: readonly string[];
  readonly title: string;
  readonly conceptId?: string;
  readonly footage: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
}

/** Rounds offered for comparing. @source own decision: what can be looked through in one list */
const NEWEST_ROUNDS = 400;

/** What can be compared: the newest filmed rounds, then the academy's reference clips; `older` when there are more rounds than these. */
export async function loadCompare() {
  await requireCoach();
  const [{ rows: rounds, more }, clips, house] = await Promise.all([
    listRounds(pool(), { filmed: true }, NEWEST_ROUNDS),
    listAllClips(pool()),
    houseOf(pool()),
  ]);
  const wanted = [...new Set([...rounds, ...clips].flatMap((one) => one.footageId ?? []))];
  const footage = await listFootageByIds(pool(), wanted);
  const files = new Map(footage.map((one) => [one.id, one]));
  const pieceOf = (footageId: string | undefined) => {
    const file = footageId ? files.get(footageId) : undefined;
    return file && { id: file.id, frameRate: file.frameRate, looking: lookingOf(file) };
  };
  const pieces: Comparable[] = [];
  for (const round of rounds) {
    const { id, startSeconds, endSeconds, a, b, heldOn } = round;
    const file = pieceOf(round.footageId);
    const title = `${a.name} and ${b.name}, ${dayWords(heldOn)}`;
    const personIds = [a.personId, b.personId];
    if (file)
      pieces.push({ key: id, kind: 'round', roundId: id, personIds, title, startSeconds, endSeconds, footage: file });
  }
  for (const { id, conceptId, footageId, caption, startSeconds, endSeconds } of clips) {
    const file = pieceOf(footageId);
    const more = { title: caption, conceptId, personIds: [], startSeconds, endSeconds };
    if (file) pieces.push({ key: id, kind: 'clip', ...more, footage: file });
  }
  return { pieces, house, older: more !== undefined };
}
