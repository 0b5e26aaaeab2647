'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock, formatClockTenths, parseClock, type Span } from '@/core/clock';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { Button, Checkbox, Choice, TextField } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { SidePanel } from '../../SidePanel';
import {
  type ClockGround,
  driftWords,
  needsWords,
  type RoundClock,
  readable,
  readingWords,
  spreadWords,
} from './clockView';

const Panel = styled(SidePanel)`
  .clock, .new { border-top: 1px solid ${color.rule}; padding-top: ${space(3)}; display: flex; flex-direction: column; gap: ${space(2)}; }
  .row { display: flex; gap: ${space(3)}; align-items: flex-end; flex-wrap: wrap; }
  .reading { font-size: ${size.large}; font-variant-numeric: lining-nums tabular-nums; margin-left: auto; }
  .quiet { color: ${color.quiet}; font-size: ${size.small}; }
  p.problem { color: ${color.harm}; }
  li { display: flex; gap: ${space(2)}; align-items: center; }
`;

export interface ClocksPanelProps {
  readonly clocks: readonly RoundClock[];
  readonly problem?: string;
  readonly playhead: Playhead;
  readonly round: Span;
  readonly ground: ClockGround;
  readonly onSave: (clock: RoundClock) => Promise<boolean>;
  readonly onRemove: (id: string) => void;
  readonly onLeave: () => void;
}

/** The clocks that are seen in the footage, each tied to it at two or more moments. */
export function ClocksPanel(props: ClocksPanelProps) {
  const { clocks, problem, playhead, round, ground, onSave, onRemove, onLeave } = props;
  const { startSeconds } = round;
  const seconds = usePlayheadTime(playhead, 0.1);
  const read = clocks.flatMap((clock) => readable(clock, ground) ?? []);
  const spread = spreadWords(read, round);
  return (
    <Panel title="Clocks in the footage" onLeave={onLeave}>
      <p className="quiet">
        This moment: {formatClockTenths(seconds - startSeconds)} of the round, {formatClockTenths(seconds)} of the file.
      </p>
      {problem ? (
        <p className="problem" role="alert">
          {problem}
        </p>
      ) : null}
      {clocks.map((clock) => (
        <ClockLines
          key={clock.id}
          clock={clock}
          seconds={seconds}
          startSeconds={startSeconds}
          ground={ground}
          onSave={onSave}
          onRemove={() => onRemove(clock.id)}
          onLook={playhead.seek}
        />
      ))}
      {spread.map((words) => (
        <p key={words}>{words}</p>
      ))}
      <NewClock onSave={onSave} first={clocks.length === 0} />
    </Panel>
  );
}

function ClockLines({
  clock,
  seconds,
  startSeconds,
  ground,
  onSave,
  onRemove,
  onLook,
}: {
  readonly clock: RoundClock;
  readonly seconds: number;
  readonly startSeconds: number;
  readonly ground: ClockGround;
  readonly onSave: (clock: RoundClock) => Promise<boolean>;
  readonly onRemove: () => void;
  readonly onLook: (seconds: number) => void;
}) {
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string>();
  const asRead = readable(clock, ground);
  const tie = async () => {
    const readingSeconds = parseClock(text);
    if (readingSeconds === undefined) return setWrong('Write what the clock shows, as m:ss.');
    setWrong(undefined);
    if (await onSave({ ...clock, ties: [...clock.ties, { mediaSeconds: seconds, readingSeconds }] })) setText('');
  };
  return (
    <div className="clock">
      <div className="row">
        <h3>{clock.name}</h3>
        <span className="quiet">
          counts {clock.counts}, {asRead ? driftWords(asRead) : needsWords(clock)}
        </span>
        <span className="reading">{asRead ? readingWords(asRead, seconds).slice(clock.name.length + 1) : '–'}</span>
      </div>
      <ol>
        {clock.ties.map((one) => (
          <li key={one.mediaSeconds}>
            <Button look="plain" onPress={() => onLook(one.mediaSeconds)}>
              {formatClockTenths(one.mediaSeconds - startSeconds)}
            </Button>
            reads {formatClock(one.readingSeconds)}
            <Button
              look="plain"
              onPress={() => void onSave({ ...clock, ties: clock.ties.filter((other) => other !== one) })}
            >
              Untie
            </Button>
          </li>
        ))}
      </ol>
      <form
        className="row"
        onSubmit={(event) => {
          event.preventDefault();
          void tie();
        }}
      >
        <TextField label="It shows now" value={text} onChange={setText} problem={wrong} hint="m:ss" />
        <Button type="submit">Tie it here</Button>
        <Checkbox isSelected={clock.pauses} onChange={(pauses) => void onSave({ ...clock, pauses })}>
          stands still in stoppages
        </Checkbox>
        <Checkbox isSelected={clock.restarts} onChange={(restarts) => void onSave({ ...clock, restarts })}>
          set anew for each turn
        </Checkbox>
        <Button look="plain" onPress={onRemove}>
          Remove
        </Button>
      </form>
    </div>
  );
}

function NewClock({
  onSave,
  first,
}: {
  readonly onSave: (clock: RoundClock) => Promise<boolean>;
  readonly first: boolean;
}) {
  const [name, setName] = useState('');
  const [counts, setCounts] = useState<'up' | 'down'>('down');
  const add = async () => {
    const clock = {
      id: crypto.randomUUID(),
      name: name.trim(),
      counts,
      pauses: false,
      restarts: false,
      ties: [],
      version: 0,
    };
    if (await onSave(clock)) setName('');
  };
  return (
    <form
      className="new"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      {first ? (
        <p className="quiet">
          A clock on the wall or in the stream is tied to the footage where it can be read: twice at least, far apart.
          Then every mark can be read in its time, and how fast it runs is known.
        </p>
      ) : null}
      <div className="row">
        <TextField label="Another clock" value={name} onChange={setName} hint="wall, stream, table" />
        <Choice
          label="Counts"
          value={counts}
          onChange={setCounts}
          options={[
            { value: 'down', label: 'Down' },
            { value: 'up', label: 'Up' },
          ]}
        />
        <Button type="submit">Add</Button>
      </div>
    </form>
  );
}
