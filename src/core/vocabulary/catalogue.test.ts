import { describe, expect, it } from 'vitest';
import { drillNames } from './drills/names';
import { errorCues } from './errors/cues';
import {
  conceptName,
  drills,
  errors,
  findDrill,
  findError,
  findGrip,
  findHazard,
  findPosition,
  findTechnique,
  grips,
  hazards,
  positions,
  strengths,
  techniqueClasses,
  techniqueIsOf,
  techniques,
  unnamedErrors,
} from './index';

const all = [...positions, ...grips, ...techniques, ...errors, ...strengths, ...drills, ...hazards];

describe('the catalogue', () => {
  it('has a cue for every error and a name for every drill, and none for what is not there', () => {
    expect(Object.keys(errorCues).sort()).toEqual([...errors, ...unnamedErrors].map((one) => one.id).sort());
    expect(Object.keys(drillNames).sort()).toEqual(drills.map((one) => one.id).sort());
    for (const text of [...Object.values(errorCues), ...Object.values(drillNames)])
      expect(text.trim().length).toBeGreaterThan(3);
  });

  it('holds enough of the sport to review and plan with', () => {
    expect(positions.length).toBeGreaterThanOrEqual(25);
    expect(grips.length).toBeGreaterThanOrEqual(15);
    expect(techniques.length).toBeGreaterThanOrEqual(30);
    expect(errors.length).toBeGreaterThanOrEqual(30);
    expect(strengths.length).toBeGreaterThanOrEqual(15);
    expect(drills.length).toBeGreaterThanOrEqual(20);
  });

  it('has ids that are unique over all kinds', () => {
    const ids = all.map((one) => one.id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const id of ids) expect(id).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/);
  });

  it('refers only to what exists', () => {
    const known = (id: string) => findPosition(id) ?? findGrip(id) ?? findTechnique(id) ?? findError(id);
    for (const position of positions)
      for (const [id] of position.nextCalls) expect(known(id), `${position.id} → ${id}`).toBeDefined();
    for (const error of errors) {
      for (const id of error.leadsTo) expect(known(id), `${error.id} leads to ${id}`).toBeDefined();
      for (const id of error.drillIds) expect(findDrill(id), `${error.id} → ${id}`).toBeDefined();
      const { exposure } = error;
      if ('of' in exposure) {
        const isGroup = [...techniqueClasses, 'chokes', 'arm-locks', 'leg-locks'].includes(exposure.of);
        expect(isGroup || findTechnique(exposure.of), `${error.id} counts ${exposure.of}`).toBeTruthy();
      }
    }
    for (const technique of techniques) {
      if ('resultPositionId' in technique && technique.resultPositionId)
        expect(findPosition(technique.resultPositionId), technique.id).toBeDefined();
      if (technique.hazardId) expect(findHazard(technique.hazardId), technique.id).toBeDefined();
    }
    for (const strength of strengths)
      if (strength.oppositeErrorId) expect(findError(strength.oppositeErrorId), strength.id).toBeDefined();
    for (const drill of drills) for (const id of drill.hazardIds) expect(findHazard(id), drill.id).toBeDefined();
  });

  it('answers every error with a drill, and every drill answers an error', () => {
    for (const error of errors) expect(error.drillIds.length, error.id).toBeGreaterThan(0);
    for (const drill of drills) {
      expect(drill.targetErrorIds.length, drill.id).toBeGreaterThan(0);
      for (const id of drill.targetErrorIds)
        expect(findError(id)?.drillIds, `${id} names ${drill.id}`).toContain(drill.id);
      expect(drill.leastMinutes).toBeLessThanOrEqual(drill.mostMinutes);
    }
  });

  it('connects every position to every other by next calls', () => {
    const neighbours = (id: string) => {
      const next = (findPosition(id)?.nextCalls ?? []).flatMap(([call]) => {
        const technique = findTechnique(call);
        return technique && 'resultPositionId' in technique && technique.resultPositionId
          ? [technique.resultPositionId]
          : [call];
      });
      return next.filter((call) => findPosition(call));
    };
    const links = new Map(positions.map((position) => [position.id, new Set(neighbours(position.id))]));
    for (const [from, targets] of links) for (const target of targets) links.get(target)?.add(from);
    const seen = new Set(['standing-neutral']);
    const open = ['standing-neutral'];
    while (open.length > 0) {
      for (const next of links.get(open.pop()!) ?? []) {
        if (seen.has(next)) continue;
        seen.add(next);
        open.push(next);
      }
    }
    expect(positions.map((one) => one.id).filter((id) => !seen.has(id))).toEqual([]);
  });

  it('puts house values on positions as the sport values them (common practice)', () => {
    const value = (id: string) => findPosition(id)!.houseValue;
    expect(value('mount')).toBe(4);
    expect(value('back-control')).toBe(4);
    expect(value('side-control')).toBeGreaterThan(value('knee-on-belly') - 2);
    expect(value('half-guard')).toBeLessThan(value('side-control'));
    // From memory, the main gi federation's rule book: a body triangle does not score as back control.
    expect(findPosition('body-triangle-back')?.points).toBeUndefined();
  });

  it('groups techniques for counting', () => {
    expect(techniqueIsOf('rear-naked-choke', 'chokes')).toBe(true);
    expect(techniqueIsOf('kimura', 'arm-locks')).toBe(true);
    expect(techniqueIsOf('calf-slicer', 'leg-locks')).toBe(true);
    expect(techniqueIsOf('knee-slice', 'passes')).toBe(true);
    expect(techniqueIsOf('knee-slice', 'sweeps')).toBe(false);
    expect(conceptName('err-half-flat')).toBe('Flat in half guard');
    expect(conceptName('gone-from-the-library')).toBe('gone-from-the-library');
  });
});
