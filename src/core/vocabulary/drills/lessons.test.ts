import { describe, expect, it } from 'vitest';
import { beltRank } from '../belts';
import { drills, errors, findDrill } from '../index';

describe('drills as lessons', () => {
  it('are two different ones for every error that weighs 3 and more', () => {
    const answers = (errorId: string) => drills.filter((drill) => drill.targetErrorIds.includes(errorId)).length;
    expect(errors.filter((error) => error.severity >= 3 && answers(error.id) < 2).map((error) => error.id)).toEqual([]);
    expect(drills.length).toBeGreaterThanOrEqual(73 + 30);
  });

  it('are played with a task for each of the two exactly where they end live', () => {
    for (const { id, stages, game, counterpart, easier, harder } of drills) {
      expect(game !== undefined, id).toBe(stages.includes('live'));
      expect(counterpart && easier && harder, id).toBeTruthy();
      if (!game) continue;
      expect(game.seconds, id).toBeGreaterThanOrEqual(20);
      expect(game.seconds, id).toBeLessThanOrEqual(120);
      for (const words of [game.start, game.learnerWins, game.partnerWins, game.restart]) expect(words.length, id).toBeGreaterThan(3);
      expect(`${game.start} ${game.learnerWins}`, id).not.toMatch(/live from/i);
    }
  });

  it('build on drills that are there, taught to the same people before, never on themselves', () => {
    const follow = (id: string, seen: readonly string[] = []): void => {
      expect(seen, `${id} builds on itself`).not.toContain(id);
      for (const need of findDrill(id)?.needs ?? []) follow(need, [...seen, id]);
    };
    for (const drill of drills) {
      follow(drill.id);
      for (const id of drill.needs) {
        const need = findDrill(id);
        expect(need, `${drill.id} needs ${id}`).toBeDefined();
        if (!need) continue;
        expect(beltRank(need.lowestBelt), `${drill.id} needs ${id}`).toBeLessThanOrEqual(beltRank(drill.lowestBelt));
        expect(need.under16 || !drill.under16, `${drill.id} needs ${id}`).toBe(true);
      }
    }
  });

  it('say which joints they load wherever somebody can be hurt', () => {
    const joints = { 'haz-elbow': 'elbow', 'haz-heel-hook': 'knee', 'haz-shoulder': 'shoulder', 'haz-neck-front': 'neck' };
    for (const { id, hazardIds, loads } of drills) for (const [hazard, joint] of Object.entries(joints)) if (hazardIds.includes(hazard)) expect(loads, `${id} ${hazard}`).toContain(joint);
  });
});
