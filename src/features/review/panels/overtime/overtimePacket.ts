import { formatClock } from '@/core/clock';
import type { NoteMark } from '@/core/round';
import type { OvertimeRecord } from '@/core/scoring';
import type { PacketContent } from '@/server/packets/packetInput';
import type { Names } from '../../reviewView';
import { findingWords, remarksOn, secondsWords, standingWords, startWords, turnEndWords } from './overtimeView';

/** An overtime as evidence: every turn with its time, what it gives, the sums after it and what was remarked of it, and where the officials' figures differ. */
export function overtimePacket(
  record: OvertimeRecord,
  names: Names,
  startSeconds: number,
  notes: readonly NoteMark[],
): PacketContent {
  const { reading, turns } = record;
  return {
    title: 'The overtime from the footage',
    lead: standingWords(reading, names),
    findings: findingWords(record, names).slice(0, 60),
    entries: turns
      .map(({ mark }, index) => {
        const turn = reading.turns[index];
        const official = mark.officialSeconds === undefined ? '' : `; officials ${secondsWords(mark.officialSeconds)}`;
        const sums = turn
          ? `. Then ${names.a} ${secondsWords(turn.totals.a)}, ${names.b} ${secondsWords(turn.totals.b)}`
          : '';
        return {
          ...{ atSeconds: mark.atSeconds, endSeconds: mark.endSeconds ?? mark.atSeconds },
          at: formatClock(mark.atSeconds - startSeconds),
          title: `Turn ${index + 1}: ${names[mark.athlete]} from ${startWords[mark.from]}`,
          words: [
            `${turn ? turnEndWords(turn) : 'not summed'}${official}${sums}.`,
            ...remarksOn(mark, turns[index + 1]?.mark.atSeconds, notes),
          ]
            .join(' ')
            .slice(0, 1000),
        };
      })
      .slice(0, 60),
  };
}
