import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { NothingHere } from '@/features/account/NothingHere';
import { shortNames } from '@/features/review/athleteWords';
import { clockGroundOf, readable } from '@/features/review/panels/clocks/clockView';
import { OvertimeSheet } from '@/features/review/panels/overtime/OvertimeSheet';
import { loadOvertime } from '@/server/rounds/loadOvertime';

export const metadata: Metadata = { title: 'Overtime' };

export default async function Overtime({ params }: { params: Promise<{ roundId: string }> }) {
  const page = await loadOvertime((await params).roundId);
  if (!page) return <NothingHere />;
  const { round, ruleSetName, rules, record, footageName, marks } = page;
  const ground = clockGroundOf(marks);
  if (!rules || !record) redirect(`/rounds/${round.id}`);
  return (
    <OvertimeSheet
      round={{ ...round, footageName }}
      names={shortNames(round.a.name, round.b.name)}
      fullNames={{ a: round.a.name, b: round.b.name }}
      {...{ ruleSetName, rules, record }}
      clocks={page.clocks.flatMap((clock) => readable(clock, ground) ?? [])}
      notes={marks.filter((mark) => mark.kind === 'note')}
    />
  );
}
