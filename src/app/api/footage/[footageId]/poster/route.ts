import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { findServableFootage } from '@/server/footage/findServableFootage';
import { serveStored } from '@/server/footage/serveStored';
import { refuse } from '@/server/kernel/sameOrigin';

export async function GET(request: Request, context: { params: Promise<{ footageId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const footage = await findServableFootage((await context.params).footageId);
  const posterName = footage?.filmstrip?.posterName;
  if (!footage || !posterName) return refuse(404, footage ? 'not-made-yet' : 'no-such-footage');
  return serveStored(posterName, `${footage.id}-poster-${footage.filmstrip?.count}`, request);
}
