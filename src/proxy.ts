import { type NextRequest, NextResponse } from 'next/server';

/** Pages get a strict content security policy with a fresh nonce; uploads and files never pass here (bodies would be cut at 10 MB). */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const scripts = process.env.NODE_ENV === 'development' ? "'unsafe-eval'" : '';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' ${scripts}`,
    `style-src 'self' 'nonce-${nonce}'`,
    // Attributes set by measured layouts (a bar's width) carry no selectors and load nothing.
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "media-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

export const config = { matcher: ['/((?!api|_next|icon.svg|keeper.js).*)'] };
