import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { receivePackage } from '@/server/exchange/receivePackage';
import { isUuid } from '@/server/kernel/isUuid';
import { isSameOrigin, refuse } from '@/server/kernel/sameOrigin';

const statusOf = {
  ...{ 'no-zip': 415, 'no-package': 415, newer: 415, broken: 422 },
  ...{ 'too-large': 413, 'no-room': 507, 'broken-off': 400 },
} as const;

/** Takes a package from another academy, or from before; it is compared, and nothing is written yet. */
export async function PUT(request: Request, { params }: { params: Promise<{ importId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  if (coach.role !== 'head') return refuse(403, 'head-coach-only');
  const { importId } = await params;
  if (!isUuid(importId)) return refuse(400, 'not-understood');
  const refusal = await receivePackage(importId, coach.id, request.body);
  return refusal
    ? refuse(statusOf[refusal], refusal)
    : Response.json({ importId }, { headers: { 'cache-control': 'no-store' } });
}
