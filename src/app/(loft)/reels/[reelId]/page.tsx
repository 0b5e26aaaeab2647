import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { SavedReelPage } from '@/features/reel/SavedReelPage';
import { loadSavedReel } from '@/server/reels/loadSavedReel';

export const metadata: Metadata = { title: 'Reel' };

export default async function SavedReel({ params }: { readonly params: Promise<{ reelId: string }> }) {
  const reel = await loadSavedReel((await params).reelId);
  if (!reel) return <NothingHere />;
  const { changedAt: _at, changedByName: _by, ...page } = reel;
  return <SavedReelPage key={reel.id} {...page} />;
}
