/** Whether a changing request comes from our own pages: browsers say so, and other clients send neither header. */
export function isSameOrigin(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site) return site === 'same-origin';
  const origin = request.headers.get('origin');
  return !origin || new URL(origin).host === request.headers.get('host');
}

export const refuse = (status: number, code: string, details: Record<string, unknown> = {}): Response =>
  Response.json({ code, ...details }, { status, headers: { 'cache-control': 'no-store' } });
