'use client';

import { Label } from 'react-aria-components/Label';
import { ProgressBar } from 'react-aria-components/ProgressBar';
import { styled } from 'styled-components';
import { color, size, space } from '../tokens/tokens';

const Bar = styled(ProgressBar)`
  display: flex; flex-wrap: wrap; justify-content: space-between; gap: ${space(1)} ${space(3)}; font-size: ${size.small};
  .track { flex: 0 0 100%; height: 6px; background: ${color.rule}; }
  .fill { height: 100%; background: ${color.focus}; }
`;

export function Progress({
  label,
  percent,
  words,
}: {
  readonly label: string;
  readonly percent: number;
  readonly words: string;
}) {
  return (
    <Bar value={percent} valueLabel={words}>
      <Label>{label}</Label>
      <span>{words}</span>
      <div className="track">
        <div className="fill" style={{ width: `${percent}%` }} />
      </div>
    </Bar>
  );
}
