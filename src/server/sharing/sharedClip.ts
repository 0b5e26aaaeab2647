import { pool } from '@/data/client';
import { findClip, noteClipUse } from '@/data/clips/clips';
import { listReviewClips } from '@/data/sharing/reviewClips';
import { serveStored } from '../footage/serveStored';
import { isUuid } from '../kernel/isUuid';
import { refuse } from '../kernel/sameOrigin';
import { openLink } from './openLink';
import { findShared } from './sharedReview';

export type ClipPart = 'film' | 'cover' | 'captions';

/** A file of a clip that a link leads to, in the range asked for. Asked of every piece of it anew: a link that closes ends a film in the middle. */
export async function serveSharedClip(
  token: string,
  closingId: string,
  clipId: string,
  part: ClipPart,
  request: Request,
): Promise<Response> {
  const link = isUuid(clipId) && isUuid(closingId) ? await openLink(token) : undefined;
  const shared = link && (await findShared(link, closingId));
  const own = shared && [...(await listReviewClips(pool(), shared.review.id)).values()];
  const clip = own?.includes(clipId) ? await findClip(pool(), clipId) : undefined;
  if (clip?.state !== 'ready' || !clip.storageName || !clip.coverName) return refuse(404, 'not-found');
  if (part === 'captions')
    return new Response(clip.captions || 'WEBVTT\n', {
      headers: { 'content-type': 'text/vtt; charset=utf-8', 'cache-control': 'private, no-store' },
    });
  if (part === 'film') await noteClipUse(pool(), clip.id);
  const digest = clip.id.replaceAll('-', '');
  return serveStored(part === 'film' ? clip.storageName : clip.coverName, `${digest}${clip.byteLength}`, request);
}
