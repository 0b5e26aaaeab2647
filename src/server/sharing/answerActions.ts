'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { firstNameOf, type Outcome, refuse } from '@/core/kernel';
import { answerWords, choiceMeant } from '@/core/reviewing';
import { type Mark, withConcept } from '@/core/round';
import { kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findMark } from '@/data/marks/marks';
import { findSignedReview } from '@/data/reviews/signedReviews';
import { findRound } from '@/data/rounds/rounds';
import { findAnswer, type StudentAnswer, takeAnswer } from '@/data/sharing/answers';
import { defineCommand } from '../kernel/defineCommand';
import { applyChanges } from '../marks/applyChanges';
import { placeOfRound } from '../marks/marksPlace';
import { findOpenSecondReview } from '../reviews/blindness';

/** A remark longer than this is cut: the answer itself stays as it was said. */
const MOST_NOTE = 20_000;

/**
 * A coach takes what a student said. `settle`: the mark that was asked about is no longer open, becomes what they chose, and keeps what they said as their word;
 * `note`: it keeps their word and stays open; `read`: nothing of the round changes.
 */
export const takeStudentAnswer = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.enum(['settle', 'note', 'read'])],
  misfit: 'This answer is no longer there. Reload the page.',
  run: async (coach, answerId, how): Promise<Outcome> => {
    const answer = await findAnswer(pool(), answerId);
    if (!answer) return refuse('This answer is no longer there. Reload the page.');
    if (answer.takenAt) return refuse('Another coach has taken this answer already. Reload the page.');
    if (how !== 'read') {
      const problem = await layIntoRound(answer, how, coach.id);
      if (problem) return refuse(problem);
    }
    if ((await takeAnswer(pool(), answer.id, coach.id)) === 0)
      return refuse('Another coach has taken this answer meanwhile. Reload the page.');
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});

/** Lays an answer into the round at the mark that was asked about; gives why not. */
async function layIntoRound(
  answer: StudentAnswer,
  how: 'settle' | 'note',
  coachId: string,
): Promise<string | undefined> {
  const review = await findSignedReview(pool(), answer.reviewId);
  const question = answer.kind === 'question' ? review?.content.questions[answer.place] : undefined;
  const stored = question?.markId ? await findMark(pool(), question.markId) : undefined;
  const round = stored && !stored.deleted ? await findRound(pool(), stored.scopeId) : undefined;
  if (!stored || !round) return 'The mark that was asked about is gone. “Read” keeps the answer on their page.';
  if (await findOpenSecondReview(round.id, coachId))
    return 'You review this round blind: end your second review first.';
  const said = `${firstNameOf(answer.personName)}: ${answerWords(answer, question?.choices)}`;
  const note = [stored.mark.note, said].filter(Boolean).join(' · ').slice(0, MOST_NOTE);
  const chosen = question?.choices[choiceMeant(answer, question.choices) ?? -1]?.conceptId;
  const noted: Mark = { ...stored.mark, note };
  const mark = how === 'settle' ? settled(noted, chosen) : noted;
  const change = { changeId: randomUUID(), mark, baseChangeId: stored.changeId, removed: false };
  const [outcome] = await applyChanges(pool(), placeOfRound(round), [change], coachId);
  return outcome?.status === 'stored'
    ? undefined
    : 'Somebody changed the mark meanwhile. Reload the page and look again.';
}

/** A mark that is open no more, under the name that was chosen where it is one of its kind. */
function settled(mark: Mark, chosen: string | undefined): Mark {
  const { unsure: _open, ...rest } = mark;
  const known = rest as Mark;
  const kind = known.kind === 'chance' ? 'attempt' : known.kind;
  const named = chosen && kindOf(chosen) === kind ? withConcept(known, chosen) : known;
  if (named.kind !== 'attempt' || !chosen) return named;
  const { orElse: _other, ...certain } = named;
  return certain;
}
