import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { ClosingPage } from '@/features/closing/ClosingPage';
import { loadClosingDays } from '@/server/reviews/loadClosingDays';
import { HouseProvider } from '@/terms/HouseContext';

export const metadata: Metadata = { title: 'Closing the academy’s days' };

interface Address {
  readonly searchParams: Promise<Readonly<Record<'from' | 'to', string | string[] | undefined>>>;
}

export default async function ClosingAcademy({ searchParams }: Address) {
  const page = await loadClosingDays(undefined, await searchParams);
  if (!page) return <NothingHere />;
  const { house, ...closing } = page;
  return (
    <HouseProvider house={house}>
      <ClosingPage key={`${closing.days} ${closing.signed[0]?.version ?? 0}`} {...closing} />
    </HouseProvider>
  );
}
