import type { Metadata } from 'next';
import { BringInPage } from '@/features/classes/bringIn/BringInPage';
import { loadBringIn } from '@/server/classes/loadBringIn';

export const metadata: Metadata = { title: 'Bring classes in' };

export default async function BringIn() {
  return <BringInPage {...(await loadBringIn())} />;
}
