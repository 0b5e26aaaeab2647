import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { AgreementPage } from '@/features/review/agreement/AgreementPage';
import { shortNames } from '@/features/review/athleteWords';
import { loadAgreement } from '@/server/reviews/loadAgreement';
import { HouseProvider } from '@/terms/HouseContext';

export const metadata: Metadata = { title: 'A second pair of eyes' };

export default async function Agreement({ params }: { params: Promise<{ roundId: string }> }) {
  const page = await loadAgreement((await params).roundId);
  if (!page) return <NothingHere />;
  const { round, house, own, waiting, agreements, firstCount } = page;
  const { id, heldOn, startSeconds, a, b } = round;
  return (
    <HouseProvider house={house}>
      <AgreementPage
        round={{ id, heldOn, startSeconds, a: a.name, b: b.name }}
        names={shortNames(a.name, b.name)}
        own={own && { id: own.id, done: own.doneAt !== undefined }}
        waiting={waiting.map((one) => one.coachName)}
        firstCount={firstCount}
        agreements={agreements.map(({ review, ...one }) => ({
          ...one,
          reviewId: review.id,
          coachName: review.coachName,
        }))}
      />
    </HouseProvider>
  );
}
