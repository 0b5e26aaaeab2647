import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { isUuid } from '@/server/kernel/isUuid';
import { refuse } from '@/server/kernel/sameOrigin';
import { findMarksPlace } from '@/server/marks/marksPlace';
import { readVersions } from '@/server/marks/readMarks';

type Context = { params: Promise<{ roundId: string; markId: string }> };

/** Every form that a mark has had, newest first, with who made it so and when. */
export async function GET(request: Request, context: Context): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const { roundId, markId } = await context.params;
  const place = await findMarksPlace(roundId, new URL(request.url).searchParams.get('second'), coach.id);
  if (!place || !isUuid(markId)) return refuse(404, 'no-such-mark');
  const versions = await readVersions(place, markId);
  return Response.json({ versions }, { headers: { 'cache-control': 'no-store' } });
}
