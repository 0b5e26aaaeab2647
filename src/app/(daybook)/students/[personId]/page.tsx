import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { ageOn, pack } from '@/core/kernel';
import { NothingHere } from '@/features/account/NothingHere';
import { PackedStudent } from '@/features/students/PackedStudent';
import type { StudentPageProps } from '@/features/students/StudentPage';
import { loadStudent } from '@/server/students/loadStudent';
import { readStudentQuery } from '@/server/students/studentInput';

export const metadata: Metadata = { title: 'Student' };

interface Address {
  readonly params: Promise<{ personId: string }>;
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function Student({ params, searchParams }: Address) {
  const asked = Object.entries(await searchParams).flatMap(([name, value]) => {
    const text = onePlace(value);
    return text === undefined ? [] : [[name, text] as const];
  });
  const page = await loadStudent((await params).personId, readStudentQuery(Object.fromEntries(asked)));
  if (!page) return <NothingHere />;
  const { person, query, rounds, weightUnit, today, ...figures } = page;
  const lines = rounds.rows.map(({ round, meanTide }) => ({
    id: round.id,
    heldOn: round.heldOn,
    filmed: round.footageId !== undefined,
    startSeconds: round.startSeconds,
    partner: round.a.personId === person.id ? round.b.name : round.a.name,
    uniform: round.uniform,
    markCount: round.markCount,
    meanTide,
  }));
  const listOf = (after: string) =>
    `/students/${person.id}?${new URLSearchParams([...asked.filter(([name]) => name !== 'after'), ['after', after]].map((pair) => [...pair]))}`;
  const shown: StudentPageProps = {
    ...figures,
    person: { ...person, age: person.bornOn ? ageOn(person.bornOn, today) : undefined },
    filter: query.filter,
    side: query.side,
    rounds: lines,
    foot: {
      more: rounds.more ? { href: listOf(rounds.more), words: 'Earlier rounds' } : undefined,
      start: query.after ? { href: `/students/${person.id}`, words: 'Back to the newest' } : undefined,
      unreadable: rounds.unreadable,
    },
    ...{ unit: weightUnit, today },
  };
  return <PackedStudent packed={pack(shown)} />;
}
