import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { ClassPage } from '@/features/classes/ClassPage';
import { loadClass } from '@/server/classes/loadClass';
import { planProblemMessage } from '@/server/classes/planProblemMessage';

export const metadata: Metadata = { title: 'Class' };

export default async function Class({ params }: { params: Promise<{ classId: string }> }) {
  const page = await loadClass((await params).classId);
  if (!page) return <NothingHere />;
  const { academyClass, people, chances, log, stored, versions, asked, academy, weightUnit } = page;
  return (
    <ClassPage
      key={stored?.version ?? 0}
      one={academyClass}
      people={people}
      chances={chances}
      log={log}
      stored={stored}
      versions={versions}
      asked={
        asked && {
          version: asked.version,
          isUnderway: asked.state === 'waiting' || asked.state === 'working',
          askedBy: asked.askedBy,
          message: asked.problem && planProblemMessage(asked.problem),
        }
      }
      weightLimitRatio={academy.liveWeightGapRatio}
      numbers={academy.planNumbers}
      unit={weightUnit}
      units={page.units}
    />
  );
}
