import { answerWords, choiceMeant } from '@/core/reviewing';
import { houseNameOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { listFoundMarks } from '@/data/language/occurrences';
import { type Closing, findClosing } from '@/data/reviews/closings';
import { findSignedReview } from '@/data/reviews/signedReviews';
import { listWaitingAnswers, type StudentAnswer } from '@/data/sharing/answers';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { describeFound } from '../language/foundMarks';
import { loadHouse } from '../language/loadHouse';
import { listBlindRounds } from '../reviews/blindness';

const SHOWN_ANSWERS = 40;

/** What a student said, waiting for a coach. */
export interface WaitingAnswer
  extends Pick<StudentAnswer, 'id' | 'personId' | 'personName' | 'kind' | 'asked' | 'saidAt'> {
  /** What they said, in one line. */
  readonly words: string;
  /** The mark that was asked about. */
  readonly mark?: {
    readonly markId: string;
    readonly roundId: string;
    readonly mediaSeconds: number;
    readonly words: string;
  };
  /** What the mark becomes by what they chose; absent where they chose and named nothing that was offered. */
  readonly becomes?: string;
  readonly closing: Pick<Closing, 'kind' | 'roundId' | 'slot' | 'firstDay' | 'lastDay'>;
}

/** The queue of what students said, oldest first. */
export async function loadAnswers(after: string | undefined) {
  const coach = await requireCoach();
  const [house, blind, piece] = await Promise.all([
    loadHouse(),
    listBlindRounds(coach.id),
    listWaitingAnswers(pool(), SHOWN_ANSWERS, isUuid(after ?? '') ? after : undefined),
  ]);
  const rows = await Promise.all(
    piece.rows.map(async (answer): Promise<WaitingAnswer | undefined> => {
      const [closing, review] = await Promise.all([
        findClosing(pool(), answer.closingId),
        findSignedReview(pool(), answer.reviewId),
      ]);
      if (!closing || (closing.roundId && blind.includes(closing.roundId))) return undefined;
      const question = answer.kind === 'question' ? review?.content.questions[answer.place] : undefined;
      const [found] = question?.markId ? await listFoundMarks(pool(), [question.markId]) : [];
      const line = found && describeFound(found, (id) => houseNameOf(house, id));
      const chosen = question?.choices[choiceMeant(answer, question.choices) ?? -1]?.conceptId;
      const { id, personId, personName, kind, asked, saidAt } = answer;
      return {
        ...{ id, personId, personName, kind, asked, saidAt, closing },
        words: answerWords(answer, question?.choices),
        mark: line && {
          markId: line.markId,
          roundId: line.roundId,
          mediaSeconds: line.mediaSeconds,
          words: line.words,
        },
        becomes: chosen && houseNameOf(house, chosen),
      };
    }),
  );
  return { rows: rows.filter((one) => one !== undefined), unreadable: piece.unreadable, more: piece.more };
}
