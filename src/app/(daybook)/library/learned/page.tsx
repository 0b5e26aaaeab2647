import type { Metadata } from 'next';
import { LearnedPage } from '@/features/library/LearnedPage';
import { loadLearned } from '@/server/language/loadLibrary';

export const metadata: Metadata = { title: 'Learned from corrections' };

export default async function Learned() {
  return <LearnedPage learned={await loadLearned()} />;
}
