import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { ClassesPage } from '@/features/classes/ClassesPage';
import { loadClasses } from '@/server/classes/loadClass';
import { runState } from '@/server/classes/runState';

export const metadata: Metadata = { title: 'Classes' };

export default async function Classes({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const { upcoming, past, people, run, names, holidays, calendar, planFirst, hasUnits } = await loadClasses(after);
  return (
    <ClassesPage
      upcoming={upcoming}
      past={past.rows}
      foot={{
        more: past.more ? { href: `/classes?after=${past.more}`, words: 'Earlier classes' } : undefined,
        start: after ? { href: '/classes', words: 'Back to the latest' } : undefined,
        unreadable: past.unreadable,
      }}
      people={people}
      run={runState(run)}
      names={names}
      holidays={holidays}
      calendar={calendar}
      planFirst={planFirst}
      hasUnits={hasUnits}
    />
  );
}
