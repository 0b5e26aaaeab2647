import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { fieldsOfRound } from '@/features/rounds/initialFields';
import { RoundCard } from '@/features/rounds/RoundCard';
import { loadRoundCard } from '@/server/rounds/loadRoundCard';

export const metadata: Metadata = { title: 'The round’s card' };

export default async function EditRound({ params }: { params: Promise<{ roundId: string }> }) {
  const page = await loadRoundCard({ roundId: (await params).roundId });
  if (!page?.round) return <NothingHere />;
  const { round, people, weightUnit, footage } = page;
  const existing = { id: round.id, version: round.version, markCount: round.markCount, notShown: page.notShown };
  return (
    <RoundCard
      initial={fieldsOfRound(round, people, weightUnit)}
      existing={existing}
      footage={footage}
      people={people}
      ruleSets={page.ruleSets}
      unit={weightUnit}
    />
  );
}
