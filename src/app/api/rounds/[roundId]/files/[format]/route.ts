import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { exportRound } from '@/server/exchange/roundExport';
import { refuse, refuseInWords } from '@/server/kernel/sameOrigin';

/** A round's marks as a file of an open format. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ roundId: string; format: string }> },
): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const { roundId, format } = await params;
  const made = await exportRound(roundId, format, coach.id);
  if (!made) return refuse(404, 'no-such-file');
  if (made.kind === 'not-shown') return refuseInWords(403, made.words);
  return new Response(made.text, {
    headers: {
      'content-type': made.type,
      'content-disposition': `attachment; filename="round"; filename*=UTF-8''${encodeURIComponent(made.name)}`,
      'cache-control': 'private, no-store',
    },
  });
}
