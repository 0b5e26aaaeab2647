import type { Metadata } from 'next';
import { RoundsPage } from '@/features/rounds/RoundsPage';
import { loadRounds } from '@/server/rounds/loadRounds';
import { loadWhatNext } from '@/server/rounds/loadWhatNext';

export const metadata: Metadata = { title: 'Review' };

export default async function Review() {
  const [rounds, next] = await Promise.all([loadRounds(), loadWhatNext()]);
  return <RoundsPage rounds={rounds} next={next} />;
}
