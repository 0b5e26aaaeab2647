'use client';

import { styled } from 'styled-components';
import type { RecurringError } from '@/core/patterns';
import { color, size, space } from '@/ui/tokens/tokens';

const List = styled.dl`
  grid-column: 1 / -1; margin: ${space(1)} 0 0; display: grid; grid-template-columns: auto 1fr; gap: 2px ${space(3)}; font-size: ${size.small}; color: ${color.quiet};
  dd { margin: 0; color: ${color.ink}; }
`;

/** Why an error ranks where it does: the factors whose product is its priority. */
export function Factors({ found: { factors, priority } }: { readonly found: RecurringError }) {
  const { cost } = factors;
  const lines: readonly (readonly [string, string])[] = [
    ['Rate, drawn towards students of the same belt', factors.shrunkRate.toFixed(2)],
    ['Chances for it in ten live minutes', factors.exposurePerTenMinutes.toFixed(1)],
    [
      'Cost of one more',
      `${cost.perOccurrence.toFixed(2)} (${cost.damageWhenPunished.toFixed(1)} when punished, ${cost.latentDamage.toFixed(1)} waiting when not)`,
    ],
    ['How teachable at this belt', factors.teachable.toFixed(1)],
    ...(factors.handedOver > 0
      ? ([['Handed over by what follows from it', factors.handedOver.toFixed(2)]] as const)
      : []),
    ['Priority', priority.toFixed(2)],
  ];
  return (
    <List>
      {lines.map(([what, figure]) => (
        <div key={what} style={{ display: 'contents' }}>
          <dt>{what}</dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </List>
  );
}
