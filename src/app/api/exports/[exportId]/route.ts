import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { sendExport } from '@/server/exchange/sendPackage';
import { refuse } from '@/server/kernel/sameOrigin';

/** The package of everything, for the head coach. */
export async function GET(_request: Request, { params }: { params: Promise<{ exportId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (coach.role !== 'head') return refuse(403, 'head-coach-only');
  return (await sendExport((await params).exportId, coach.id)) ?? refuse(404, 'no-such-package');
}
