import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { ClosingPage } from '@/features/closing/ClosingPage';
import { loadClosing } from '@/server/reviews/loadClosing';
import { HouseProvider } from '@/terms/HouseContext';

export const metadata: Metadata = { title: 'Closing the review' };

interface Address {
  readonly params: Promise<{ roundId: string }>;
  readonly searchParams: Promise<{ for?: string }>;
}

export default async function Closing({ params, searchParams }: Address) {
  const slot = (await searchParams).for === 'b' ? 'b' : 'a';
  const page = await loadClosing({ kind: 'round', roundId: (await params).roundId, slot });
  if (!page) return <NothingHere />;
  const { house, ...closing } = page;
  return (
    <HouseProvider house={house}>
      <ClosingPage key={`${slot} ${closing.signed[0]?.version ?? 0}`} {...closing} />
    </HouseProvider>
  );
}
