/** Whether a changing request comes from our own pages: browsers say so, and other clients send neither header. */
export function isSameOrigin(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site) return site === 'same-origin';
  const origin = request.headers.get('origin');
  // "null" is what sandboxed pages and files say of themselves; anything that is no address is no page of ours either.
  return !origin || (URL.canParse(origin) && new URL(origin).host === request.headers.get('host'));
}

export const refuse = (status: number, code: string, details: Record<string, unknown> = {}): Response =>
  Response.json({ code, ...details }, { status, headers: { 'cache-control': 'no-store' } });

/** A refusal that a coach sees in the browser, where they followed a link to a file. */
export const refuseInWords = (status: number, words: string): Response =>
  new Response(words, {
    status,
    headers: { 'content-type': 'text/plain; charset=utf-8', 'cache-control': 'no-store' },
  });

/** The text of a request's body; undefined when it is longer than `mostBytes`: nothing beyond is read. */
export async function readText(request: Request, mostBytes: number): Promise<string | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return undefined;
  const pieces: Uint8Array[] = [];
  let bytes = 0;
  for await (const piece of (request.body ?? []) as unknown as AsyncIterable<Uint8Array>) {
    bytes += piece.byteLength;
    if (bytes > mostBytes) return undefined;
    pieces.push(piece);
  }
  return Buffer.concat(pieces).toString('utf8');
}
