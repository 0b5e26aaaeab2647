import type { MonthCount } from '@/core/patterns';
import type { Interval } from '@/core/statistics';
import { color } from '@/ui/tokens/tokens';

const names = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
const nameOf = (month: string) => names[Number(month.slice(5)) - 1] ?? month;
const MOST_MONTHS = 8;

/** How often per chance in each month, before the band in which the rate of the window lies. A month in which it could not be seen has no bar; with little to see it is open. */
export function MonthStrip({
  months: all,
  interval,
  width = 232,
  height = 72,
}: {
  readonly months: readonly MonthCount[];
  /** Where the rate of the window lies. */
  readonly interval?: Interval;
  readonly width?: number;
  readonly height?: number;
}) {
  const months = all.slice(-MOST_MONTHS);
  const rates = months.map((one) => (one.exposure > 0 ? one.count / one.exposure : 0));
  const most = Math.max(...rates, Math.min(interval?.high ?? 0, 2 * Math.max(...rates, 0)), 1e-6);
  const base = height - 16;
  const yOf = (rate: number) => base - (Math.min(rate, most) / most) * (base - 4);
  const step = width / Math.max(months.length, 4);
  const typical = months.reduce((sum, one) => sum + one.exposure, 0) / Math.max(1, months.length);
  const label = months.map((one) => `${nameOf(one.month)} ${one.exposure > 0 ? one.count : 'not seen'}`).join(', ');
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Seen by month: ${label}. The band is where the rate lies.`}
    >
      {interval ? (
        <rect
          x="0"
          y={yOf(interval.high)}
          width={width}
          height={Math.max(1, yOf(interval.low) - yOf(interval.high))}
          fill={color.sunken}
        />
      ) : null}
      <path d={`M0 ${base}H${width}`} stroke={color.strongRule} />
      {months.map((one, at) => {
        const rate = rates[at] ?? 0;
        const x = at * step + step / 2;
        const isOpen = one.exposure < typical / 3;
        return (
          <g key={one.month}>
            {one.exposure === 0 ? (
              <path
                d={`M${x - step / 4} ${base}h${step / 2}`}
                stroke={color.sunken}
                strokeWidth="3"
                strokeDasharray="2 3"
              />
            ) : one.count === 0 ? (
              <circle cx={x} cy={base} r="2.5" fill={color.quiet} />
            ) : (
              <rect
                x={x - step / 4}
                y={yOf(rate)}
                width={step / 2}
                height={Math.max(2, base - yOf(rate))}
                fill={isOpen ? 'none' : color.focus}
                stroke={color.focus}
                strokeDasharray={isOpen ? '3 2' : undefined}
              />
            )}
            <text x={x} y={height - 3} textAnchor="middle" fontSize="11" fill={color.quiet}>
              {nameOf(one.month)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
