'use client';

import { useRouter } from 'next/navigation';
import { Fragment } from 'react';
import { type ClassPlan, partsOf } from '@/core/planning';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { arrangePlan } from '@/server/classes/classActions';
import { themeWords } from '@/terms/themeWords';
import { Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { KeptPairs, type KeptPairsProps } from './KeptPairs';
import { PairsView, PlanView, type PlanViewProps } from './PlanView';
import { useArranging } from './useArranging';

export interface PlanPartsProps extends Omit<PlanViewProps, 'arranging'> {
  readonly plan: ClassPlan;
  readonly classId: string;
  /** The version of the plan that is looked at. */
  readonly version: number;
}

/** The plan block by block, for each of two groups its own. */
export function PlanParts({ plan, ...view }: PlanPartsProps) {
  return partsOf(plan).map((part, at) => (
    <Fragment key={`${at + 1}`}>
      <GroupHeading plan={plan} at={at} nameOf={view.nameOf} />
      <PlanPart plan={part} group={plan.groups ? at + 1 : 0} {...view} />
    </Fragment>
  ));
}

/** A plan whose lessons are moved and lengthened in place; kept as a version of its own when the coach says so. */
function PlanPart({ plan, group, classId, version, ...view }: PlanPartsProps & { readonly group: number }) {
  const router = useRouter();
  const arranging = useArranging(plan, view.numbers);
  const { messages, isSending, send } = useSending();
  const keep = () =>
    send(
      () => arrangePlan(classId, version, group, arranging.lessons),
      () => router.refresh(),
    );
  return (
    <>
      <FormMessage messages={arranging.problem ? { '': arranging.problem } : messages} />
      {arranging.isMoved ? (
        <Row>
          <Button look="lead" onPress={keep} isPending={isSending}>
            {isSending ? 'Keeping …' : 'Keep it so'}
          </Button>
          <Button onPress={arranging.onBack}>As it was</Button>
          <Quiet role="status">Times, parts and repetitions below are as you arranged them.</Quiet>
        </Row>
      ) : null}
      <PlanView
        label={group > 0 ? `Blocks of group ${group}` : 'Blocks of the plan'}
        classId={classId}
        arranging={arranging}
        {...view}
      />
    </>
  );
}

interface PairsSectionProps extends KeptPairsProps {
  readonly plan: ClassPlan;
  readonly weightLimitRatio: number;
  readonly nameOf: (personId: string) => string;
}

/** Who works with whom, and who does because the coach says so. */
export function PairsSection({ plan, weightLimitRatio, nameOf, ...kept }: PairsSectionProps) {
  return (
    <Section>
      <h2>Pairs</h2>
      <div className="note">
        Live work keeps within {Math.round(weightLimitRatio * 100)} % of the lighter partner; nobody meets the same
        partner twice where that can be had.
      </div>
      <div className="matter">
        <Stack>
          {partsOf(plan).map((part, at) => (
            <Fragment key={`${at + 1}`}>
              <GroupHeading plan={plan} at={at} />
              <PairsView plan={part} nameOf={nameOf} />
            </Fragment>
          ))}
          <KeptPairs {...kept} />
        </Stack>
      </div>
    </Section>
  );
}

/** Which of two groups follows, what it is about and who is in it; nothing where the plan is for all. */
function GroupHeading({
  plan,
  at,
  nameOf,
}: {
  readonly plan: ClassPlan;
  readonly at: number;
  readonly nameOf?: (personId: string) => string;
}) {
  const group = plan.groups?.[at];
  if (!group) return null;
  return (
    <div>
      <h3>
        Group {at + 1}: {group.themes.map((theme) => themeWords(theme)).join(' and ')}
      </h3>
      {nameOf ? <Quiet>{group.personIds.map(nameOf).join(', ')}</Quiet> : null}
    </div>
  );
}
