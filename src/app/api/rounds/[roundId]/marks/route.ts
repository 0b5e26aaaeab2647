import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { isSameOrigin, refuse } from '@/server/kernel/sameOrigin';
import { receiveChanges } from '@/server/marks/receiveChanges';

const MOST_BODY_BYTES = 4 * 1024 * 1024;

/** Takes changes of a round's marks; each is answered on its own, so one bad mark holds up no other. */
export async function POST(request: Request, context: { params: Promise<{ roundId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  const text = await request.text();
  if (text.length > MOST_BODY_BYTES) return refuse(413, 'too-large');
  const received = await receiveChanges((await context.params).roundId, text, coach.id);
  return received.ok
    ? Response.json({ outcomes: received.value })
    : refuse(received.problem.status, received.problem.code);
}
