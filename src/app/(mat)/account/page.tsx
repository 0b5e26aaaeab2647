import type { Metadata } from 'next';
import { AccountPage } from '@/features/settings/AccountPage';
import { loadAccount } from '@/server/settings/loadAccount';

export const metadata: Metadata = { title: 'Your account' };

export default async function Account() {
  return <AccountPage {...(await loadAccount())} />;
}
