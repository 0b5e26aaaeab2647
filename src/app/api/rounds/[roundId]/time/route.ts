import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { isSameOrigin, readText, refuse } from '@/server/kernel/sameOrigin';
import { receiveReviewTime } from '@/server/rounds/receiveReviewTime';

const MOST_BODY_BYTES = 200;

/** Takes the seconds that a coach was at a round; pages send them also while they are being left. */
export async function POST(request: Request, context: { params: Promise<{ roundId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  const text = await readText(request, MOST_BODY_BYTES);
  const kept = text !== undefined && (await receiveReviewTime((await context.params).roundId, coach.id, text));
  return kept ? new Response(null, { status: 204 }) : refuse(400, 'not-understood');
}
