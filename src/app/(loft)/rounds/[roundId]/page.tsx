import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { loadReview } from '@/server/rounds/loadReview';
import { ReviewRound } from './ReviewRound';

export const metadata: Metadata = { title: 'Review' };

interface Address {
  readonly params: Promise<{ roundId: string }>;
  readonly searchParams: Promise<{ at?: string; mark?: string }>;
}

export default async function Review({ params, searchParams }: Address) {
  const page = await loadReview((await params).roundId);
  return page ? <ReviewRound page={page} {...(await searchParams)} /> : <NothingHere />;
}
