'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { parseCalendarDate, readDay } from '@/core/kernel';
import { dayWords } from '@/terms/dayWords';
import { CalendarButton, TextField } from '@/ui/primitives';
import { dayOrderOf, localToday } from './dayOrder';

const Line = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) auto; align-items: start;
  > button { margin-top: 22px; }
`;

export interface DayFieldProps {
  readonly label: string;
  /** The day as YYYY-MM-DD, empty for none, or what was written and is no day. */
  readonly value: string;
  /** Told of the day as YYYY-MM-DD where it can be read, else of what was written: the check of the form refuses that with words. */
  readonly onChange: (day: string) => void;
  readonly problem?: string;
  /** What stands below while nothing is written. */
  readonly hint?: string;
}

/** How a day stands in the field: with its year always, so that it is read the same when it is changed. */
const shown = (value: string): string => (parseCalendarDate(value) ? dayWords(value, Number.NaN) : value);

/** A day that is typed as one writes it, or picked from a month. */
export function DayField({ label, value, onChange, problem, hint }: DayFieldProps) {
  const [text, setText] = useState(() => shown(value));
  const [told, setTold] = useState(value);
  // The form was filled by something else than this field: it shows that.
  if (told !== value) {
    setTold(value);
    setText(shown(value));
  }
  const tell = (day: string) => {
    setTold(day);
    onChange(day);
  };
  const type = (typed: string) => {
    setText(typed);
    tell(readDay(typed, localToday(), dayOrderOf(navigator.language)) ?? typed.trim());
  };
  const read = parseCalendarDate(value);
  const isWritten = text.trim() !== '';
  return (
    <Line>
      <TextField
        label={label}
        value={text}
        onChange={type}
        onBlur={() => setText(shown(value))}
        hint={
          isWritten
            ? read && text !== shown(value)
              ? dayWords(read, Number.NaN)
              : undefined
            : (hint ?? 'such as 24 Nov')
        }
        problem={problem}
      />
      <CalendarButton
        label={label}
        value={read ?? ''}
        onChoose={(day) => {
          setText(shown(day));
          tell(day);
        }}
      />
    </Line>
  );
}
