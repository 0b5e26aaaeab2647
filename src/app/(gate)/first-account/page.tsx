import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { FirstAccount } from '@/features/account/FirstAccount';
import { isAcademyNew } from '@/server/accounts/isAcademyNew';

export const metadata: Metadata = { title: 'First account' };

export default async function FirstAccountPage() {
  if (!(await isAcademyNew())) redirect('/sign-in');
  return <FirstAccount />;
}
