import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { ReviewPage } from '@/features/review/ReviewPage';
import { loadReview } from '@/server/rounds/loadReview';
import { HouseProvider } from '@/terms/HouseContext';

export const metadata: Metadata = { title: 'Review' };

interface Address {
  readonly params: Promise<{ roundId: string }>;
  readonly searchParams: Promise<{ at?: string; mark?: string }>;
}

export default async function ReviewRound({ params, searchParams }: Address) {
  const page = await loadReview((await params).roundId);
  if (!page) return <NothingHere />;
  const { at, mark } = await searchParams;
  const seconds = Number(at);
  return (
    <HouseProvider house={page.language.house}>
      <ReviewPage
        round={page.round}
        ruleSet={page.ruleSet}
        footage={page.footage}
        stored={page.marks.map(({ mark: stored, changeId }) => ({ mark: stored, changeId }))}
        clocks={page.clocks}
        lulls={page.lulls}
        reactionLeadSeconds={page.reactionLeadSeconds}
        unit={page.weightUnit}
        firstSeconds={at && Number.isFinite(seconds) ? seconds : undefined}
        firstMarkId={mark}
        uses={page.language.uses}
        habits={page.language.habits}
      />
    </HouseProvider>
  );
}
