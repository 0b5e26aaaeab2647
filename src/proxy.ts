import { type NextRequest, NextResponse } from 'next/server';
import { canReachDatabase } from '@/data/client';
import { awayPolicy, databaseAwayPage } from '@/offline/awayPage';

/** How long an answer of the database counts for the next pages. */
const HERE_MS = 250;
let hereUntil = 0;

async function isDatabaseAway(): Promise<boolean> {
  if (Date.now() < hereUntil) return false;
  if (!(await canReachDatabase())) return true;
  hereUntil = Date.now() + HERE_MS;
  return false;
}

/** Without its database no page can be shown: said in our own words, with a status by which kept pages open instead. */
const sayAway = (): NextResponse =>
  new NextResponse(databaseAwayPage(), {
    status: 503,
    headers: {
      'content-type': 'text/html; charset=utf-8',
      'content-security-policy': awayPolicy,
      'cache-control': 'no-store',
      'retry-after': '5',
    },
  });

/** Whether a form that was sent can be read at all: the framework takes one that cannot for an error of its own. */
async function isBrokenForm(request: NextRequest): Promise<boolean> {
  if (request.method !== 'POST' || !request.headers.get('content-type')?.startsWith('multipart/form-data'))
    return false;
  return request
    .clone()
    .formData()
    .then(
      () => false,
      () => true,
    );
}

/**
 * What a text that begins with "$" may be where the arguments of an action come as one text: a doubled "$", or a value that JSON lacks. Anything else points
 * to a further part, which there is none of, and the framework takes that for an error of its own.
 * @source the framework's encoding of arguments, as its client writes it
 */
const wholeText = /^\$(?:\$|undefined$|NaN$|Infinity$|-Infinity$|-0$|D\d|n-?\d)/;
const pointsNowhere = (value: unknown): boolean => {
  if (typeof value === 'string') return value.startsWith('$') && !wholeText.test(value);
  return typeof value === 'object' && value !== null && Object.values(value).some(pointsNowhere);
};

/** Whether an action is called with arguments that nobody can read. */
async function isBrokenCall(request: NextRequest): Promise<boolean> {
  if (request.method !== 'POST' || !request.headers.get('next-action')) return false;
  if (request.headers.get('content-type')?.startsWith('multipart/form-data')) return false;
  try {
    return pointsNowhere(JSON.parse(await request.clone().text()));
  } catch {
    // No JSON at all: the framework answers that itself.
    return false;
  }
}

/** Pages get a strict content security policy with a fresh nonce; uploads and files never pass here (bodies would be cut at 10 MB). */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  if ((await isBrokenForm(request)) || (await isBrokenCall(request)))
    return NextResponse.json({ code: 'not-understood' }, { status: 400 });
  if (await isDatabaseAway()) return sayAway();
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
