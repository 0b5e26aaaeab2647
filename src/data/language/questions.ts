import { z } from 'zod';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

/** A question that a coach keeps, with what they changed of how it was read. */
export interface KeptQuestion {
  readonly id: string;
  readonly text: string;
  readonly as?: string;
  readonly whose?: 'own' | 'partner' | 'either';
}
const questionRow = z
  .object({
    id: z.string(),
    text: z.string(),
    meant_id: z.string().nullable(),
    whose: z.enum(['own', 'partner', 'either']).nullable(),
  })
  .transform(
    (row): KeptQuestion => ({
      id: row.id,
      text: row.text,
      as: row.meant_id ?? undefined,
      whose: row.whose ?? undefined,
    }),
  );

/** The questions of a coach, those kept first first. */
export const listQuestions = (database: Database, coachId: string, most: number) =>
  listRows(
    database,
    questionRow,
    'select id, text, meant_id, whose from coach_question where coach_id = $1 order by kept_at, id limit $2',
    [coachId, most],
  );

/** Keeps a question unless there are `most` already; 0 rows when it is kept already or there is no room. */
export const insertQuestion = (database: Database, coachId: string, question: KeptQuestion, most: number) =>
  runStatement(
    database,
    `insert into coach_question (id, coach_id, text, meant_id, whose)
     select $1, $2, $3, $4, $5 where (select count(*) from coach_question where coach_id = $2) < $6 on conflict do nothing`,
    [question.id, coachId, question.text, question.as ?? null, question.whose ?? null, most],
  );

export const deleteQuestion = (database: Database, coachId: string, id: string) =>
  runStatement(database, 'delete from coach_question where coach_id = $1 and id = $2', [coachId, id]);
