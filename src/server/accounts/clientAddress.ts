import { headers } from 'next/headers';

/** Proxies in front of the application whose word about the sender counts; none unless OWL_PROXIES says so. */
const trustedProxies = (): number => Number(process.env.OWL_PROXIES ?? 0);

/**
 * Where a request comes from, as far as it can be known: the entry of `X-Forwarded-For` that the outermost of our own proxies wrote. Whatever stands before it was
 * written by the sender. Without a proxy of ours the application is reached on this machine only, and all senders are one.
 * @source RFC 7239, section 8.1 (only entries of trusted proxies can be relied on)
 */
export function clientAddress(forwardedFor: string | null, proxies: number = trustedProxies()): string {
  if (!(proxies > 0)) return 'direct';
  const entries = (forwardedFor ?? '').split(',').map((entry) => entry.trim());
  return entries.at(-proxies)?.slice(0, 100) || 'unknown';
}

/** Where this request comes from. */
export const clientHere = async (): Promise<string> => clientAddress((await headers()).get('x-forwarded-for'));
