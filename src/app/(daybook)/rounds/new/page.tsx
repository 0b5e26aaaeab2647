import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { newFields } from '@/features/rounds/initialFields';
import { RoundCard } from '@/features/rounds/RoundCard';
import { loadRoundCard } from '@/server/rounds/loadRoundCard';

export const metadata: Metadata = { title: 'A new round' };

export default async function NewRound({ searchParams }: { searchParams: Promise<{ footage?: string }> }) {
  const page = await loadRoundCard({ footageId: (await searchParams).footage });
  if (!page) return <NothingHere />;
  return (
    <RoundCard
      initial={newFields(page.today, page.footage?.durationSeconds, page.latest)}
      footage={page.footage}
      people={page.people}
      ruleSets={page.ruleSets}
      unit={page.weightUnit}
    />
  );
}
