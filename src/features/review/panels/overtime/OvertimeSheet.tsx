import Image from 'next/image';
import Link from 'next/link';
import { type DisplayedClock, formatClock, formatClockTenths } from '@/core/clock';
import type { NoteMark } from '@/core/round';
import { clocksOverTurn, type OvertimeRecord, type OvertimeRules, type RecordedTurn } from '@/core/scoring';
import { dayWords } from '@/terms/dayWords';
import { Owl } from '@/ui/layout/Owl';
import { PrintButton } from '@/ui/layout/PrintButton';
import type { Names } from '../../reviewView';
import { OvertimePaper } from './OvertimePaper';
import {
  findingWords,
  neededWords,
  overtimeProblemWords,
  remarksOn,
  secondsWords,
  standingWords,
  startWords,
  turnClockWords,
  turnEndWords,
} from './overtimeView';

export interface OvertimeSheetProps {
  readonly round: {
    readonly id: string;
    readonly heldOn: string;
    readonly footageId?: string;
    readonly footageName?: string;
    readonly startSeconds: number;
  };
  readonly names: Names;
  readonly fullNames: Names;
  readonly ruleSetName: string;
  readonly rules: OvertimeRules;
  readonly record: OvertimeRecord;
  readonly clocks: readonly DisplayedClock[];
  readonly notes: readonly NoteMark[];
}

/** An overtime as evidence: every turn with its times of the footage and stills of its ends, the sums, and where the officials' figures differ. */
export function OvertimeSheet({
  round,
  names,
  fullNames,
  ruleSetName,
  rules,
  record,
  clocks,
  notes,
}: OvertimeSheetProps) {
  const { reading, differences, totalDifferences } = record;
  const findings = findingWords(record, names);
  const hasOfficial = record.turns.some(
    ({ mark }) => mark.officialSeconds !== undefined || mark.officialTotals || mark.announced,
  );
  const remarks = record.turns.flatMap(({ mark }, index) =>
    remarksOn(mark, record.turns[index + 1]?.mark.atSeconds, notes).map((words) => ({ turn: index + 1, words })),
  );
  const clockFindings = record.turns.flatMap(({ mark }, index) =>
    turnClockWords(clocksOverTurn(mark, clocks)).map(({ words }) => ({ turn: index + 1, words })),
  );
  const hasClock = record.turns.some(({ clockSeconds }) => clockSeconds !== undefined);
  return (
    <OvertimePaper>
      <div className="actions">
        <PrintButton />
        <Link href={`/rounds/${round.id}`}>Back to the round</Link>
      </div>
      <header>
        <Owl size={40} />
        <div>
          <h1>Overtime by escape time</h1>
          <div>
            {fullNames.a} and {fullNames.b}, {dayWords(round.heldOn)} · {ruleSetName}: {rules.turnsEach} turns each of
            at most {formatClock(rules.turnSeconds)}
          </div>
        </div>
      </header>
      <p className="verdict">
        {standingWords(reading, names)} {reading.next ? neededWords(reading.next, names, reading.missingTurn) : ''}
      </p>
      {record.problem ? <p role="alert">{overtimeProblemWords(record.problem)}</p> : null}
      <table>
        <thead>
          <tr>
            <th>Turn</th>
            <th>Who escapes, from where</th>
            <th>Begins</th>
            <th>Ends</th>
            <th>Footage gives</th>
            {hasClock ? <th>Clock gives</th> : null}
            {hasOfficial ? <th>Officials</th> : null}
            <th>{names.a}</th>
            <th>{names.b}</th>
          </tr>
        </thead>
        <tbody>
          {record.turns.map(({ mark, clockSeconds }, index) => {
            const turn = reading.turns[index];
            return (
              <tr key={mark.id} className={differences.some((one) => one.turn === index) ? 'differs' : undefined}>
                <td>{index + 1}</td>
                <td>
                  {names[mark.athlete]} from {startWords[mark.from]}
                </td>
                <td>{formatClockTenths(mark.atSeconds)}</td>
                <td>
                  {mark.endSeconds === undefined
                    ? record.open === mark
                      ? 'running'
                      : 'not marked'
                    : formatClockTenths(mark.endSeconds)}
                </td>
                <td>{turn ? turnEndWords(turn) : 'not summed'}</td>
                {hasClock ? <td>{clockSeconds === undefined ? '' : secondsWords(clockSeconds)}</td> : null}
                {hasOfficial ? (
                  <td>{mark.officialSeconds === undefined ? '' : secondsWords(mark.officialSeconds)}</td>
                ) : null}
                {(['a', 'b'] as const).map((athlete) => {
                  const differs = totalDifferences.find((one) => one.turn === index && one.athlete === athlete);
                  return (
                    <td key={athlete} className={differs ? 'sum differs' : 'sum'}>
                      {turn ? secondsWords(turn.totals[athlete]) : ''}
                      {differs ? <small>officials {secondsWords(differs.officialSeconds)}</small> : null}
                    </td>
                  );
                })}
              </tr>
            );
          })}
        </tbody>
      </table>
      {hasOfficial ? (
        <>
          <h2>The officials’ figures</h2>
          {findings.length > 0 ? (
            <ul className="findings" aria-label="Differences from the officials">
              {findings.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
          ) : (
            <p>
              {record.announced?.isOpen
                ? 'What they announced is held against the footage when every turn has its end.'
                : 'They agree with the footage within a second.'}
            </p>
          )}
        </>
      ) : null}
      <TurnNotes title="Clocks in the footage" lines={clockFindings} />
      <TurnNotes title="Remarks" lines={remarks} />
      {round.footageId ? (
        <>
          <h2>Stills of each turn</h2>
          <div className="stills">
            {record.turns.map((turn, index) => (
              <Stills key={turn.mark.id} turn={turn} index={index} footageId={round.footageId!} />
            ))}
          </div>
        </>
      ) : null}
      <p className="small">
        Times are of the file {round.footageName ?? ''}, from its start, to the tenth; the round begins at{' '}
        {formatClockTenths(round.startSeconds)}. A press is good to a picture or two; readings farther apart than a
        second are called different. The event’s own rules and its officials come first.
      </p>
    </OvertimePaper>
  );
}

function TurnNotes({
  title,
  lines,
}: {
  readonly title: string;
  readonly lines: readonly { readonly turn: number; readonly words: string }[];
}) {
  if (lines.length === 0) return null;
  return (
    <>
      <h2>{title}</h2>
      <ul className="findings" aria-label={title}>
        {lines.map(({ turn, words }) => (
          <li key={`${turn} ${words}`}>
            Turn {turn}: {words}
          </li>
        ))}
      </ul>
    </>
  );
}

function Stills({
  turn: { mark },
  index,
  footageId,
}: {
  readonly turn: RecordedTurn;
  readonly index: number;
  readonly footageId: string;
}) {
  const still = (seconds: number, what: string) => (
    <figure>
      <Image
        unoptimized
        src={`/api/footage/${footageId}/picture?at=${seconds.toFixed(3)}`}
        alt={`Turn ${index + 1}, ${what}`}
        width={320}
        height={180}
      />
      <figcaption>
        Turn {index + 1}, {what} {formatClockTenths(seconds)}
      </figcaption>
    </figure>
  );
  return (
    <div className="pair">
      {still(mark.atSeconds, 'begins')}
      {mark.endSeconds !== undefined ? still(mark.endSeconds, mark.end === 'escaped' ? 'free' : 'ends') : null}
    </div>
  );
}
