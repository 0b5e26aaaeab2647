import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { NoReel } from '@/features/reel/NoReel';
import { ReelPage } from '@/features/reel/ReelPage';
import { loadReel } from '@/server/reels/loadReel';
import { ownPath } from '@/terms/addresses';

export const metadata: Metadata = { title: 'Reel' };

interface Address {
  readonly searchParams: Promise<Readonly<Record<'title' | 'back' | 'moments', string | string[] | undefined>>>;
}
/** A longer title would leave no room. */
const MOST_TITLE = 120;

export default async function Reel({ searchParams }: Address) {
  const { title, back, moments } = await searchParams;
  const reel = await loadReel(onePlace(moments) ?? '');
  const way = ownPath(onePlace(back)) ?? '/students';
  if (reel.pieces.length === 0) return <NoReel back={way} />;
  return <ReelPage title={(onePlace(title) || 'Reel').slice(0, MOST_TITLE)} back={way} {...reel} />;
}
