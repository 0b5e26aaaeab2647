import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { NothingHere } from '@/features/account/NothingHere';
import { MatSide } from '@/features/classes/mat/MatSide';
import { loadClass } from '@/server/classes/loadClass';
import { loadMatClock } from '@/server/classes/loadMat';
import { loadHouse } from '@/server/language/loadHouse';
import { HouseProvider } from '@/terms/HouseContext';

export const metadata: Metadata = { title: 'On the mat' };

export default async function Mat({ params }: { params: Promise<{ classId: string }> }) {
  const { classId } = await params;
  const page = await loadClass(classId);
  if (!page) return <NothingHere />;
  if (!page.stored) redirect(`/classes/${classId}`);
  const names = Object.fromEntries(page.people.map((person) => [person.id, person.name]));
  return (
    <HouseProvider house={await loadHouse()}>
      <MatSide
        classId={classId}
        title={page.academyClass.title}
        plan={page.stored.plan}
        names={names}
        kept={await loadMatClock(classId)}
      />
    </HouseProvider>
  );
}
