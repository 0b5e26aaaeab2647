'use client';

import type { ClassPlan } from '@/core/planning';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Empty, Page, Section } from '@/ui/layout/Page';
import { ClassLog, type ClassLogProps } from '../ClassLog';
import { clockTime, longDayWords } from '../classView';

export interface MatClassPageProps {
  readonly academyClass: {
    readonly id: string;
    readonly title: string;
    readonly startsAt: string;
    readonly minutes: number;
  };
  readonly people: ClassLogProps['people'];
  readonly expectedIds: readonly string[];
  readonly plan?: ClassPlan;
  readonly log?: Pick<ClassLogProps, 'came' | 'howItWas' | 'groupOf' | 'drilled' | 'note'>;
}

/** A class for whoever helps at it: the way to its clock, and what became of it. */
export function MatClassPage({ academyClass: one, people, expectedIds, plan, log }: MatClassPageProps) {
  const zone = useZone();
  return (
    <Page
      title={one.title}
      aside={`${longDayWords(one.startsAt, zone)}, ${clockTime(one.startsAt, 0, zone)} to ${clockTime(one.startsAt, one.minutes, zone)}`}
      actions={plan ? <ActionLink href={`/classes/${one.id}/mat`}>On the mat</ActionLink> : null}
    >
      {log ? (
        <Section>
          <h2>What became of it</h2>
          <div className="note">Two minutes after class: the coaches read it.</div>
          <div className="matter">
            <ClassLog
              classId={one.id}
              people={people}
              expectedIds={expectedIds}
              plannedIds={plan?.drills.map((drill) => drill.drillId) ?? []}
              groups={plan?.groups?.length ?? 0}
              {...log}
            />
          </div>
        </Section>
      ) : (
        <Empty>It has not begun. Who came and what was drilled is written down here from its first minute on.</Empty>
      )}
    </Page>
  );
}
