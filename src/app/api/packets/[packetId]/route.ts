import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { refuse } from '@/server/kernel/sameOrigin';
import { zipPacket } from '@/server/packets/zipPacket';

/** Evidence as one file. */
export async function GET(_request: Request, { params }: { params: Promise<{ packetId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  return (await zipPacket((await params).packetId, coach.id)) ?? refuse(404, 'no-such-packet');
}
