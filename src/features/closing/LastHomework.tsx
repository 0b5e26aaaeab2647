'use client';

import type { HomeworkCheck } from '@/core/reviewing';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { homeworkWords } from '@/terms/homeworkWords';
import { Quiet, Section } from '@/ui/layout/Page';

export interface HomeworkLine {
  readonly errorId: string;
  readonly text: string;
  readonly due: string;
  readonly givenOn: string;
  readonly countThen: number;
  readonly check: HomeworkCheck;
  /** What they said themselves; absent while they said nothing. */
  readonly said?: { readonly isDone: boolean; readonly text: string };
}

/** What was to be worked on since the last review, and what became of it. */
export function LastHomework({ homework }: { readonly homework: readonly HomeworkLine[] }) {
  const wordOf = useWordOf();
  if (homework.length === 0) return null;
  return (
    <Section aria-label="The last homework">
      <h2>The last homework</h2>
      <div className="note">What they were given before, and what these rounds and they themselves say of it.</div>
      <div className="matter">
        {homework.map((one) => (
          <p key={`${one.errorId} ${one.givenOn}`}>
            <strong>{wordOf(one.errorId)}</strong>: {one.text} <Quiet>given {dayWords(one.givenOn)}</Quiet>
            <br />
            {homeworkWords(one.check, one.countThen)}{' '}
            {one.said ? (
              <Quiet>
                They say: {one.said.isDone ? 'done' : 'not done'}
                {one.said.text ? `, “${one.said.text}”` : ''}.
              </Quiet>
            ) : null}
          </p>
        ))}
      </div>
    </Section>
  );
}
