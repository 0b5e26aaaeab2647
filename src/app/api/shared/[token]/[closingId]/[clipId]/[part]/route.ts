import { refuse } from '@/server/kernel/sameOrigin';
import { type ClipPart, serveSharedClip } from '@/server/sharing/sharedClip';

interface Address {
  readonly params: Promise<{ token: string; closingId: string; clipId: string; part: string }>;
}
const parts: readonly string[] = ['film', 'cover', 'captions'] satisfies ClipPart[];

/** A file of a clip that a student's link leads to. */
async function serve(request: Request, { params }: Address): Promise<Response> {
  const { token, closingId, clipId, part } = await params;
  if (!parts.includes(part)) return refuse(404, 'not-found');
  return serveSharedClip(token, closingId, clipId, part as ClipPart, request);
}

export const GET = serve;
export const HEAD = serve;
