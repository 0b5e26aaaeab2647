import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { ageOn } from '@/core/kernel';
import { NothingHere } from '@/features/account/NothingHere';
import { StudentPage } from '@/features/students/StudentPage';
import { loadStudent } from '@/server/students/loadStudent';

export const metadata: Metadata = { title: 'Student' };

interface Address {
  readonly params: Promise<{ personId: string }>;
  readonly searchParams: Promise<{ after?: string | string[] }>;
}

export default async function Student({ params, searchParams }: Address) {
  const after = onePlace((await searchParams).after);
  const page = await loadStudent((await params).personId, after);
  if (!page) return <NothingHere />;
  const { person, rounds, errors, habits, weightUnit, ...figures } = page;
  const lines = rounds.rows.map(({ round, meanTide }) => ({
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
      flows={figures.flows}
      funnels={figures.funnels}
      partners={figures.partners}
      sides={figures.sides}
      late={figures.late}
      rounds={lines}
      foot={{
        more: rounds.more
          ? { href: `/students/${person.id}?after=${rounds.more}`, words: 'Earlier rounds' }
          : undefined,
        start: after ? { href: `/students/${person.id}`, words: 'Back to the newest' } : undefined,
        unreadable: rounds.unreadable,
      }}
      figuresDue={page.figuresDue}
      window={figures.window}
      unit={weightUnit}
    />
  );
}
