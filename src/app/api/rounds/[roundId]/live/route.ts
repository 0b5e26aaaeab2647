import { findCurrentCoach, openSessionCheck } from '@/server/accounts/currentCoach';
import { refuse } from '@/server/kernel/sameOrigin';
import { findMarksPlace } from '@/server/marks/marksPlace';
import { hearMarksChanged, startHearing } from '@/server/marks/readMarks';

/** Proxies and browsers give up on a silent line. */
const BREATH_MS = 20_000;

/** A line (server-sent events, HTML standard) on which an open page hears that marks have changed; it then asks what they are. */
export async function GET(request: Request, context: { params: Promise<{ roundId: string }> }): Promise<Response> {
  const coach = await findCurrentCoach();
  if (!coach) return refuse(401, 'signed-out');
  const secondId = new URL(request.url).searchParams.get('second');
  const place = await findMarksPlace((await context.params).roundId, secondId, coach.id);
  if (!place) return refuse(404, 'no-such-round');
  const isOpen = await openSessionCheck();
  // A page asks for the marks as soon as its line is open: what changes after that must be heard.
  await startHearing();
  let hangUp = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (text: string) => controller.enqueue(new TextEncoder().encode(text));
      write('retry: 2000\n\n');
      // Whoever was signed out meanwhile hears nothing more; a database that is away says nothing about that.
      const tell = async (text: string) => {
        if (await isOpen().catch(() => true)) return write(text);
        hangUp();
        controller.close();
      };
      const deafen = hearMarksChanged(place.scopeId, () => void tell('event: changed\ndata: 1\n\n').catch(hangUp));
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
