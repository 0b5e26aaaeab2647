import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { noteTouched } from '@/server/accounts/noteTouched';
import { findServableFootage } from '@/server/footage/findServableFootage';
import { serveStored } from '@/server/footage/serveStored';
import { refuse } from '@/server/kernel/sameOrigin';

/** The original, or with ?as=looking the copy for looking. */
async function serve(request: Request, context: { params: Promise<{ footageId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const footage = await findServableFootage((await context.params).footageId);
  if (!footage) return refuse(404, 'no-such-footage');
  // A film is asked for in many ranges: it is looked at once its beginning is.
  if (/^(bytes=0-|$)/.test(request.headers.get('range') ?? ''))
    noteTouched({ coachId: coach.id, did: 'saw', kind: 'film', about: footage.id });
  if (new URL(request.url).searchParams.get('as') !== 'looking')
    return serveStored(footage.storageName, footage.sha256, request);
  if (!footage.proxy) return refuse(404, 'not-made-yet');
  return serveStored(footage.proxy.storageName, `${footage.id}-${footage.proxy.byteLength}`, request);
}

export const GET = serve;
export const HEAD = serve;
