import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { findServableFootage } from '@/server/footage/findServableFootage';
import { serveFootage } from '@/server/footage/serveFootage';
import { refuse } from '@/server/kernel/sameOrigin';

async function serve(request: Request, context: { params: Promise<{ footageId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const footage = await findServableFootage((await context.params).footageId);
  return footage ? serveFootage(footage, request) : refuse(404, 'no-such-footage');
}

export const GET = serve;
export const HEAD = serve;
