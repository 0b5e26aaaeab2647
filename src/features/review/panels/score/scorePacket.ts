import { formatClock } from '@/core/clock';
import { type BoardDifference, type RefereePoints, type ScoreReading, winnerOf } from '@/core/scoring';
import type { PacketContent } from '@/server/packets/packetInput';
import type { Names } from '../../reviewView';
import {
  differenceWords,
  givenWords,
  holdWords,
  lostWords,
  outcomeWords,
  refereeWords,
  tallyWords,
  whatWords,
} from './scoreView';

export interface ScoreShown {
  readonly reading: ScoreReading;
  readonly differences: readonly BoardDifference[];
  readonly given: readonly RefereePoints[];
  readonly names: Names;
  readonly startSeconds: number;
  readonly ruleSetName: string;
}

/** The score of a round as evidence: what scored, what did not and why, each at its time, and where the board differs. */
export function scorePacket({
  reading,
  differences,
  given,
  names,
  startSeconds,
  ruleSetName,
}: ScoreShown): PacketContent {
  const at = (seconds: number) => formatClock(seconds - startSeconds);
  const { a, b } = reading.final;
  const entries = [
    ...reading.events.map((event) => ({
      ...{ atSeconds: event.hold?.startSeconds ?? event.atSeconds, endSeconds: event.atSeconds },
      at: at(event.hold?.startSeconds ?? event.atSeconds),
      title: `${names[event.athlete]}: ${whatWords[event.what]}, ${givenWords(event)}`,
      words: holdWords(event, startSeconds) ?? '',
    })),
    ...reading.lost.map((one) => ({
      ...{ atSeconds: one.atSeconds, endSeconds: one.atSeconds + one.heldSeconds, at: at(one.atSeconds) },
      title: `${names[one.athlete]}: ${whatWords[one.what]}, not scored`,
      words: lostWords(one),
    })),
  ].sort((one, other) => one.atSeconds - other.atSeconds);
  return {
    title: 'The score from the footage',
    lead: `${names.a} ${tallyWords(a)}, ${names.b} ${tallyWords(b)}: ${outcomeWords(reading, winnerOf(reading), names)}. ${ruleSetName}.`,
    findings: [
      ...differences.map((one) => `${at(one.atSeconds)}: ${differenceWords(one, names, startSeconds)}`),
      ...given.map(
        (one) =>
          `${at(one.atSeconds)}, the referee gave ${names[one.athlete]} ${one.points}: ${refereeWords(one, startSeconds)}`,
      ),
    ].slice(0, 60),
    entries: entries.slice(0, 60),
  };
}
