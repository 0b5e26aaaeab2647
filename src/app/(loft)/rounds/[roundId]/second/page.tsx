import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { loadReview } from '@/server/rounds/loadReview';
import { ReviewRound } from '../ReviewRound';

export const metadata: Metadata = { title: 'Second review' };

interface Address {
  readonly params: Promise<{ roundId: string }>;
  readonly searchParams: Promise<{ at?: string; mark?: string }>;
}

/** A blind second review: Review with marks of its own, without sight of the first one's. */
export default async function SecondReview({ params, searchParams }: Address) {
  const { roundId } = await params;
  const page = await loadReview(roundId, 'second');
  if (!page?.second || page.second.doneAt) redirect(`/rounds/${encodeURIComponent(roundId)}/agreement`);
  return <ReviewRound page={page} {...(await searchParams)} />;
}
