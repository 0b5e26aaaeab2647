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
  const picture = await takePicture(footage.storageName, at.data, request.signal);
  if (!picture) return refuse(404, 'no-picture-there');
  return new Response(new Uint8Array(picture), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=86400',
      'x-content-type-options': 'nosniff',
    },
  });
}
