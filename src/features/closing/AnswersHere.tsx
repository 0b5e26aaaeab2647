import Link from 'next/link';
import { Quiet, Section } from '@/ui/layout/Page';

export interface AnswerLine {
  readonly id: string;
  readonly kind: 'question' | 'feeling' | 'homework';
  readonly asked: string;
  /** What they said, in one line. */
  readonly words: string;
  readonly isTaken: boolean;
}

/** What the student said to this review. */
export function AnswersHere({ answers }: { readonly answers: readonly AnswerLine[] }) {
  if (answers.length === 0) return null;
  const waiting = answers.filter((one) => !one.isTaken).length;
  return (
    <Section>
      <h2>What they say</h2>
      <div className="note">{waiting > 0 ? <Link href="/answers">Take it into the round</Link> : null}</div>
      <div className="matter">
        {answers.map((one) => (
          <p key={one.id}>
            <Quiet>{one.asked}</Quiet>
            <br />
            {one.words}
          </p>
        ))}
      </div>
    </Section>
  );
}
