import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { RemotePage } from '@/features/reel/RemotePage';
import { findReelName } from '@/server/reels/loadSavedReel';

export const metadata: Metadata = { title: 'Remote' };

export default async function Remote({ params }: { readonly params: Promise<{ reelId: string }> }) {
  const { reelId } = await params;
  const name = await findReelName(reelId);
  return name === undefined ? <NothingHere /> : <RemotePage reelId={reelId} name={name} />;
}
