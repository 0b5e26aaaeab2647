import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { onePlace } from '@/app/onePlace';
import { partsOf } from '@/core/planning';
import { NothingHere } from '@/features/account/NothingHere';
import { MatSide } from '@/features/classes/mat/MatSide';
import { loadMatClass } from '@/server/classes/loadAtMat';
import { groupIn, loadMatClock } from '@/server/classes/loadMat';
import { loadHouse } from '@/server/language/loadHouse';
import { HouseProvider } from '@/terms/HouseContext';

export const metadata: Metadata = { title: 'On the mat' };

interface Address {
  readonly params: Promise<{ classId: string }>;
  readonly searchParams: Promise<{ group?: string | string[] }>;
}

export default async function Mat({ params, searchParams }: Address) {
  const { classId } = await params;
  const page = await loadMatClass(classId);
  if (!page) return <NothingHere />;
  const classHref = page.isForHelper ? `/mat/${classId}` : `/classes/${classId}`;
  const { plan } = page;
  if (!plan) redirect(classHref);
  // Two groups have a clock each; without one in the address it is the first.
  const group = plan.groups ? groupIn(onePlace((await searchParams).group)) || 1 : 0;
  return (
    <HouseProvider house={await loadHouse()}>
      <MatSide
        classId={classId}
        title={page.academyClass.title}
        key={group}
        plan={partsOf(plan)[Math.max(0, group - 1)] ?? plan}
        group={group}
        names={Object.fromEntries(page.people.map((person) => [person.id, person.name]))}
        kept={await loadMatClock(classId, group)}
        classHref={classHref}
      />
    </HouseProvider>
  );
}
