import { findCurrentCoach } from '@/server/accounts/currentCoach';
import { openLine } from '@/server/kernel/openLine';
import { refuse } from '@/server/kernel/sameOrigin';
import { hearReel, isReel, startHearing } from '@/server/reels/loadSavedReel';
import { remoteCommands } from '@/server/reels/reelInput';

/** A line on which a page that shows a reel hears what is pressed on a phone. */
export async function GET(request: Request, { params }: { params: Promise<{ reelId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const { reelId } = await params;
  if (!(await isReel(reelId))) return refuse(404, 'no-such-reel');
  await startHearing();
  const isCommand = (said: string) => (remoteCommands as readonly string[]).includes(said);
  return openLine(request, 1000, (say) => hearReel(reelId, (said) => isCommand(said) && say('told', said)));
}
