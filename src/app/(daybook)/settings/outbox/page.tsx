import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { OutboxPage } from '@/features/settings/OutboxPage';
import { loadOutbox } from '@/server/sharing/loadOutbox';

export const metadata: Metadata = { title: 'Outbox' };

export default async function Outbox({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const { rows, more, unreadable, isSentOn } = await loadOutbox(after);
  const foot = {
    more: more ? { href: `/settings/outbox?after=${more}`, words: 'Earlier ones' } : undefined,
    start: after ? { href: '/settings/outbox', words: 'Back to the newest' } : undefined,
    unreadable,
  };
  return <OutboxPage messages={rows} isSentOn={isSentOn} foot={foot} />;
}
