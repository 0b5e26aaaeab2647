import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { AnswersPage } from '@/features/answers/AnswersPage';
import { loadAnswers } from '@/server/sharing/loadAnswers';

export const metadata: Metadata = { title: 'What students say' };

export default async function Answers({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const { rows, more, unreadable } = await loadAnswers(after);
  const foot = {
    more: more ? { href: `/answers?after=${more}`, words: 'Later ones' } : undefined,
    start: after ? { href: '/answers', words: 'Back to the first' } : undefined,
    unreadable,
  };
  return <AnswersPage answers={rows} foot={foot} />;
}
