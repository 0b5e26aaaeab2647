import { z } from 'zod';
import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { findServableFootage } from '@/server/footage/findServableFootage';
import { takePicture } from '@/server/footage/takePicture';
import { refuse } from '@/server/kernel/sameOrigin';

const moment = z.coerce.number().min(0).max(86_400);

/** The picture that the footage shows at `?at=` seconds of the file. */
export async function GET(request: Request, context: { params: Promise<{ footageId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const at = moment.safeParse(new URL(request.url).searchParams.get('at') ?? undefined);
  if (!at.success) return refuse(400, 'no-such-moment');
  const footage = await findServableFootage((await context.params).footageId);
  if (!footage) return refuse(404, 'no-such-footage');
  // The picture of a moment never changes: a browser that has it only asks whether it may still be seen.
  const etag = `"${footage.sha256.slice(0, 32)}-${at.data.toFixed(3)}"`;
  const headers = { etag, 'cache-control': 'private, no-cache', 'x-content-type-options': 'nosniff' };
  if (request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers });
  const picture = await takePicture(footage.storageName, at.data, request.signal);
  if (!picture) return refuse(404, 'no-picture-there');
  return new Response(new Uint8Array(picture), {
    headers: { ...headers, 'content-type': 'image/jpeg' },
  });
}
