import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { findServableFootage } from '@/server/footage/findServableFootage';
import { serveStored } from '@/server/footage/serveStored';
import { refuse } from '@/server/kernel/sameOrigin';

export async function GET(request: Request, context: { params: Promise<{ footageId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const footage = await findServableFootage((await context.params).footageId);
  if (!footage?.filmstrip) return refuse(404, footage ? 'not-made-yet' : 'no-such-footage');
  const { storageName, count } = footage.filmstrip;
  return serveStored(storageName, `${footage.id}-strip-${count}`, request);
}
