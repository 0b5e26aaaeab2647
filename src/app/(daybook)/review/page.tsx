import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { RoundsPage } from '@/features/rounds/RoundsPage';
import { loadRounds } from '@/server/rounds/loadRounds';
import { loadWhatNext } from '@/server/rounds/loadWhatNext';

export const metadata: Metadata = { title: 'Review' };

type Parameters = Partial<Record<'waiting' | 'marked', string | string[]>>;

export default async function Review({ searchParams }: { searchParams: Promise<Parameters> }) {
  const asked = await searchParams;
  const place = (['waiting', 'marked'] as const).flatMap((list) => {
    const after = onePlace(asked[list]);
    return after ? { list, after } : [];
  })[0];
  const [{ waiting, marked }, next] = await Promise.all([loadRounds(place), loadWhatNext()]);
  const footOf = (list: 'waiting' | 'marked', { more, unreadable }: typeof waiting) => ({
    more: more ? { href: `/review?${list}=${more}`, words: 'Earlier rounds' } : undefined,
    start: place?.list === list ? { href: '/review', words: 'Back to the newest' } : undefined,
    unreadable,
  });
  return (
    <RoundsPage
      waiting={waiting.rows}
      marked={marked.rows}
      feet={{ waiting: footOf('waiting', waiting), marked: footOf('marked', marked) }}
      next={next}
    />
  );
}
