'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { type DisplayedClock, formatClock, formatClockTenths } from '@/core/clock';
import type { NoteMark, TurnMark } from '@/core/round';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { Evidence } from '../../evidence/EvidenceDialog';
import type { Names } from '../../reviewView';
import { SidePanel } from '../../SidePanel';
import { OfficialResult } from './OfficialResult';
import { overtimePacket } from './overtimePacket';
import {
  findingWords,
  neededWords,
  overtimeProblemWords,
  secondsWords,
  standingWords,
  turnEndWords,
} from './overtimeView';
import { TurnLines } from './TurnLines';
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
  .fields.one { grid-template-columns: minmax(0, 1fr); }
`;

export interface OvertimePanelProps {
  readonly overtime: Overtime;
  readonly clocks: readonly DisplayedClock[];
  /** What was remarked in the round. */
  readonly notes: readonly NoteMark[];
  readonly roundId: string;
  readonly names: Names;
  readonly playhead: Playhead;
  readonly startSeconds: number;
  readonly onLeave: () => void;
}

/** The turns of an overtime by escape time, their sums, what comes next, and the officials' figures beside them. */
export function OvertimePanel({
  overtime,
  clocks,
  notes,
  roundId,
  names,
  playhead,
  startSeconds,
  onLeave,
}: OvertimePanelProps) {
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
              {standingWords(reading, names)}{' '}
              {reading.next ? neededWords(reading.next, names, reading.missingTurn) : ''}
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
                {...{ turn, index, overtime, clocks, names, startSeconds }}
                words={reading?.turns[index] && turnEndWords(reading.turns[index])}
                onLook={playhead.seek}
              />
            ))}
          </ol>
        ) : null}
        {last ? <OfficialResult key={last.mark.id} turn={last.mark} names={names} overtime={overtime} /> : null}
        {record ? (
          <>
            <Link href={`/rounds/${roundId}/overtime`}>The evidence sheet, to print</Link>
            <Evidence roundId={roundId} packet={() => overtimePacket(record, names, startSeconds, notes)} />
          </>
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
