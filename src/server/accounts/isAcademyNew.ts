import { countCoaches } from '@/data/accounts/coaches';
import { pool } from '@/data/client';

const holder = globalThis as typeof globalThis & { owlHasAccounts?: boolean };

/** True until the first account exists. Accounts are ended and never deleted, so that a "no" holds for good and costs nothing. */
export async function isAcademyNew(): Promise<boolean> {
  if (holder.owlHasAccounts) return false;
  holder.owlHasAccounts = (await countCoaches(pool())) > 0;
  return !holder.owlHasAccounts;
}
