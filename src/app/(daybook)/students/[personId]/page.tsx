import type { Metadata } from 'next';
import { ageOn } from '@/core/kernel';
import { NothingHere } from '@/features/account/NothingHere';
import { StudentPage } from '@/features/students/StudentPage';
import { loadStudent } from '@/server/students/loadStudent';

export const metadata: Metadata = { title: 'Student' };

export default async function Student({ params }: { params: Promise<{ personId: string }> }) {
  const page = await loadStudent((await params).personId);
  if (!page) return <NothingHere />;
  const { person, rounds, errors, habits, windowDays, weightUnit } = page;
  const lines = rounds.map(({ round, meanTide }) => ({
    id: round.id,
    heldOn: round.heldOn,
    startSeconds: round.startSeconds,
    partner: round.a.personId === person.id ? round.b.name : round.a.name,
    uniform: round.uniform,
    markCount: round.markCount,
    meanTide,
  }));
  const age = person.bornOn ? ageOn(person.bornOn, page.today) : undefined;
  return (
    <StudentPage
      person={{ ...person, age }}
      errors={errors}
      habits={habits}
      rounds={lines}
      windowDays={windowDays}
      unit={weightUnit}
    />
  );
}
