import type { Metadata } from 'next';
import { ClosedLink } from '@/features/shared/ClosedLink';
import { SharedReviewPage } from '@/features/shared/SharedReviewPage';
import { SharedStudentPage } from '@/features/shared/SharedStudentPage';
import { openLink } from '@/server/sharing/openLink';
import { loadSharedReview } from '@/server/sharing/sharedReview';
import { loadSharedStudent } from '@/server/sharing/sharedStudent';

export const metadata: Metadata = { title: 'For you', robots: { index: false, follow: false } };

export default async function Shared({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const link = await openLink(token);
  if (!link) return <ClosedLink />;
  if (link.kind === 'student') {
    const page = await loadSharedStudent(link);
    return page ? <SharedStudentPage token={token} {...page} /> : <ClosedLink />;
  }
  const review = await loadSharedReview(link);
  return review ? (
    <SharedReviewPage token={token} review={review} until={link.expiresAt.slice(0, 10)} />
  ) : (
    <ClosedLink />
  );
}
