'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { exposureUnit } from '@/core/figures';
import { parseCalendarDate } from '@/core/kernel';
import type { PeriodDifference, RecurringError } from '@/core/patterns';
import { beltWords, findError } from '@/core/vocabulary';
import { DayField } from '@/forms/DayField';
import type { Division } from '@/server/students/studentInput';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { Select } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';
import type { BeltsAndWeightsProps } from '../past/BeltsAndWeights';
import type { KeepingProps } from '../past/Keeping';
import { basisWords } from '../studentView';
import { useStudentAddress } from '../useStudentAddress';

const Choices = styled.div`
  display: grid; grid-template-columns: 240px 240px; gap: ${space(4)}; margin-bottom: ${space(3)}; align-items: start;
  @media (max-width: 860px) { grid-template-columns: 1fr; }
  @media print { display: none; }
`;

const divisions: Readonly<Record<Division, { label: string; one: string; other: string; inOther: string }>> = {
  day: { label: 'before and since a day', one: 'before', other: 'since', inOther: 'since' },
  belt: { label: 'before and since a belt', one: 'before', other: 'since', inOther: 'since' },
  injury: { label: 'before and since an injury', one: 'before', other: 'since', inOther: 'since' },
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

interface OwnDayProps {
  readonly day: string;
  readonly onChange: (day: string) => void;
}

/** A day of the coach's own; one that does not exist changes nothing yet. */
function OwnDay({ day, onChange }: OwnDayProps) {
  const [written, setWritten] = useState(day);
  return (
    <DayField
      label="The day"
      value={written}
      onChange={(next) => {
        setWritten(next);
        if (parseCalendarDate(next)) onChange(next);
      }}
      problem={parseCalendarDate(written) ? undefined : 'Write a day that exists, such as 24 Nov.'}
    />
  );
}

interface DayChoice {
  readonly day: string;
  readonly words: string;
}

/** Belts newest first; the first that is known parts nothing. */
const beltDays = (belts: TwoPeriodsProps['belts']): DayChoice[] =>
  belts
    .slice(1)
    .reverse()
    .map(({ sinceDay, belt, stripes }) => ({
      day: sinceDay,
      words: `${beltWords(belt, stripes)}, ${dayWords(sinceDay)}`,
    }));

const hurtDays = (hurts: TwoPeriodsProps['hurts']): DayChoice[] =>
  hurts.map(({ heldOn, hurt }) => ({ day: heldOn, words: `${hurt}, ${dayWords(heldOn)}` }));

interface PartingDayProps {
  readonly label: string;
  readonly days: readonly DayChoice[];
  readonly day: string | undefined;
  readonly onChange: (day: string) => void;
}

function PartingDay({ label, days, day, onChange }: PartingDayProps) {
  if (days.length === 0) return null;
  const once = days.filter((one, at) => days.findIndex((other) => other.day === one.day) === at);
  return (
    <Select
      label={label}
      value={day}
      onChange={onChange}
      options={once.map((one) => ({ value: one.day, label: one.words }))}
    />
  );
}

/** What the comparison comes to, or what is lacking for one. */
function summaryWords(
  division: Division,
  { day, differences }: TwoPeriodsProps['compared'],
  beside: string | undefined,
): string {
  if (division === 'student' && !beside) return 'Choose who stands beside.';
  if (division === 'belt' && day === undefined)
    return 'No change of belt is known. A new belt is noted under “Change details”.';
  if (division === 'injury' && day === undefined) return 'No card of these rounds says that something hurt.';
  const { one, other } = divisions[division];
  const isBare = (side: 'one' | 'other') => differences.every((line) => line[side].exposure === 0);
  if (differences.length > 0 && division !== 'student' && (isBare('one') || isBare('other')))
    return `Nothing of the kind “${isBare('one') ? one : other}” is among these rounds. Other days can be chosen above.`;
  const differing = differences.filter((line) => line.isBeyondChance).length;
  if (differing === 0) return 'Nothing differs beyond chance.';
  return `${differing === 1 ? 'One error differs' : `${differing} errors differ`} beyond chance.`;
}

/** Lines at first. */
const SHOWN = 6;

export interface TwoPeriodsProps {
  readonly side: { readonly division: Division; readonly otherId?: string };
  readonly name: string;
  readonly compared: {
    readonly differences: readonly PeriodDifference[];
    /** Undefined where no belt or injury is known that parts two periods. */
    readonly day?: string;
    readonly others: readonly { readonly id: string; readonly name: string }[];
  };
  /** By what each error is counted. */
  readonly errors: readonly RecurringError[];
  readonly belts: BeltsAndWeightsProps['belts'];
  readonly hurts: KeepingProps['hurts'];
}

/** Two sets of rounds side by side, of this student or of this and another one: what differs beyond chance, first. */
export function TwoPeriods({ side, name, compared, errors, ...past }: TwoPeriodsProps) {
  const wordOf = useWordOf();
  const { look, isLoading } = useStudentAddress();
  const { division, otherId } = side;
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
        {division === 'day' ? <OwnDay day={compared.day ?? ''} onChange={(day) => look({ day })} /> : null}
        {division === 'belt' || division === 'injury' ? (
          <PartingDay
            label={division === 'belt' ? 'The belt' : 'What hurt'}
            days={division === 'belt' ? beltDays(past.belts) : hurtDays(past.hurts)}
            day={compared.day}
            onChange={(day) => look({ day })}
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
      <p>{summaryWords(division, compared, beside)}</p>
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
