import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, readPiece, runStatement } from '../rows';

export const answerKinds = ['question', 'feeling', 'homework'] as const;
export type AnswerKind = (typeof answerKinds)[number];

const answerRow = z
  .object({
    id: z.string(),
    review_id: z.string(),
    closing_id: z.string(),
    person_id: z.string(),
    person_name: z.string(),
    kind: z.enum(answerKinds),
    place: z.number(),
    asked: z.string(),
    said: z.string(),
    choice: z.number().nullable(),
    is_done: z.boolean().nullable(),
    said_at: z.date(),
    taken_at: z.date().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    reviewId: row.review_id,
    closingId: row.closing_id,
    personId: row.person_id,
    personName: row.person_name,
    kind: row.kind,
    place: row.place,
    asked: row.asked,
    said: row.said,
    choice: row.choice ?? undefined,
    isDone: row.is_done ?? undefined,
    saidAt: row.said_at.toISOString(),
    takenAt: row.taken_at?.toISOString(),
  }));
/** What a student said. */
export type StudentAnswer = z.output<typeof answerRow>;

const select = `select n.id, n.review_id, s.closing_id, n.person_id, p.name as person_name, n.kind, n.place, n.asked, n.said, n.choice, n.is_done, n.said_at, n.taken_at
  from student_answer n join signed_review s on s.id = n.review_id join person p on p.id = n.person_id`;

export interface NewAnswer {
  readonly id: string;
  readonly reviewId: string;
  readonly personId: string;
  readonly kind: AnswerKind;
  readonly place: number;
  readonly asked: string;
  readonly said: string;
  readonly choice?: number;
  readonly isDone?: boolean;
}

/** Keeps what was said; said anew, it stands in the place of what was not taken yet. 0 rows when a coach has taken it. */
export const saveAnswer = (database: Database, answer: NewAnswer) =>
  runStatement(
    database,
    `insert into student_answer (id, review_id, person_id, kind, place, asked, said, choice, is_done) values ($1, $2, $3, $4, $5, $6, $7, $8, $9)
     on conflict (review_id, kind, place) do update
       set said = excluded.said, choice = excluded.choice, is_done = excluded.is_done, asked = excluded.asked, said_at = now()
       where student_answer.taken_at is null or student_answer.kind = 'homework'`,
    [
      ...[answer.id, answer.reviewId, answer.personId, answer.kind, answer.place, answer.asked, answer.said],
      ...[answer.choice ?? null, answer.isDone ?? null],
    ],
  );

/** What was said to any version of a closing, oldest first. */
export const listAnswersOfClosing = (database: Database, closingId: string) =>
  listRows(database, answerRow, `${select} where s.closing_id = $1 order by n.said_at, n.id`, [closingId]);

export const listAnswersOfReview = (database: Database, reviewId: string) =>
  listRows(database, answerRow, `${select} where n.review_id = $1 order by n.said_at, n.id`, [reviewId]);

/** What somebody said, newest first. */
export const listAnswersOf = (database: Database, personId: string, most: number) =>
  listRows(database, answerRow, `${select} where n.person_id = $1 order by n.said_at desc, n.id limit $2`, [
    personId,
    most,
  ]);

/** A piece of what no coach has taken yet, oldest first, from behind `after` on. */
export const listWaitingAnswers = (database: Database, most: number, after?: string) =>
  readPiece(
    database,
    answerRow,
    `${select} where n.taken_at is null and ($1::uuid is null or (n.said_at, n.id) > (select said_at, id from student_answer where id = $1))
     order by n.said_at, n.id limit $2`,
    [after ?? null, most + 1],
    most,
    (answer) => answer.id,
  );

export async function countWaitingAnswers(database: Database): Promise<number> {
  const row = await findRow(
    database,
    z.object({ count: z.number() }),
    'select count(*)::int as count from student_answer where taken_at is null',
  );
  return row?.count ?? 0;
}

export const findAnswer = (database: Database, id: string) =>
  findRow(database, answerRow, `${select} where n.id = $1`, [id]);

/** A coach has it; 0 rows when somebody took it before. */
export const takeAnswer = (database: Database, id: string, coachId: string) =>
  runStatement(
    database,
    'update student_answer set taken_at = now(), taken_by = $2 where id = $1 and taken_at is null',
    [id, coachId],
  );
