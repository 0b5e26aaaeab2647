import { pool } from '@/data/client';
import { findOpenLink, type ShareLink } from '@/data/sharing/links';
import { hashOfSent } from '../accounts/tokens';

/** The link that a token opens now; undefined for any other token, as for one that was revoked or has expired: nobody learns which. */
export async function openLink(token: string): Promise<ShareLink | undefined> {
  const hash = hashOfSent(token);
  return hash && findOpenLink(pool(), hash);
}
