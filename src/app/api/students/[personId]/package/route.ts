import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { sendStudent } from '@/server/exchange/sendPackage';
import { refuse, refuseInWords } from '@/server/kernel/sameOrigin';

/** A student as a package. */
export async function GET(_request: Request, { params }: { params: Promise<{ personId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const sent = await sendStudent((await params).personId, coach.id);
  if (!sent) return refuse(404, 'no-such-package');
  return 'response' in sent ? sent.response : refuseInWords(403, sent.notShown);
}
