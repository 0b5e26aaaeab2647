import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { receiveUpload } from '@/server/footage/receiveUpload';
import { isSameOrigin, refuse } from '@/server/kernel/sameOrigin';

/** Resumable uploads: the tus protocol, version 1.0.0. Nothing is handed out here: what a stranger named and typed must never come back as a page. */
async function handle(request: Request): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  if (!isSameOrigin(request)) return refuse(403, 'other-origin');
  return receiveUpload(request, coach.id);
}

export const HEAD = handle;
export const OPTIONS = handle;
export const POST = handle;
export const PATCH = handle;
export const DELETE = handle;
