import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { groupIn, loadMatClock } from '@/server/classes/loadMat';
import { refuse } from '@/server/kernel/sameOrigin';

/** Where a class stands, and what time it is here: devices go by the server's clock. */
export async function GET(request: Request, context: { params: Promise<{ classId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach('helper'))) return refuse(401, 'signed-out');
  const group = groupIn(new URL(request.url).searchParams.get('group'));
  const kept = await loadMatClock((await context.params).classId, group);
  return Response.json({ ...kept, now: Date.now() }, { headers: { 'cache-control': 'no-store' } });
}
