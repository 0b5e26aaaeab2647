'use client';

import { styled } from 'styled-components';
import { type PartnersBelt, partnersBelts, type RecurringError } from '@/core/patterns';
import { color, size, space } from '@/ui/tokens/tokens';

const List = styled.dl`
  grid-column: 1 / -1; margin: ${space(1)} 0 0; display: grid; grid-template-columns: auto 1fr; gap: 2px ${space(3)}; font-size: ${size.small}; color: ${color.quiet};
  dd { margin: 0; color: ${color.ink}; }
`;

const partnerWords: Readonly<Record<PartnersBelt, string>> = {
  lower: 'lower',
  same: 'the same',
  'one-up': 'one up',
  'more-up': 'two and more up',
};

/** "the same 3 of 8, one up 4 of 5", of the whole academy; a punishment in part counts half. */
const verdictWords = (verdicts: RecurringError['factors']['verdicts']): string =>
  partnersBelts
    .flatMap((belt) => {
      const one = verdicts[belt];
      return one ? [`${partnerWords[belt]} ${Number(one.punished.toFixed(1))} of ${one.judged}`] : [];
    })
    .join(', ');

/** Why an error ranks where it does: the factors whose product is its priority. */
export function Factors({ found: { factors, priority } }: { readonly found: RecurringError }) {
  const { cost } = factors;
  const punished = verdictWords(factors.verdicts);
  const lines: readonly (readonly [string, string])[] = [
    ['Rate, drawn towards students of the same belt', factors.shrunkRate.toFixed(2)],
    ['Chances for it in ten live minutes', factors.exposurePerTenMinutes.toFixed(1)],
    [
      'Cost of one more',
      `${cost.perOccurrence.toFixed(2)} (${cost.damageWhenPunished.toFixed(1)} when punished, ${cost.latentDamage.toFixed(1)} waiting when not)`,
    ],
    ...(punished ? ([['Punished, by belt of the partner', punished]] as const) : []),
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
