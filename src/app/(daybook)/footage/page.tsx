import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { FootagePage } from '@/features/footage/FootagePage';
import { loadFootage } from '@/server/footage/loadFootage';

export const metadata: Metadata = { title: 'Footage' };

export default async function Footage({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const { rows, more, unreadable, count } = await loadFootage(after);
  const foot = {
    more: more ? { href: `/footage?after=${more}`, words: 'Earlier files' } : undefined,
    start: after ? { href: '/footage', words: 'Back to the newest' } : undefined,
    unreadable,
  };
  return <FootagePage lines={rows} count={count} foot={foot} />;
}
