import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { loadProgress } from '@/server/footage/loadProgress';
import { refuse } from '@/server/kernel/sameOrigin';

/** How far the background work on one file is. */
export async function GET(_request: Request, context: { params: Promise<{ footageId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const progress = await loadProgress((await context.params).footageId);
  if (!progress) return refuse(404, 'no-such-footage');
  return Response.json(progress, { headers: { 'cache-control': 'no-store' } });
}
