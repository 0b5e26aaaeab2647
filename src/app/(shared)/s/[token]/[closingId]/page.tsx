import type { Metadata } from 'next';
import { ClosedLink } from '@/features/shared/ClosedLink';
import { SharedReviewPage } from '@/features/shared/SharedReviewPage';
import { isUuid } from '@/server/kernel/isUuid';
import { openLink } from '@/server/sharing/openLink';
import { loadSharedReview } from '@/server/sharing/sharedReview';
import { loadSharedStudent } from '@/server/sharing/sharedStudent';

export const metadata: Metadata = { title: 'For you', robots: { index: false, follow: false } };

interface Address {
  readonly params: Promise<{ token: string; closingId: string }>;
}

/** One of the reviews of a student's own page. */
export default async function SharedOne({ params }: Address) {
  const { token, closingId } = await params;
  const link = isUuid(closingId) ? await openLink(token) : undefined;
  const review = link && (await loadSharedStudent(link)) ? await loadSharedReview(link, closingId) : undefined;
  return link && review ? (
    <SharedReviewPage token={token} review={review} until={link.expiresAt.slice(0, 10)} back={`/s/${token}`} />
  ) : (
    <ClosedLink />
  );
}
