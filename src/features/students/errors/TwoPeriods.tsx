'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { exposureUnit } from '@/core/figures';
import { parseCalendarDate } from '@/core/kernel';
import type { PeriodDifference, RecurringError } from '@/core/patterns';
import { findError } from '@/core/vocabulary';
import { DayField } from '@/forms/DayField';
import type { Division } from '@/server/students/studentInput';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { Select } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';
import { basisWords } from '../studentView';
import { useStudentAddress } from '../useStudentAddress';

const Choices = styled.div`
  display: grid; grid-template-columns: 240px 240px; gap: ${space(4)}; margin-bottom: ${space(3)}; align-items: start;
  @media (max-width: 860px) { grid-template-columns: 1fr; }
  @media print { display: none; }
`;

const divisions: Readonly<Record<Division, { label: string; one: string; other: string; inOther: string }>> = {
  day: { label: 'before and since a day', one: 'before', other: 'since', inOther: 'since' },
  uniform: { label: 'gi and no-gi', one: 'gi', other: 'no-gi', inOther: 'in no-gi' },
  occasion: { label: 'sparring and competition', one: 'sparring', other: 'competition', inOther: 'in competition' },
  student: { label: 'another student', one: 'this student', other: 'the other', inOther: 'than the other' },
};

const firstName = (name: string): string => name.split(' ')[0] ?? name;

const ownUnit = (errorId: string): RecurringError['unit'] => {
  const error = findError(errorId);
  return error ? exposureUnit(error.exposure) : 'times';
};

/** "4 in 12 minutes", or that it could not be seen. */
const sumWords = ({ count, exposure }: PeriodDifference['one'], unit: RecurringError['unit']): string =>
  exposure === 0 ? 'no chance of it' : `${count} in ${unit === 'minutes' ? exposure.toFixed(1) : exposure}`;

/** Lines at first. */
const SHOWN = 6;

export interface TwoPeriodsProps {
  readonly side: { readonly division: Division; readonly otherId?: string };
  readonly name: string;
  readonly compared: {
    readonly differences: readonly PeriodDifference[];
    readonly day: string;
    readonly others: readonly { readonly id: string; readonly name: string }[];
  };
  /** By what each error is counted. */
  readonly errors: readonly RecurringError[];
}

/** Two sets of rounds side by side, of this student or of this and another one: what differs beyond chance, first. */
export function TwoPeriods({ side, name, compared, errors }: TwoPeriodsProps) {
  const wordOf = useWordOf();
  const { look, isLoading } = useStudentAddress();
  const { division, otherId } = side;
  const [day, setDay] = useState(compared.day);
  const isDay = parseCalendarDate(day) !== undefined;
  const found = compared.differences;
  const differing = found.filter((one) => one.isBeyondChance).length;
  const { shown, toggle } = useShowAll(found, Math.max(SHOWN, differing));
  const beside = compared.others.find((one) => one.id === otherId)?.name;
  const { inOther, ...columns } = divisions[division];
  const [oneName, otherName] =
    division === 'student'
      ? [firstName(name), beside ? firstName(beside) : 'nobody yet']
      : [columns.one, columns.other];
  const byId = new Map(errors.map((one) => [one.errorId, one]));
  const basisOf = (errorId: string) => byId.get(errorId) ?? { basis: 'own' as const, unit: ownUnit(errorId) };
  const unitOf = (errorId: string) => basisOf(errorId).unit;
  return (
    <>
      <Choices aria-busy={isLoading}>
        <Select
          label="Side by side"
          value={division}
          onChange={(next: Division) => look({ side: next === 'day' ? '' : next })}
          options={(Object.keys(divisions) as Division[]).map((value) => ({ value, label: divisions[value].label }))}
        />
        {division === 'day' ? (
          <DayField
            label="The day"
            value={day}
            onChange={(next) => {
              setDay(next);
              if (parseCalendarDate(next)) look({ day: next });
            }}
            problem={isDay ? undefined : 'Write a day that exists, such as 24 Nov.'}
          />
        ) : null}
        {division === 'student' ? (
          <Select
            label="Beside"
            value={otherId}
            placeholder="Choose a student"
            onChange={(beside) => look({ beside })}
            options={compared.others.map((one) => ({ value: one.id, label: one.name }))}
          />
        ) : null}
      </Choices>
      <p>
        {division === 'student' && !beside
          ? 'Choose who stands beside.'
          : differing === 0
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
              return (
                <tr key={line.errorId}>
                  <td>
                    <Link href={`/library/${line.errorId}`}>{wordOf(line.errorId)}</Link>
                  </td>
                  <td className="figure">{sumWords(line.one, unitOf(line.errorId))}</td>
                  <td className="figure">{sumWords(line.other, unitOf(line.errorId))}</td>
                  <td>
                    <Quiet>{error ? basisWords(error, basisOf(line.errorId), true) : ''}</Quiet>
                  </td>
                  <td>
                    {line.isBeyondChance && line.ratio ? (
                      <strong>
                        {division === 'student'
                          ? `${line.ratio.ratio < 1 ? oneName : otherName} more often`
                          : `${line.ratio.ratio < 1 ? 'less' : 'more'} ${inOther}`}
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
