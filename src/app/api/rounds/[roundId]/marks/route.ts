import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { noteTouched } from '@/server/accounts/noteTouched';
import { isSameOrigin, readText, refuse } from '@/server/kernel/sameOrigin';
import { findMarksPlace } from '@/server/marks/marksPlace';
import { readMarks } from '@/server/marks/readMarks';
import { receiveChanges } from '@/server/marks/receiveChanges';

const MOST_BODY_BYTES = 4 * 1024 * 1024;
type Context = { params: Promise<{ roundId: string }> };
/** The second review that the marks belong to; null for the round's own. */
const secondOf = (request: Request): string | null => new URL(request.url).searchParams.get('second');

/** Takes changes of marks; each is answered on its own, so one bad mark holds up no other. */
export async function POST(request: Request, context: Context): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  const text = await readText(request, MOST_BODY_BYTES);
  if (text === undefined) return refuse(413, 'too-large');
  const { roundId } = await context.params;
  const received = await receiveChanges(roundId, text, coach.id, secondOf(request));
  if (received.ok) noteTouched({ coachId: coach.id, did: 'changed', kind: 'round', about: roundId });
  return received.ok
    ? Response.json({ outcomes: received.value })
    : refuse(received.problem.status, received.problem.code);
}

/** All marks as they are now, each with the change that made it so: what an open page merges in. */
export async function GET(request: Request, context: Context): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const place = await findMarksPlace((await context.params).roundId, secondOf(request), coach.id);
  if (!place) return refuse(404, 'no-such-round');
  return Response.json({ marks: await readMarks(place) }, { headers: { 'cache-control': 'no-store' } });
}
