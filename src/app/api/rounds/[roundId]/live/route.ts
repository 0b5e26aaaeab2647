import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { openLine } from '@/server/kernel/openLine';
import { refuse } from '@/server/kernel/sameOrigin';
import { findMarksPlace } from '@/server/marks/marksPlace';
import { hearMarksChanged, startHearing } from '@/server/marks/readMarks';

/** A line on which an open page hears that marks have changed; it then asks what they are. */
export async function GET(request: Request, context: { params: Promise<{ roundId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const secondId = new URL(request.url).searchParams.get('second');
  const place = await findMarksPlace((await context.params).roundId, secondId, coach.id);
  if (!place) return refuse(404, 'no-such-round');
  // A page asks for the marks as soon as its line is open: what changes after that must be heard.
  await startHearing();
  return openLine(request, 2000, (say) => hearMarksChanged(place.scopeId, () => say('changed', '1')));
}
