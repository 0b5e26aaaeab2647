import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { receiveFootage } from '@/server/footage/receiveFootage';
import { isSameOrigin, refuse } from '@/server/kernel/sameOrigin';

/** Takes one file as the request's body; its name comes in the address. */
export async function PUT(request: Request): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  const name = new URL(request.url).searchParams.get('name') ?? 'footage';
  const length = request.headers.get('content-length');
  const declared = length && /^\d{1,15}$/.test(length) ? Number(length) : undefined;
  if (!request.body) return refuse(422, 'empty');
  try {
    const received = await receiveFootage(request.body, name, declared, coach.id);
    if (!received.ok) return refuse(422, received.problem.code, { ...received.problem });
    const { footage, already } = received.value;
    return Response.json({ id: footage.id, already }, { status: already ? 200 : 201 });
  } catch {
    // The browser left in the middle, or the disk failed: the partial file is gone, the coach can send it again.
    return refuse(500, 'interrupted');
  }
}
