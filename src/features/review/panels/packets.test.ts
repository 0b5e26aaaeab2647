import { describe, expect, it } from 'vitest';
import { type Mark, readRound } from '@/core/round';
import { readOvertimeRecord, ruleSets, scoreRound } from '@/core/scoring';
import { packetInput } from '@/server/packets/packetInput';
import { overtimePacket } from './overtime/overtimePacket';
import { scorePacket } from './score/scorePacket';

const names = { a: 'Ana', b: 'Marek' };

describe('evidence', () => {
  it('of a score has what scored, what did not and why, at their times, and fits what is kept', () => {
    const { points, name } = ruleSets.find((one) => one.points)!;
    const marks: Mark[] = [
      { kind: 'position', id: '1', atSeconds: 20, positionId: 'closed-guard', holder: 'a' },
      { kind: 'position', id: '2', atSeconds: 40, positionId: 'mount', holder: 'a' },
      { kind: 'position', id: '3', atSeconds: 60, positionId: 'half-guard', holder: 'b' },
      { kind: 'position', id: '4', atSeconds: 80, positionId: 'mount', holder: 'b' },
      { kind: 'position', id: '5', atSeconds: 81, positionId: 'closed-guard', holder: 'a' },
    ];
    const reading = scoreRound(readRound({ startSeconds: 10, endSeconds: 310 }, marks), points!, 300);
    const packet = scorePacket({
      ...{ reading, names, ruleSetName: name, startSeconds: 10, differences: [], given: [] },
    });
    expect(packetInput.safeParse(packet).success).toBe(true);
    expect(packet.entries.map((one) => one.at)).toContain('0:30');
    expect(packet.entries.some((one) => one.title.endsWith('not scored'))).toBe(true);
    expect([...packet.entries].sort((one, other) => one.atSeconds - other.atSeconds)).toEqual(packet.entries);
    expect(packet.lead).toContain(name);
  });
  it('of an overtime has every turn with its sums, and what was remarked of it', () => {
    const rules = ruleSets.find((one) => one.overtime)!.overtime!;
    const turn = (id: string, atSeconds: number, athlete: 'a' | 'b'): Mark =>
      ({ kind: 'turn', id, atSeconds, athlete, from: 'back', end: 'escaped', endSeconds: atSeconds + 12 }) as Mark;
    const note: Mark = { kind: 'note', id: 'n', atSeconds: 25, note: 'the clock began late' };
    const record = readOvertimeRecord([turn('1', 20, 'a'), turn('2', 60, 'b')], rules)!;
    const packet = overtimePacket(record, names, 10, [note]);
    expect(packetInput.safeParse(packet).success).toBe(true);
    expect(packet.entries.map((one) => [one.at, one.title])).toEqual([
      ['0:10', 'Turn 1: Ana from back control'],
      ['0:50', 'Turn 2: Marek from back control'],
    ]);
    expect(packet.entries[0]!.words).toContain('Then Ana 0:12.0, Marek 0:00.0');
    expect(packet.entries[0]!.words).toContain('the clock began late');
    expect(packet.entries[1]!.words).not.toContain('late');
  });
});
