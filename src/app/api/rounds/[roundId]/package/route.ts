import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { sendRound } from '@/server/exchange/sendPackage';
import { refuse, refuseInWords } from '@/server/kernel/sameOrigin';

/** A round as a package. */
export async function GET(_request: Request, { params }: { params: Promise<{ roundId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const sent = await sendRound((await params).roundId, coach.id);
  if (!sent) return refuse(404, 'no-such-package');
  return 'response' in sent ? sent.response : refuseInWords(403, sent.notShown);
}
