'use client';

import { countsAsError, type Mark } from '@/core/round';
import { color } from '@/ui/tokens/tokens';

const stageHeight = { entry: 4, control: 7, locked: 10, finished: 13 } as const;

/** The small sign of a mark, the same in the ledger as on the tide: notch, rise, post, gap, dot. */
export function MarkSign({ mark }: { readonly mark: Mark }) {
  const tone = 'athlete' in mark && mark.athlete ? (mark.athlete === 'a' ? color.focus : color.other) : color.quiet;
  return (
    <svg width="14" height="16" viewBox="0 0 14 16" aria-hidden="true" style={{ flex: 'none' }}>
      {signOf(mark, tone)}
    </svg>
  );
}

function signOf(mark: Mark, tone: string) {
  switch (mark.kind) {
    case 'error': {
      const line = countsAsError(mark) ? color.harm : color.quiet;
      return (
        <path
          d="M1 12.500h3L7 5l3 7.500h3"
          fill={mark.punished === 'yes' || mark.punished === 'partly' ? line : 'none'}
          stroke={line}
          strokeWidth="1.500"
          strokeLinejoin="round"
        />
      );
    }
    case 'chance':
      return <path d="M7 14.500V4" stroke={tone} strokeWidth="1.800" strokeDasharray="2.500 2.500" />;
    case 'strength':
      return (
        <path
          d="M1 11h2c1.500 0 1.500-6 4-6s2.500 6 4 6h2"
          fill="none"
          stroke={color.good}
          strokeWidth="2"
          strokeLinecap="round"
        />
      );
    case 'attempt': {
      const height = stageHeight[mark.stage];
      return (
        <g stroke={tone} strokeWidth="2.200">
          <path d={`M7 14.500V${14.5 - height}`} />
          {mark.stage === 'finished' ? <path d="M3 1.600h8" /> : null}
        </g>
      );
    }
    case 'grip':
      return <path d="M4 8.500a3 3 0 1 1 6 0" fill="none" stroke={tone} strokeWidth="1.800" strokeLinecap="round" />;
    case 'stoppage':
      return <path d="M2 4v8M12 4v8M4 8h6" stroke={color.quiet} strokeWidth="1.400" strokeDasharray="2 1.500" />;
    case 'turn':
      return (
        <path d="M3 2.500h8L3 13.500h8L3 2.500" fill="none" stroke={tone} strokeWidth="1.500" strokeLinejoin="round" />
      );
    case 'measure':
      return <path d="M2 4.500v7M12 4.500v7M2 8h10" fill="none" stroke={tone} strokeWidth="1.500" />;
    case 'hazard':
      return (
        <path
          d="M7 2.500l6 11H1zM7 6.500v3.500"
          fill="none"
          stroke={color.harm}
          strokeWidth="1.500"
          strokeLinejoin="round"
        />
      );
    case 'note':
      return <path d="M2 5.500h10M2 9h7" stroke={color.quiet} strokeWidth="1.400" />;
    default:
      return <path d="M1 8.500h12" stroke={color.quiet} strokeWidth="2" />;
  }
}
