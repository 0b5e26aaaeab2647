'use client';

import { color } from '../tokens/tokens';

export interface BalanceBeamProps {
  /** −1 to 1: positive leans to the left pan. */
  readonly lean: number;
  readonly label: string;
  readonly size?: number;
}

/** A beam balance that leans to the heavier side. */
export function BalanceBeam({ lean, label, size = 64 }: BalanceBeamProps) {
  const drop = Math.max(-1, Math.min(1, lean)) * 9;
  const left = 12 + drop;
  const right = 12 - drop;
  return (
    <svg width={size} height={size * 0.625} viewBox="0 0 64 40" role="img" aria-label={label}>
      <path d="M32 12v24M24 37h16" stroke={color.strongRule} strokeWidth="1.600" fill="none" />
      <path d={`M10 ${left}L54 ${right}`} stroke="currentColor" strokeWidth="2" />
      <path
        d={`M3 ${left + 9}a7 5 0 0 0 14 0zM10 ${left}l-6 9M10 ${left}l6 9`}
        stroke="currentColor"
        strokeWidth="1"
        fill={color.focus}
      />
      <path
        d={`M47 ${right + 9}a7 5 0 0 0 14 0zM54 ${right}l-6 9M54 ${right}l6 9`}
        stroke="currentColor"
        strokeWidth="1"
        fill={color.other}
      />
      <circle cx="32" cy="12" r="2" fill="currentColor" />
    </svg>
  );
}
