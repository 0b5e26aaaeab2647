'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { parseCalendarDate } from '@/core/kernel';
import { comparePeriods, type PeriodDifference, type RecurringError, type RoundCount } from '@/core/patterns';
import { findError } from '@/core/vocabulary';
import { DayField } from '@/forms/DayField';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { Select } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';
import { basisWords } from '../studentView';

const Choices = styled.div`
  display: grid; grid-template-columns: 240px 240px; gap: ${space(4)}; margin-bottom: ${space(3)}; align-items: start;
  @media (max-width: 860px) { grid-template-columns: 1fr; }
  @media print { display: none; }
`;

const divisions = {
  day: { label: 'before and since a day', one: 'before', other: 'since', inOther: 'since' },
  uniform: { label: 'gi and no-gi', one: 'gi', other: 'no-gi', inOther: 'in no-gi' },
  occasion: { label: 'sparring and competition', one: 'sparring', other: 'competition', inOther: 'in competition' },
} as const;
type Division = keyof typeof divisions;

/** To which of the two a round belongs. */
export function sideOfRound(division: Division, day: string): (round: RoundCount) => 'one' | 'other' | undefined {
  return ({ heldOn, uniform, occasion }) => {
    if (division === 'day') return heldOn < day ? 'one' : 'other';
    if (division === 'uniform') return uniform && (uniform === 'gi' ? 'one' : 'other');
    return occasion === 'sparring' ? 'one' : occasion === 'competition' ? 'other' : undefined;
  };
}

/** "4 in 12 minutes", or that it could not be seen. */
const sumWords = ({ count, exposure }: PeriodDifference['one'], unit: RecurringError['unit']): string =>
  exposure === 0 ? 'no chance of it' : `${count} in ${unit === 'minutes' ? exposure.toFixed(1) : exposure}`;

/** Lines at first. */
const SHOWN = 6;

/** Two sets of somebody's rounds side by side: what differs beyond chance, first. */
export function TwoPeriods({
  errors,
  middleDay,
}: {
  readonly errors: readonly RecurringError[];
  readonly middleDay: string;
}) {
  const wordOf = useWordOf();
  const [division, setDivision] = useState<Division>('day');
  const [day, setDay] = useState(middleDay);
  const isDay = parseCalendarDate(day) !== undefined;
  const found = isDay || division !== 'day' ? comparePeriods(errors, sideOfRound(division, day)) : [];
  const differing = found.filter((one) => one.isBeyondChance).length;
  const { shown, toggle } = useShowAll(found, Math.max(SHOWN, differing));
  const { one: oneName, other: otherName, inOther } = divisions[division];
  const byId = new Map(errors.map((one) => [one.errorId, one]));
  return (
    <>
      <Choices>
        <Select
          label="Side by side"
          value={division}
          onChange={setDivision}
          options={(Object.keys(divisions) as Division[]).map((value) => ({ value, label: divisions[value].label }))}
        />
        {division === 'day' ? (
          <DayField
            label="The day"
            value={day}
            onChange={setDay}
            problem={isDay ? undefined : 'Write a day that exists, such as 24 Nov.'}
          />
        ) : null}
      </Choices>
      <p>
        {differing === 0
          ? 'Nothing differs beyond chance.'
          : `${differing === 1 ? 'One error differs' : `${differing} errors differ`} beyond chance.`}
      </p>
      {found.length > 0 ? (
        <Table aria-label="Two periods side by side">
          <thead>
            <tr>
              <th>Error</th>
              <th className="figure">{oneName}</th>
              <th className="figure">{otherName}</th>
              <th>Counted over</th>
              <th>What that says</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((line) => {
              const error = findError(line.errorId);
              const known = byId.get(line.errorId);
              return (
                <tr key={line.errorId}>
                  <td>
                    <Link href={`/library/${line.errorId}`}>{wordOf(line.errorId)}</Link>
                  </td>
                  <td className="figure">{sumWords(line.one, byId.get(line.errorId)?.unit ?? 'times')}</td>
                  <td className="figure">{sumWords(line.other, byId.get(line.errorId)?.unit ?? 'times')}</td>
                  <td>
                    <Quiet>{error && known ? basisWords(error, known, true) : ''}</Quiet>
                  </td>
                  <td>
                    {line.isBeyondChance && line.ratio ? (
                      <strong>
                        {line.ratio.ratio < 1 ? 'less' : 'more'} {inOther}
                      </strong>
                    ) : (
                      <Quiet>may be chance</Quiet>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Table>
      ) : null}
      {toggle}
    </>
  );
}
