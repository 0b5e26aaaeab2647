import type { Metadata } from 'next';
import { SchoolsPage } from '@/features/library/SchoolsPage';
import { requireCoach } from '@/server/accounts/currentCoach';

export const metadata: Metadata = { title: 'Where coaches differ' };

export default async function Schools() {
  await requireCoach();
  return <SchoolsPage />;
}
