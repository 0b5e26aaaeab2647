'use client';

import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import {
  type BoardDifference,
  type PointsRules,
  type RefereePoints,
  type ScoreReading,
  scoreAt,
  whatIsAsked,
  winnerOf,
} from '@/core/scoring';
import { type Playhead, usePlayheadTime } from '@/player/usePlayhead';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { Evidence } from '../../evidence/EvidenceDialog';
import type { Names } from '../../reviewView';
import { SidePanel } from '../../SidePanel';
import { scorePacket } from './scorePacket';
import {
  askedWords,
  differenceWords,
  givenWords,
  holdWords,
  lostWords,
  outcomeWords,
  refereeWords,
  tallyWords,
  whatWords,
} from './scoreView';

const Matter = styled.div`
  display: contents;
  .sum { display: flex; gap: ${space(6)}; align-items: baseline; font-family: ${font.serif}; font-size: 24px; }
  .sum small { font-family: ${font.sans}; font-size: ${size.small}; color: ${color.quiet}; margin-left: auto; }
  li { display: grid; grid-template-columns: 46px minmax(0, 1fr) auto; gap: ${space(2)}; padding: 3px 0; align-items: baseline; }
  li small { color: ${color.quiet}; font-size: ${size.small}; }
  .differs li { grid-template-columns: 46px minmax(0, 1fr); color: ${color.focusText}; }
`;

export interface ScorePanelProps {
  readonly roundId: string;
  readonly ruleSetName: string;
  readonly reading: ScoreReading;
  readonly differences: readonly BoardDifference[];
  readonly hasBoard: boolean;
  /** What the referee gave, as it was called. */
  readonly given: readonly RefereePoints[];
  readonly rules: PointsRules;
  readonly plannedSeconds: number;
  readonly playhead: Playhead;
  readonly names: Names;
  readonly startSeconds: number;
  readonly onLook: (seconds: number) => void;
  readonly onLeave: () => void;
}

/** The score as the marks give it, with what was held and what was not, and the official board beside it. */
export function ScorePanel(props: ScorePanelProps) {
  const { ruleSetName, reading, differences, hasBoard, given, names, startSeconds, onLook, onLeave } = props;
  const at = (seconds: number) => (
    <button type="button" className="at" onClick={() => onLook(Math.max(startSeconds, seconds - 1))}>
      {formatClock(seconds - startSeconds)}
    </button>
  );
  return (
    <SidePanel title="Score" onLeave={onLeave}>
      <Matter>
        <div className="sum">
          <span data-athlete="a">
            {names.a} {tallyWords(reading.final.a)}
          </span>
          <span data-athlete="b">
            {names.b} {tallyWords(reading.final.b)}
          </span>
          <small>{outcomeWords(reading, winnerOf(reading), names)}</small>
        </div>
        <AskedNow {...props} />
        {reading.events.length > 0 ? (
          <ol aria-label="What scored">
            {reading.events.map((event) => (
              <li key={`${event.markId} ${event.what} ${event.athlete} ${event.atSeconds}`}>
                {at(event.hold?.startSeconds ?? event.atSeconds)}
                <span>
                  <span data-athlete={event.athlete}>{names[event.athlete]}</span> {whatWords[event.what]}{' '}
                  <small>{holdWords(event, startSeconds)}</small>
                </span>
                <strong>{givenWords(event)}</strong>
              </li>
            ))}
          </ol>
        ) : (
          <p>Nothing has scored yet.</p>
        )}
        {differences.length > 0 ? (
          <>
            <h3>Where the official score differs</h3>
            <ol className="differs" aria-label="Differences">
              {differences.map((one) => (
                <li key={`${one.boardMarkId} ${one.athlete} ${one.field}`}>
                  {at(one.atSeconds)}
                  <span>{differenceWords(one, names, startSeconds)}</span>
                </li>
              ))}
            </ol>
          </>
        ) : (
          <p>
            {hasBoard
              ? 'The official score agrees with the marks.'
              : `Write what the board shows as a call: “board 4 2”. The referee’s calls: “${names.a.toLowerCase()} advantage”, “${names.b.toLowerCase()} penalty”.`}
          </p>
        )}
        {given.length > 0 ? (
          <>
            <h3>What the referee gave</h3>
            <ol aria-label="What the referee gave">
              {given.map((one) => (
                <li key={one.markId}>
                  {at(one.atSeconds)}
                  <span>
                    <span data-athlete={one.athlete}>{names[one.athlete]}</span>{' '}
                    <small>{refereeWords(one, startSeconds)}</small>
                  </span>
                  <strong>+{one.points}</strong>
                </li>
              ))}
            </ol>
          </>
        ) : null}
        {reading.lost.length > 0 ? (
          <>
            <h3>What did not score, and why</h3>
            <ol aria-label="What did not score">
              {reading.lost.map((one) => (
                <li key={`${one.markId} ${one.what} ${one.athlete} ${one.atSeconds}`}>
                  {at(one.atSeconds)}
                  <span>
                    <span data-athlete={one.athlete}>{names[one.athlete]}</span> {whatWords[one.what]}
                  </span>
                  <small>{lostWords(one)}</small>
                </li>
              ))}
            </ol>
          </>
        ) : null}
        {reading.events.length > 0 ? <Evidence roundId={props.roundId} packet={() => scorePacket(props)} /> : null}
        <p>{ruleSetName}. The event’s own rules and its referee come first.</p>
      </Matter>
    </SidePanel>
  );
}

/** What the score and the clock ask for at the moment that is looked at. */
function AskedNow({ reading, rules, plannedSeconds, playhead, startSeconds, names }: ScorePanelProps) {
  const seconds = usePlayheadTime(playhead, 1);
  const asked = whatIsAsked(scoreAt(reading, seconds), rules, seconds - startSeconds, plannedSeconds);
  return <p>Here: {askedWords(asked, names)}</p>;
}
