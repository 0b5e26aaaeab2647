import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { isSameOrigin, refuse } from '@/server/kernel/sameOrigin';
import { receiveReviewTime } from '@/server/rounds/receiveReviewTime';

/** Takes the seconds that a coach was at a round; pages send them also while they are being left. */
export async function POST(request: Request, context: { params: Promise<{ roundId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  const kept = await receiveReviewTime((await context.params).roundId, coach.id, await request.text());
  return kept ? new Response(null, { status: 204 }) : refuse(400, 'not-understood');
}
