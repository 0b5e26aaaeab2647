import { findCurrentCoach, openSessionCheck } from '@/server/accounts/currentCoach';
import { refuse } from '@/server/kernel/sameOrigin';
import { hearReel, isReel, startHearing } from '@/server/reels/loadSavedReel';
import { remoteCommands } from '@/server/reels/reelInput';

/** Proxies and browsers give up on a silent line. */
const BREATH_MS = 20_000;

/** A line (server-sent events, HTML standard) on which a page that shows a reel hears what is pressed on a phone. */
export async function GET(request: Request, { params }: { params: Promise<{ reelId: string }> }): Promise<Response> {
  if (!(await findCurrentCoach())) return refuse(401, 'signed-out');
  const { reelId } = await params;
  if (!(await isReel(reelId))) return refuse(404, 'no-such-reel');
  const isOpen = await openSessionCheck();
  await startHearing();
  let hangUp = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (text: string) => controller.enqueue(new TextEncoder().encode(text));
      write('retry: 1000\n\n');
      const tell = async (text: string) => {
        if (await isOpen().catch(() => true)) return write(text);
        hangUp();
        controller.close();
      };
      const deafen = hearReel(reelId, (said) => {
        if ((remoteCommands as readonly string[]).includes(said)) tell(`event: told\ndata: ${said}\n\n`).catch(hangUp);
      });
      const breath = setInterval(() => void tell(': still here\n\n').catch(hangUp), BREATH_MS);
      hangUp = () => {
        deafen();
        clearInterval(breath);
      };
      request.signal.addEventListener('abort', hangUp);
    },
    cancel: () => hangUp(),
  });
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
}
