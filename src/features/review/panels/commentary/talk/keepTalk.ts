import type { TalkTrack } from '@/core/commentary';
import { saveTrack } from '@/server/rounds/talkActions';
import type { RoundTalk } from './talkState';

/** Sends a talk to the server, its sound before its track; undefined when it could not be kept. */
export async function keepTalk(
  roundId: string,
  sound: Blob,
  track: TalkTrack,
  seconds: number,
): Promise<RoundTalk | undefined> {
  const id = crypto.randomUUID();
  const about = JSON.stringify({ roundId, seconds, track: track.slice(0, 1) });
  const answer = await fetch(`/api/talks/${id}?about=${encodeURIComponent(about)}`, {
    method: 'PUT',
    body: sound,
  }).catch(() => undefined);
  const traced = answer?.ok ? await saveTrack(id, [...track]).catch(() => undefined) : undefined;
  return traced?.ok ? { id, seconds, track, createdAt: new Date().toISOString() } : undefined;
}

/** Gives a file to the browser's downloads. */
export function saveAsFile(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
