'use client';

import { useState } from 'react';
import { formatClockTenths, parseClock } from '@/core/clock';
import { TextField } from '@/ui/primitives';

/** A time as m:ss; empty takes it away, nonsense stays in the field and is told. */
export function TimeField({
  label,
  seconds,
  onTime,
}: {
  readonly label: string;
  readonly seconds: number | undefined;
  readonly onTime: (seconds: number | undefined) => void;
}) {
  const [text, setText] = useState(seconds === undefined ? '' : formatClockTenths(seconds).replace(/\.0$/, ''));
  const [problem, setProblem] = useState<string>();
  const take = () => {
    const time = text.trim() === '' ? undefined : parseClock(text.trim());
    const wrong = text.trim() !== '' && (time === undefined || time < 0 || time > 3600);
    setProblem(wrong ? 'As m:ss.' : undefined);
    if (!wrong && time !== seconds) onTime(time);
  };
  return (
    <TextField
      label={label}
      value={text}
      onChange={setText}
      problem={problem}
      onBlur={take}
      onKeyDown={(event) => event.key === 'Enter' && take()}
    />
  );
}
