import { openSessionCheck } from '../accounts/currentCoach';

/** Proxies and browsers give up on a silent line. */
const BREATH_MS = 20_000;

/**
 * A line to an open page (server-sent events, HTML standard): `listen` is given what says an event on it, and gives what ends its listening. Whoever was signed
 * out meanwhile hears nothing more; a database that is away says nothing about that.
 */
export async function openLine(
  request: Request,
  retryMs: number,
  listen: (say: (event: string, data: string) => void) => () => void,
): Promise<Response> {
  const isOpen = await openSessionCheck();
  let hangUp = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (text: string) => controller.enqueue(new TextEncoder().encode(text));
      write(`retry: ${retryMs}\n\n`);
      const tell = async (text: string) => {
        if (await isOpen().catch(() => true)) return write(text);
        hangUp();
        controller.close();
      };
      const deafen = listen((event, data) => void tell(`event: ${event}\ndata: ${data}\n\n`).catch(hangUp));
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
