'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { type FamilyFunnel, type Funnel, withMoments } from '@/core/patterns';
import type { TechniqueFamily } from '@/core/vocabulary';
import { useWordOf } from '@/terms/HouseContext';
import { techniqueFamilyWords } from '@/terms/techniqueFamilyWords';
import { Choice } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';
import type { RoundLabels } from '../errors/Moments';
import { Finishes } from './Finishes';

const By = styled.div`
  margin-bottom: ${space(4)};
  @media print { display: none; }
`;

interface Funnels {
  readonly techniques: readonly Funnel[];
  readonly families: readonly FamilyFunnel[];
}
export interface ChancesProps {
  readonly funnels: Readonly<Record<'own' | 'faced', Funnels>>;
  readonly rounds: RoundLabels;
}

/** What becomes of own attempts and of those of partners, each technique for itself or families together. */
export function Chances({ funnels: { own, faced }, rounds }: ChancesProps) {
  const wordOf = useWordOf();
  const [by, setBy] = useState<keyof Funnels>('techniques');
  const nameOf = by === 'techniques' ? wordOf : (family: string) => techniqueFamilyWords[family as TechniqueFamily];
  const chosen = ({ techniques, families }: Funnels): readonly Funnel[] =>
    by === 'techniques' ? techniques : withMoments(families, techniques);
  return (
    <>
      {own.techniques.length + faced.techniques.length > 0 ? (
        <By>
          <Choice
            label="Counted together"
            value={by}
            onChange={setBy}
            options={[
              { value: 'techniques', label: 'each technique' },
              { value: 'families', label: 'families of techniques' },
            ]}
          />
        </By>
      ) : null}
      <Finishes key={`own ${by}`} funnels={chosen(own)} nameOf={nameOf} label="Own attempts" rounds={rounds} />
      <Finishes
        key={`faced ${by}`}
        funnels={chosen(faced)}
        nameOf={nameOf}
        label="Attempts of partners"
        rounds={rounds}
      />
    </>
  );
}
