import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { loadShelfNews } from '@/server/footage/loadShelfNews';
import { refuse } from '@/server/kernel/sameOrigin';

/** What is on its way, in the inbox and in work, for a page that looks again and again. */
export async function GET(): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  return Response.json(await loadShelfNews(), { headers: { 'cache-control': 'no-store' } });
}
