'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { parseCalendarDate } from '@/core/kernel';
import { narrows, type PartnerGroup, partnerGroups, type RoundFilter } from '@/core/patterns';
import { DayField } from '@/forms/DayField';
import type { StudentParameters } from '@/server/students/studentInput';
import { dayWords } from '@/terms/dayWords';
import { Button, Select } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { partnerGroupWords } from './partnerGroupWords';
import { useStudentAddress } from './useStudentAddress';

const Bar = styled.div`
  font-size: ${size.small}; color: ${color.quiet};
  .said { display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(3)}; align-items: center; min-height: 32px; }
  .part { border: 1px solid ${color.strongRule}; background: ${color.focusWash}; color: ${color.ink}; padding: 1px ${space(2)}; cursor: pointer; font: inherit; }
  .fields { display: grid; grid-template-columns: repeat(5, minmax(0, 1fr)); gap: ${space(4)}; margin-top: ${space(2)}; align-items: start; }
  @media (max-width: 860px) { .fields { grid-template-columns: 1fr 1fr; } }
  @media print { button { display: none; } .part { display: inline; border: 0; } .fields { display: none; } }
`;

const PROBLEM = 'Write a day that exists, such as 24 Nov.';

/** A day that is looked at once it is whole. */
function DayLooked({ label, day, onDay }: { label: string; day: string | undefined; onDay: (day: string) => void }) {
  const [text, setText] = useState(day ?? '');
  const isRight = text === '' || parseCalendarDate(text) !== undefined;
  return (
    <DayField
      label={label}
      value={text}
      onChange={(next) => {
        setText(next);
        if (next === '' || parseCalendarDate(next)) onDay(next);
      }}
      problem={isRight ? undefined : PROBLEM}
    />
  );
}

export interface WhichRoundsProps {
  readonly filter: RoundFilter;
  readonly met: readonly { readonly id: string; readonly name: string }[];
}

/** Which rounds everything on the page is about: all of them, or those with somebody, of a kind of partners, in gi or without, of some days. */
export function WhichRounds({ filter, met }: WhichRoundsProps) {
  const [open, setOpen] = useState(false);
  const { look, isLoading } = useStudentAddress();
  const { partnerId, against, uniform, fromDay, toDay } = filter;
  const partner = met.find((one) => one.id === partnerId)?.name ?? 'one partner';
  const parts: readonly (readonly [words: string | undefined, change: StudentParameters])[] = [
    [partnerId && `with ${partner}`, { with: '' }],
    [against && `against partners ${partnerGroupWords[against]}`, { against: '' }],
    [uniform && `in ${uniform}`, { uniform: '' }],
    [fromDay && `since ${dayWords(fromDay)}`, { from: '' }],
    [toDay && `until ${dayWords(toDay)}`, { to: '' }],
  ];
  return (
    <Bar aria-busy={isLoading}>
      <div className="said">
        <span>{narrows(filter) ? 'Only rounds' : 'All rounds count.'}</span>
        {parts.map(([words, change]) =>
          words ? (
            <button
              key={words}
              type="button"
              className="part"
              onClick={() => look(change)}
              aria-label={`Not only ${words}`}
            >
              {words} ×
            </button>
          ) : null,
        )}
        <Button look="plain" onPress={() => setOpen(!open)} aria-expanded={open}>
          {open ? 'Done' : 'Only some rounds'}
        </Button>
        {isLoading ? <span role="status">working it out …</span> : null}
      </div>
      {open ? (
        <div className="fields">
          <Select
            label="With"
            value={partnerId ?? 'all'}
            onChange={(id) => look({ with: id === 'all' ? '' : id })}
            options={[
              { value: 'all', label: 'anybody' },
              ...met.map(({ id, name }) => ({ value: id, label: name })),
              ...(partnerId && !met.some((one) => one.id === partnerId) ? [{ value: partnerId, label: partner }] : []),
            ]}
          />
          <Select
            label="Partners who are"
            value={against ?? 'all'}
            onChange={(group: PartnerGroup | 'all') => look({ against: group === 'all' ? '' : group })}
            options={[
              { value: 'all', label: 'of any kind' },
              ...partnerGroups.map((group) => ({ value: group, label: partnerGroupWords[group] })),
            ]}
          />
          <Select
            label="In"
            value={uniform ?? 'all'}
            onChange={(worn) => look({ uniform: worn === 'all' ? '' : worn })}
            options={[
              { value: 'all', label: 'gi and no-gi' },
              { value: 'gi', label: 'gi' },
              { value: 'no-gi', label: 'no-gi' },
            ]}
          />
          <DayLooked label="Since" day={fromDay} onDay={(from) => look({ from })} />
          <DayLooked label="Until" day={toDay} onDay={(to) => look({ to })} />
        </div>
      ) : null}
    </Bar>
  );
}
