import { ReviewPage } from '@/features/review/ReviewPage';
import type { ReviewPage as Loaded } from '@/server/rounds/loadReview';
import { HouseProvider } from '@/terms/HouseContext';

/** What was loaded for a review, laid out as its page. */
export function ReviewRound({
  page,
  at,
  mark,
}: {
  readonly page: Loaded;
  readonly at?: string;
  readonly mark?: string;
}) {
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
        weights={page.language.weights}
        talks={page.talks}
        homework={page.homework}
        spentSeconds={page.spentSeconds}
        coachId={page.coachId}
        notShown={page.notShown}
        second={page.second && { id: page.second.id }}
      />
    </HouseProvider>
  );
}
