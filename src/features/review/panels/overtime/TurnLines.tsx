'use client';

import { useState } from 'react';
import { type DisplayedClock, formatClockTenths } from '@/core/clock';
import { type TurnMark, turnEnds, turnStarts } from '@/core/round';
import { clocksOverTurn, type RecordedTurn } from '@/core/scoring';
import { Button, Select, TextField } from '@/ui/primitives';
import type { Names } from '../../reviewView';
import { secondsWords, turnClockWords, withEnd, withOtherEscaper } from './overtimeView';
import { TimeField } from './TimeField';
import type { Overtime } from './useOvertime';

const endLabels = { escaped: 'escaped', tapped: 'tapped', 'ran-out': 'no escape' } as const;
const startLabels = { back: 'back', arm: 'arm-lock' } as const;

/** One turn: its ends, how it ended, what a clock and the officials gave, and what was remarked. */
export function TurnLines({
  turn: { mark, clockSeconds, clockDiffers },
  index,
  overtime,
  clocks,
  names,
  words,
  startSeconds,
  onLook,
}: {
  readonly turn: RecordedTurn;
  readonly index: number;
  readonly overtime: Overtime;
  readonly clocks: readonly DisplayedClock[];
  readonly names: Names;
  readonly words: string | undefined;
  readonly startSeconds: number;
  readonly onLook: (seconds: number) => void;
}) {
  const turnSeconds = overtime.rules?.turnSeconds ?? 120;
  const end = mark.endSeconds;
  const change = (after: TurnMark) => overtime.change(mark, after);
  return (
    <li>
      <div className="line">
        <button type="button" className="at" onClick={() => onLook(mark.atSeconds)}>
          {formatClockTenths(mark.atSeconds - startSeconds)}
        </button>
        <span>
          {index + 1}. <span data-athlete={mark.athlete}>{names[mark.athlete]}</span> {words ?? 'not summed'}
        </span>
        {end !== undefined ? (
          <button type="button" className="at" onClick={() => onLook(end)}>
            end
          </button>
        ) : null}
        <span className="far">
          <Button look="plain" onPress={() => change(withOtherEscaper(mark))}>
            Other athlete
          </Button>
          <Button look="plain" onPress={() => overtime.remove(mark)}>
            Delete
          </Button>
        </span>
      </div>
      <div className="fields">
        <Select
          label="From"
          value={mark.from}
          onChange={(from) => change({ ...mark, from })}
          options={turnStarts.map((value) => ({ value, label: startLabels[value] }))}
        />
        <Select
          label="It ended"
          value={mark.end}
          onChange={(end) => change(withEnd(mark, end, turnSeconds))}
          options={turnEnds.map((value) => ({ value, label: endLabels[value] }))}
        />
        <TimeField
          label="Clock showed"
          seconds={mark.clockSeconds}
          onTime={(seconds) => change({ ...mark, clockSeconds: seconds })}
        />
        <TimeField
          label="Officials gave"
          seconds={mark.officialSeconds}
          onTime={(seconds) => change({ ...mark, officialSeconds: seconds })}
        />
      </div>
      {clockSeconds !== undefined ? (
        <p className={clockDiffers ? 'doubt' : undefined}>
          The clock gives {secondsWords(clockSeconds)}
          {clockDiffers ? ': it disagrees with the presses. Look at both ends again.' : ', as the presses do.'}
        </p>
      ) : null}
      {turnClockWords(clocksOverTurn(mark, clocks)).map((one) => (
        <p key={one.words} className={one.isDoubt ? 'doubt' : undefined}>
          {one.words}
        </p>
      ))}
      <RemarkField remark={mark.note ?? ''} onRemark={(note) => change({ ...mark, note })} />
    </li>
  );
}

function RemarkField({ remark, onRemark }: { readonly remark: string; readonly onRemark: (note?: string) => void }) {
  const [text, setText] = useState(remark);
  const take = () => text.trim() !== remark && onRemark(text.trim() || undefined);
  return (
    <TextField
      label="Remark, such as what the referee called an escape"
      value={text}
      onChange={setText}
      maxLength={2000}
      onBlur={take}
      onKeyDown={(event) => event.key === 'Enter' && take()}
    />
  );
}
