import { addDays } from '@/core/kernel';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { listHomeworkDue, listQuestionsWaiting } from '@/data/sharing/dueHomework';
import { writeMessage } from './writeMessage';

/** A question is recalled once, after so many days. @source own decision: nobody likes to be asked twice in a week */
const RECALL_DAYS = 4;

/** Writes what is due to students into the outbox, each once: homework the day before it is looked at, and a question that nobody answered. */
export async function remindStudents(today: string): Promise<number> {
  const { name: from } = await getAcademy(pool());
  let written = 0;
  for (const { reviewId, place, person, title, homework } of await listHomeworkDue(pool(), addDays(today, 1)))
    written += Number(
      await writeMessage({
        ...{ kind: 'homework', person, from, reason: `homework ${reviewId} ${place}` },
        subject: `Tomorrow: ${title}`,
        lines: [
          `Your homework was: ${homework}`,
          'From tomorrow on your coach looks for it. You can tick it on the page of your review, under the link that you have.',
        ],
      }),
    );
  for (const { reviewId, person, text } of await listQuestionsWaiting(pool(), RECALL_DAYS))
    written += Number(
      await writeMessage({
        ...{ kind: 'question', person, from, reason: `question ${reviewId}` },
        subject: 'Your coach asks',
        lines: [
          `There is a question in your review: ${text}`,
          'You can answer it in a sentence on the page of your review, under the link that you have.',
        ],
      }),
    );
  return written;
}
