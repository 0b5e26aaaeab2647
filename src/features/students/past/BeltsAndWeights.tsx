'use client';

import { styled } from 'styled-components';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import { type AnyBelt, beltCloth, beltWords } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { Quiet } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { color, size, space } from '@/ui/tokens/tokens';

const Both = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: ${space(3)} ${space(8)};
  h3 { font-size: ${size.body}; margin: 0 0 ${space(1)}; }
  ol { list-style: none; margin: 0; padding: 0; }
  li { padding: 2px 0; }
  svg.weights { width: 100%; height: 56px; display: block; }
  @media (max-width: 860px) { grid-template-columns: 1fr; }
`;
const SHOWN = 5;

export interface BeltsAndWeightsProps {
  readonly belts: readonly { readonly sinceDay: string; readonly belt: AnyBelt; readonly stripes: number }[];
  readonly weights: readonly { readonly sinceDay: string; readonly weightKg: number; readonly source: string }[];
  readonly unit: WeightUnit;
}

/** Belts and weights over time, newest first; a belt that went back is a step like any other. */
export function BeltsAndWeights({ belts, weights, unit }: BeltsAndWeightsProps) {
  const steps = useShowAll([...belts].reverse(), SHOWN);
  const weighings = useShowAll([...weights].reverse(), SHOWN);
  return (
    <Both>
      <div>
        <h3>Belts</h3>
        {belts.length === 0 ? <Quiet>No belt is known of any day.</Quiet> : null}
        <ol>
          {steps.shown.map(({ sinceDay, belt, stripes }) => (
            <li key={sinceDay}>
              <FoldedBelt {...beltCloth(belt)} stripes={stripes} label={beltWords(belt, stripes)} />{' '}
              {beltWords(belt, stripes)} <Quiet>since {dayWords(sinceDay)}</Quiet>
            </li>
          ))}
        </ol>
        {steps.toggle}
      </div>
      <div>
        <h3>Weights</h3>
        {weights.length === 0 ? <Quiet>No weight is known of any day.</Quiet> : null}
        <WeightLine weights={weights} />
        <ol>
          {weighings.shown.map(({ sinceDay, weightKg, source }) => (
            <li key={sinceDay}>
              {formatWeight(weightKg, unit)}{' '}
              <Quiet>
                {dayWords(sinceDay)}, {source}
              </Quiet>
            </li>
          ))}
        </ol>
        {weighings.toggle}
      </div>
    </Both>
  );
}

const WIDTH = 300;
const HEIGHT = 56;

/** Weights as a line over the days; the list beside it holds the same. */
function WeightLine({ weights }: Pick<BeltsAndWeightsProps, 'weights'>) {
  if (weights.length < 3) return null;
  const days = weights.map((one) => Date.parse(one.sinceDay));
  const kilograms = weights.map((one) => one.weightKg);
  const [first, last] = [Math.min(...days), Math.max(...days)];
  const [least, most] = [Math.min(...kilograms), Math.max(...kilograms)];
  const x = (day: number) => 4 + ((day - first) / Math.max(1, last - first)) * (WIDTH - 8);
  const y = (weight: number) => HEIGHT - 6 - ((weight - least) / Math.max(0.5, most - least)) * (HEIGHT - 12);
  const points = weights.map((one, at) => `${x(days[at] ?? first).toFixed(1)},${y(one.weightKg).toFixed(1)}`);
  return (
    <svg className="weights" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Weights over time, listed below">
      <polyline points={points.join(' ')} fill="none" stroke={color.other} strokeWidth="1.5" />
    </svg>
  );
}
