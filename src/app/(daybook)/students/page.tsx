import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { StudentsPage } from '@/features/students/StudentsPage';
import { loadHouse } from '@/server/language/loadHouse';
import { loadStudents } from '@/server/students/loadStudents';

export const metadata: Metadata = { title: 'Students' };

export default async function Students({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const { people, figuresDue, weightUnit } = await loadStudents(after);
  return (
    <StudentsPage
      lines={people.rows}
      foot={{
        more: people.more ? { href: `/students?after=${people.more}`, words: 'Further on by name' } : undefined,
        start: after ? { href: '/students', words: 'Back to the first' } : undefined,
        unreadable: people.unreadable,
      }}
      figuresDue={figuresDue}
      unit={weightUnit}
      house={await loadHouse()}
    />
  );
}
