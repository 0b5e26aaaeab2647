'use client';

import { styled } from 'styled-components';
import { color } from '../tokens/tokens';

const strap: Readonly<Record<string, string>> = {
  /** Nobody said which: only its outline. */
  unknown: 'transparent',
  white: '#f7f4ea',
  blue: '#2d57a4',
  purple: '#6a3f8f',
  brown: '#6d4526',
  black: '#1b1815',
  grey: '#8f9398',
  yellow: '#e2bf35',
  orange: '#d97b2d',
  green: '#3f8748',
};

const Strip = styled.span`
  display: inline-flex; vertical-align: -1px;
  svg { display: block; }
`;

export interface FoldedBeltProps {
  /** Main colour, and the colour of a stripe along the middle when it has one. */
  readonly base: string;
  readonly middle?: string;
  readonly stripes: number;
  readonly label: string;
}

/** A strip folded once, with its stripes on the sleeve at the end. */
export function FoldedBelt({ base, middle, stripes, label }: FoldedBeltProps) {
  const sleeve = base === 'black' ? '#a3392c' : '#1b1815';
  return (
    <Strip role="img" aria-label={label} title={label}>
      <svg width="46" height="14" viewBox="0 0 46 14" aria-hidden="true">
        <path
          d="M3 13 8 5h34v8z"
          fill={strap[base] ?? strap.white}
          opacity="0.72"
          stroke={color.strongRule}
          strokeWidth="0.8"
        />
        <path d="M1 1h42v7H1z" fill={strap[base] ?? strap.white} stroke={color.strongRule} strokeWidth="0.8" />
        {middle ? <path d="M1 3.600h26v1.800H1z" fill={strap[middle]} /> : null}
        <path d="M27 1h13v7H27z" fill={sleeve} />
        {Array.from({ length: Math.min(6, stripes) }, (_, index) => (
          <path key={index} d={`M${29 + index * 1.9} 1v7`} stroke="#f7f4ea" strokeWidth="1" />
        ))}
      </svg>
    </Strip>
  );
}
