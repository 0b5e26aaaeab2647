'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock, formatClockTenths, parseClock } from '@/core/clock';
import { type TurnMark, turnEnds, turnStarts } from '@/core/round';
import type { RecordedTurn } from '@/core/scoring';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { Button, Select, TextField } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { Names } from '../reviewView';
import { SidePanel } from '../SidePanel';
import {
  findingWords,
  neededWords,
  overtimeProblemWords,
  secondsWords,
  standingWords,
  turnEndWords,
  withEnd,
  withOtherEscaper,
} from './overtimeView';
import type { Overtime } from './useOvertime';

const Matter = styled.div`
  display: contents;
  .sums { display: flex; gap: ${space(6)}; align-items: baseline; font-family: ${font.serif}; font-size: 24px; }
  .needed { font-size: ${size.body}; color: ${color.ink}; }
  .running { font-family: ${font.serif}; font-size: ${size.large}; }
  .running strong { font-size: 24px; font-variant-numeric: lining-nums tabular-nums; }
  .turns li { border-top: 1px solid ${color.rule}; padding: ${space(2)} 0; display: flex; flex-direction: column; gap: ${space(2)}; }
  .line { display: flex; gap: ${space(2)}; align-items: baseline; flex-wrap: wrap; }
  .line .far { margin-left: auto; white-space: nowrap; }
  .line .far button { font-size: ${size.small}; padding: 0 0 0 ${space(2)}; min-height: 0; }
  .findings { color: ${color.focusText}; display: flex; flex-direction: column; gap: ${space(1)}; }
  .fields { display: grid; grid-template-columns: repeat(4, minmax(0, 1fr)); gap: ${space(2)}; align-items: end; }
  .fields.two { grid-template-columns: repeat(2, minmax(0, 1fr)); }
`;

export interface OvertimePanelProps {
  readonly overtime: Overtime;
  readonly roundId: string;
  readonly names: Names;
  readonly playhead: Playhead;
  readonly startSeconds: number;
  readonly onLeave: () => void;
}

/** The turns of an overtime by escape time, their sums, what comes next, and the officials' figures beside them. */
export function OvertimePanel({ overtime, roundId, names, playhead, startSeconds, onLeave }: OvertimePanelProps) {
  const { record, rules } = overtime;
  if (!rules) return null;
  const reading = record?.reading;
  const findings = record ? findingWords(record, names) : [];
  const last = record?.turns.filter((turn) => turn.mark.end).at(-1);
  return (
    <SidePanel title="Overtime by escape time" onLeave={onLeave}>
      <Matter>
        <p>
          Press H when a turn begins and again when they are free; a tap or a turn that ran out is said below. Each turn
          lasts at most {formatClock(rules.turnSeconds)}, {rules.turnsEach} each.
        </p>
        {record?.open ? <Running turn={record.open} names={names} playhead={playhead} /> : null}
        {reading && reading.turns.length > 0 ? (
          <>
            <div className="sums">
              {(['a', 'b'] as const).map((athlete) => (
                <span key={athlete} data-athlete={athlete}>
                  {names[athlete]} {secondsWords(reading.totals[athlete])}
                </span>
              ))}
            </div>
            <p className="needed">
              {standingWords(reading, names)} {reading.next ? neededWords(reading.next, names) : ''}
            </p>
          </>
        ) : null}
        {record?.problem ? (
          <p className="doubt" role="alert">
            {overtimeProblemWords(record.problem)}
          </p>
        ) : null}
        {findings.length > 0 ? (
          <>
            <h3>Where the officials’ figures differ</h3>
            <ol className="findings" aria-label="Differences from the officials">
              {findings.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ol>
          </>
        ) : null}
        {record ? (
          <ol className="turns" aria-label="Turns">
            {record.turns.map((turn, index) => (
              <TurnLines
                key={turn.mark.id}
                {...{ turn, index, overtime, names, startSeconds }}
                words={reading?.turns[index] && turnEndWords(reading.turns[index])}
                onLook={playhead.seek}
              />
            ))}
          </ol>
        ) : null}
        {last ? <Sums key={last.mark.id} turn={last.mark} names={names} overtime={overtime} /> : null}
        {record ? (
          <Link href={`/rounds/${roundId}/overtime`}>The evidence sheet, to print</Link>
        ) : (
          <p>No turn is marked yet.</p>
        )}
        <p>Presses are good to a picture or two; the event’s own rules and its officials come first.</p>
      </Matter>
    </SidePanel>
  );
}

function Running({
  turn,
  names,
  playhead,
}: {
  readonly turn: TurnMark;
  readonly names: Names;
  readonly playhead: Playhead;
}) {
  const seconds = usePlayheadTime(playhead, 0.1);
  return (
    <p className="running" role="timer">
      <span data-athlete={turn.athlete}>{names[turn.athlete]}</span> escapes from {turn.from}:{' '}
      <strong>{formatClockTenths(Math.max(0, seconds - turn.atSeconds))}</strong>
    </p>
  );
}

const endLabels = { escaped: 'escaped', tapped: 'tapped', 'ran-out': 'no escape' } as const;
const startLabels = { back: 'back', arm: 'arm-lock' } as const;

function TurnLines({
  turn: { mark, clockSeconds, clockDiffers },
  index,
  overtime,
  names,
  words,
  startSeconds,
  onLook,
}: {
  readonly turn: RecordedTurn;
  readonly index: number;
  readonly overtime: Overtime;
  readonly names: Names;
  readonly words: string | undefined;
  readonly startSeconds: number;
  readonly onLook: (seconds: number) => void;
}) {
  const turnSeconds = overtime.rules?.turnSeconds ?? 120;
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
        {mark.endSeconds !== undefined ? (
          <button type="button" className="at" onClick={() => onLook(mark.endSeconds!)}>
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
    </li>
  );
}

/** A time as m:ss; empty takes it away, nonsense stays in the field and is told. */
function TimeField({
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

/** The sums that the officials gave out after the last turn that is over. */
function Sums({
  turn,
  names,
  overtime,
}: {
  readonly turn: TurnMark;
  readonly names: Names;
  readonly overtime: Overtime;
}) {
  const [said, setSaid] = useState<Partial<Record<'a' | 'b', number>>>(turn.officialTotals ?? {});
  const take = (athlete: 'a' | 'b', seconds: number | undefined) => {
    const next: Partial<Record<'a' | 'b', number>> = { ...said, [athlete]: seconds };
    const { a, b } = next;
    setSaid(next);
    const officialTotals = a !== undefined && b !== undefined ? { a, b } : undefined;
    if (officialTotals || turn.officialTotals) overtime.change(turn, { ...turn, officialTotals });
  };
  return (
    <div className="fields two">
      {(['a', 'b'] as const).map((athlete) => (
        <TimeField
          key={athlete}
          label={`Officials’ sum, ${names[athlete]}`}
          seconds={said[athlete]}
          onTime={(seconds) => take(athlete, seconds)}
        />
      ))}
    </div>
  );
}
