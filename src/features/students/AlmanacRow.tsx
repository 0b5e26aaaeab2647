'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import type { RecurringError } from '@/core/patterns';
import { cueOf, findError, houseNameOf } from '@/core/vocabulary';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { useHouse } from '@/terms/HouseContext';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { exactWords, frequencySentence, percent, statusWords, trendWords } from './studentView';

const Row = styled.article`
  display: grid; grid-template-columns: 44px minmax(0, 1fr) 132px 150px; gap: ${space(1)} ${space(5)}; padding: ${space(3)} 0; border-bottom: 1px solid ${color.rule};
  .count { font-family: ${font.serif}; font-size: 26px; line-height: 1; text-align: right; padding-top: 3px; }
  h3 { font-size: ${size.large}; font-weight: 600; }
  .sentence { font-size: ${size.body}; }
  .exact { color: ${color.quiet}; font-size: ${size.small}; }
  .status { font-size: ${size.small}; display: flex; flex-direction: column; gap: 2px; }
  .status strong { font-size: ${size.body}; }
  .clips { display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(3)}; font-size: ${size.small}; margin-top: ${space(1)}; }
  .clips a[data-punished='yes'] { color: ${color.harm}; }
  button { background: none; border: 0; padding: 0; text-decoration: underline; cursor: pointer; font-size: ${size.small}; color: ${color.quiet}; text-align: left; }
  dl { grid-column: 2 / -1; margin: ${space(1)} 0 0; display: grid; grid-template-columns: auto 1fr; gap: 2px ${space(3)}; font-size: ${size.small}; color: ${color.quiet}; }
  dd { margin: 0; color: ${color.ink}; }
`;

export interface RoundLabel {
  readonly roundId: string;
  readonly startSeconds: number;
  readonly partner: string;
}

export interface AlmanacRowProps {
  readonly found: RecurringError;
  readonly rounds: ReadonlyMap<string, RoundLabel>;
}

/** One thing that keeps happening: how often, how sure, since when, and every second of footage behind it. */
export function AlmanacRow({ found, rounds }: AlmanacRowProps) {
  const [open, setOpen] = useState(false);
  const house = useHouse();
  const name = houseNameOf(house, found.errorId);
  const error = findError(found.errorId);
  if (!error) return null;
  return (
    <Row aria-label={name}>
      <div className="count">{found.count}</div>
      <div>
        <h3>
          <Link href={`/library/${found.errorId}`}>{name}</Link>
        </h3>
        <p className="sentence">
          {capital(frequencySentence(error, found))}; {trendWords(found)}.
        </p>
        <p className="exact">{exactWords(error, found)}</p>
        <div className="clips">
          {found.occurrences.slice(-8).map((one) => {
            const round = rounds.get(one.roundId);
            const at = one.atSeconds - (round?.startSeconds ?? 0);
            return (
              <Link
                key={one.markId}
                href={markAddress({ ...one, mediaSeconds: one.atSeconds })}
                data-punished={one.punished}
              >
                {dayWords(one.heldOn)} {formatClock(at)} {round ? `with ${round.partner}` : ''}
              </Link>
            );
          })}
        </div>
      </div>
      <DayBars found={found} />
      <div className="status">
        <strong>{statusWords[found.status]}</strong>
        <span>{found.symptom ? 'follows from an earlier error' : 'a first cause'}</span>
        <span>punished {percent(found.punishedShare)}</span>
        <button type="button" onClick={() => setOpen(!open)} aria-expanded={open}>
          {open ? 'less' : 'why it ranks here'}
        </button>
      </div>
      {open ? <Factors found={found} cue={cueOf(house, found.errorId)} /> : null}
    </Row>
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function Factors({ found, cue }: { readonly found: RecurringError; readonly cue: string }) {
  const { factors } = found;
  return (
    <dl>
      <dt>Cue</dt>
      <dd>{cue}</dd>
      <dt>Rate, drawn towards students of the same belt</dt>
      <dd>{factors.shrunkRate.toFixed(2)}</dd>
      <dt>Chances for it in ten live minutes</dt>
      <dd>{factors.exposurePerTenMinutes.toFixed(1)}</dd>
      <dt>Cost of one more</dt>
      <dd>
        {factors.cost.perOccurrence.toFixed(2)} ({factors.cost.damageWhenPunished.toFixed(1)} when punished,{' '}
        {factors.cost.latentDamage.toFixed(1)} waiting when not)
      </dd>
      <dt>How teachable at this belt</dt>
      <dd>{factors.teachable.toFixed(1)}</dd>
      {factors.handedOver > 0 ? (
        <>
          <dt>Handed over by what follows from it</dt>
          <dd>{factors.handedOver.toFixed(2)}</dd>
        </>
      ) : null}
      <dt>Priority</dt>
      <dd>{found.priority.toFixed(2)}</dd>
    </dl>
  );
}

/** One small bar for each day with footage of it: how often per chance, before the band in which the true rate lies. */
function DayBars({ found }: { readonly found: RecurringError }) {
  const days = found.byDay.slice(-6).map((day) => ({ ...day, rate: day.exposure > 0 ? day.count / day.exposure : 0 }));
  const most = Math.max(found.interval?.high ?? 0, ...days.map((day) => day.rate), 1e-6);
  const yOf = (rate: number) => 38 - (Math.min(rate, most) / most) * 34;
  const label = days.map((day) => `${dayWords(day.heldOn)}: ${day.count}`).join(', ');
  return (
    <svg
      width="132"
      height="52"
      viewBox="0 0 132 52"
      role="img"
      aria-label={`Seen by day: ${label}. The band is where the rate lies.`}
    >
      {found.interval ? (
        <rect
          x="0"
          y={yOf(found.interval.high)}
          width="132"
          height={yOf(found.interval.low) - yOf(found.interval.high)}
          fill={color.sunken}
        />
      ) : null}
      <path d="M0 38H132" stroke={color.strongRule} />
      {days.map((day, index) => (
        <g key={day.heldOn}>
          <rect
            x={index * 22 + 5}
            y={day.count > 0 ? Math.min(36, yOf(day.rate)) : 37}
            width="12"
            height={day.count > 0 ? Math.max(2, 38 - yOf(day.rate)) : 1}
            fill={day.count > 0 ? color.focus : color.strongRule}
          />
          <text x={index * 22 + 11} y="50" textAnchor="middle" fontSize="10" fill={color.quiet}>
            {day.heldOn.slice(8)}.
          </text>
        </g>
      ))}
    </svg>
  );
}
