'use client';

import { Fragment } from 'react';
import { type ClassPlan, partsOf } from '@/core/planning';
import { themeWords } from '@/terms/themeWords';
import { Quiet, Section, Stack } from '@/ui/layout/Page';
import { KeptPairs, type KeptPairsProps } from './KeptPairs';
import { PairsView, PlanView, type PlanViewProps } from './PlanView';

/** The plan block by block, for each of two groups its own. */
export function PlanParts({ plan, ...view }: PlanViewProps) {
  return partsOf(plan).map((part, at) => (
    <Fragment key={`${at + 1}`}>
      <GroupHeading plan={plan} at={at} nameOf={view.nameOf} />
      <PlanView label={plan.groups ? `Blocks of group ${at + 1}` : 'Blocks of the plan'} plan={part} {...view} />
    </Fragment>
  ));
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
