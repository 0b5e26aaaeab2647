import type { Database } from '@/data/client';
import { listFoundMarks } from '@/data/language/occurrences';
import type { Closing } from '@/data/reviews/closings';
import type { ReviewContent } from '@/data/reviews/reviewContent';

/** The rounds that a signed review shows something of: the one that it closes, and those of its moments. */
export async function roundsShown(database: Database, closing: Closing, content: ReviewContent): Promise<string[]> {
  const markIds = [...content.good.markIds, ...content.points.flatMap((point) => point.markIds)];
  const found = await listFoundMarks(database, markIds);
  return [...new Set([...(closing.roundId ? [closing.roundId] : []), ...found.map((one) => one.roundId)])];
}
