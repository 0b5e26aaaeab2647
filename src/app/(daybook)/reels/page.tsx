import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { ReelsPage } from '@/features/reel/ReelsPage';
import { loadReels } from '@/server/reels/loadSavedReel';

export const metadata: Metadata = { title: 'Reels' };

export default async function Reels({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const { rows, more, unreadable } = await loadReels(after);
  const foot = {
    more: more ? { href: `/reels?after=${more}`, words: 'Earlier ones' } : undefined,
    start: after ? { href: '/reels', words: 'Back to the newest' } : undefined,
    unreadable,
  };
  return <ReelsPage reels={rows} foot={foot} />;
}
