import type { Metadata } from 'next';
import { FootagePage } from '@/features/footage/FootagePage';
import { loadFootage } from '@/server/footage/loadFootage';

export const metadata: Metadata = { title: 'Footage' };

export default async function Footage() {
  return <FootagePage lines={await loadFootage()} />;
}
