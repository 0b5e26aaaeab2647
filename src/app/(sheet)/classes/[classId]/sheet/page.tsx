import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { NothingHere } from '@/features/account/NothingHere';
import { ClassSheet } from '@/features/classes/ClassSheet';
import { loadClass } from '@/server/classes/loadClass';
import { academyZone } from '@/server/kernel/academyTime';
import { loadHouse } from '@/server/language/loadHouse';

export const metadata: Metadata = { title: 'Class sheet' };

export default async function Sheet({ params }: { params: Promise<{ classId: string }> }) {
  const page = await loadClass((await params).classId);
  if (!page) return <NothingHere />;
  const { academyClass, people, stored, academy } = page;
  if (!stored) redirect(`/classes/${academyClass.id}`);
  const names = Object.fromEntries(people.map((person) => [person.id, person.name.split(' ')[0] ?? person.name]));
  const { title, startsAt, minutes, uniform, level, id } = academyClass;
  return (
    <ClassSheet
      title={title}
      startsAt={startsAt}
      minutes={minutes}
      uniform={uniform}
      level={level}
      academy={academy.name}
      plan={stored.plan}
      names={names}
      backHref={`/classes/${id}`}
      house={await loadHouse()}
      zone={await academyZone()}
    />
  );
}
