import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { findServableClip } from '@/server/clips/findServableClip';
import { serveStored } from '@/server/footage/serveStored';
import { refuse } from '@/server/kernel/sameOrigin';

interface Address {
  readonly params: Promise<{ clipId: string; part: string }>;
}

/** A rendered clip for coaches: its film, its cover, its captions. */
async function serve(request: Request, { params }: Address): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const { clipId, part } = await params;
  const clip = await findServableClip(clipId, coach.id);
  if (!clip?.storageName || !clip.coverName) return refuse(404, 'no-such-clip');
  const digest = `${clip.id.replaceAll('-', '')}${clip.byteLength}`;
  if (part === 'film') return serveStored(clip.storageName, digest, request);
  if (part === 'cover') return serveStored(clip.coverName, `${digest}cover`, request);
  if (part !== 'captions') return refuse(404, 'no-such-clip');
  return new Response(clip.captions || 'WEBVTT\n', {
    headers: { 'content-type': 'text/vtt; charset=utf-8', 'cache-control': 'private, no-cache' },
  });
}

export const GET = serve;
export const HEAD = serve;
