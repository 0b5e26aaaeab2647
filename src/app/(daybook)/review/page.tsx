import type { Metadata } from 'next';
import { RoundsPage } from '@/features/rounds/RoundsPage';
import { loadRounds } from '@/server/rounds/loadRounds';

export const metadata: Metadata = { title: 'Review' };

export default async function Review() {
  return <RoundsPage rounds={await loadRounds()} />;
}
