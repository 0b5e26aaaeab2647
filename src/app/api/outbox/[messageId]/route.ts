import { readFile } from 'node:fs/promises';
import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { refuse } from '@/server/kernel/sameOrigin';
import { findOutboxMessage } from '@/server/sharing/loadOutbox';
import { messagePath } from '@/server/sharing/writeMessage';

/** A message of the outbox as its file (RFC 5322). */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ messageId: string }> },
): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const message = await findOutboxMessage((await params).messageId);
  if (!message) return refuse(404, 'no-such-message');
  const file = await readFile(/*turbopackIgnore: true*/ messagePath(message.fileName)).catch(() => undefined);
  if (!file) return refuse(410, 'file-missing');
  return new Response(new Uint8Array(file), {
    headers: {
      'content-type': 'message/rfc822',
      'content-disposition': `attachment; filename="${message.fileName}"`,
      'cache-control': 'private, no-store',
    },
  });
}
