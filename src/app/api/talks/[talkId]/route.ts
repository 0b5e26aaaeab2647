import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { serveStored } from '@/server/footage/serveStored';
import { isUuid } from '@/server/kernel/isUuid';
import { isSameOrigin, refuse } from '@/server/kernel/sameOrigin';
import { findServableTalk } from '@/server/rounds/findServableTalk';
import { keepTalk, talkAbout } from '@/server/rounds/keepTalk';

type Context = { params: Promise<{ talkId: string }> };

/** The sound of a talk. */
async function serve(request: Request, context: Context): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const talk = await findServableTalk((await context.params).talkId, coach.id);
  return talk ? serveStored(talk.storageName, `talk-${talk.id}`, request) : refuse(404, 'no-such-talk');
}

const statusOf = { 'no-such-round': 404, 'too-large': 413, empty: 400, 'no-sound': 415, 'no-room': 507 } as const;

/** Takes a talk: its sound is the body, what the footage did meanwhile stands in `about`. Sent again under the same id, it is the same. */
export async function PUT(request: Request, context: Context): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  const { talkId } = await context.params;
  const about = talkAbout.safeParse(readJson(new URL(request.url).searchParams.get('about')));
  if (!isUuid(talkId) || !about.success) return refuse(400, 'not-understood');
  const kept = await keepTalk(talkId, about.data, coach.id, request.body);
  if ('refused' in kept) return refuse(statusOf[kept.refused], kept.refused);
  return Response.json({ talk: kept.talk }, { headers: { 'cache-control': 'no-store' } });
}

function readJson(text: string | null): unknown {
  try {
    return JSON.parse(text ?? '');
  } catch {
    return undefined;
  }
}

export const GET = serve;
export const HEAD = serve;
