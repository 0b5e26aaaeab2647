import { describe, expect, it } from 'vitest';
import type { WeightUnit } from '@/core/kernel';
import { refusalOf } from '@/server/kernel/refusalOf';
import { roundInput } from '@/server/rounds/roundInput';
import { gapView } from './gapView';
import { newFields } from './initialFields';
import { createCardReducer, emptyAthlete, readNumber, toRoundInput } from './roundCardReducer';

const ana = {
  id: '11111111-1111-4111-8111-111111111111',
  name: 'Ana Velden',
  standing: 'student' as const,
  division: 'female' as const,
  belt: 'blue' as const,
  stripes: 2,
  weightKg: 61.4,
  belts: [
    { sinceDay: '2025-01-10', belt: 'white' as const, stripes: 4 },
    { sinceDay: '2026-06-01', belt: 'blue' as const, stripes: 2 },
  ],
  weights: [
    { sinceDay: '2026-02-01', weightKg: 63, source: 'measured' as const },
    { sinceDay: '2026-11-01', weightKg: 61.4, source: 'stated' as const },
  ],
};
const fields = newFields('2026-11-23', 120, undefined);

describe('the round’s card', () => {
  it('takes belt and weight of the chosen person, and keeps what is changed for the day', () => {
    const cardReducer = createCardReducer([ana], 'lb');
    const chosen = cardReducer(fields, { kind: 'choose-person', slot: 'a', person: ana });
    expect(chosen.a).toMatchObject({ name: 'Ana Velden', belt: 'blue', stripes: 2, weight: '135.4' });
    const changed = cardReducer(chosen, { kind: 'athlete', slot: 'a', patch: { weight: '140' } });
    expect(cardReducer(changed, { kind: 'swap' }).b.weight).toBe('140');
  });

  it('gives yesterday’s round yesterday’s belt and weight, unless they were changed by hand', () => {
    const reduce = createCardReducer([ana], 'kg');
    const chosen = reduce(fields, { kind: 'choose-person', slot: 'a', person: ana });
    const typed = reduce(chosen, { kind: 'set', patch: { heldOn: '2026-03-0' } });
    expect(typed.a.belt).toBe('blue');
    const march = reduce(typed, { kind: 'set', patch: { heldOn: '2026-03-01' } });
    expect(march.a).toMatchObject({ belt: 'white', stripes: 4, weight: '63', weightSource: 'measured' });
    const byHand = reduce(march, { kind: 'athlete', slot: 'a', patch: { weight: '64' } });
    expect(reduce(byHand, { kind: 'set', patch: { heldOn: '2026-11-10' } }).a).toMatchObject({
      belt: 'white',
      weight: '64',
    });
    // Before all that is known the nearest is taken.
    expect(reduce(march, { kind: 'set', patch: { heldOn: '2020-01-01' } }).a).toMatchObject({ weight: '63' });
  });

  it('takes pounds beside kilograms, however they are typed, and an empty length', () => {
    const sent = (weight: string, unit: WeightUnit) =>
      toRoundInput({ ...fields, a: { ...emptyAthlete, name: 'Ana', weight } }, undefined, unit).a;
    expect(sent('150 lb', 'kg')).toMatchObject({ weight: 150, weightUnit: 'lb' });
    expect(sent('150lbs', 'lb')).toMatchObject({ weight: 150, weightUnit: 'lb' });
    expect(sent('68,5 kg', 'lb')).toMatchObject({ weight: 68.5, weightUnit: 'kg' });
    expect(sent('150', 'lb')).toMatchObject({ weight: 150, weightUnit: 'lb' });
    expect(sent('heavy', 'kg').weight).toBeNaN();
    expect(sent('', 'kg').weight).toBeUndefined();
    expect(toRoundInput({ ...fields, plannedMinutes: ' ' }, undefined, 'kg').plannedSeconds).toBeUndefined();
    expect(toRoundInput({ ...fields, plannedMinutes: '4,5' }, undefined, 'kg').plannedSeconds).toBe(270);
  });

  it('knows no belt that nobody stated', () => {
    expect(emptyAthlete.belt).toBeUndefined();
    const sent = toRoundInput({ ...fields, a: { ...emptyAthlete, name: 'Ana' } }, undefined, 'kg');
    expect(sent.a.belt).toBeUndefined();
  });

  it('reads numbers with comma or point', () => {
    expect(readNumber('61,4')).toBe(61.4);
    expect(readNumber(' ')).toBeUndefined();
    expect(readNumber('heavy')).toBeNaN();
  });

  it('computes gaps and classes, never asks for them', () => {
    const a = { ...emptyAthlete, name: 'Ana', belt: 'blue' as const, weight: '60', division: 'female' as const };
    const b = { ...emptyAthlete, name: 'Bruno', belt: 'white' as const, weight: '84', division: 'male' as const };
    expect(gapView(a, { ...b, belt: undefined }, 'gi', 'kg').beltWords).toContain('when both are known');
    const gap = gapView(a, b, 'gi', 'kg');
    expect(gap.weightWords).toBe('Bruno is heavier by 24 kg, 40 % of the lighter.');
    expect(gap.beltWords).toBe('Ana is 1 belt step ahead.');
    expect(gap.classWords[0]).toContain('light (up to 64 kg');
    expect(gap.cautious).toBe(true);
    expect(gapView(a, { ...b, weight: '' }, 'gi', 'kg').weightWords).toContain('both weights');
  });
});

describe('bad cards', () => {
  const good = toRoundInput(
    {
      ...fields,
      a: { ...emptyAthlete, name: 'Ana', weight: '61' },
      b: { ...emptyAthlete, name: 'Marek', weight: '72' },
    },
    undefined,
    'kg',
  );
  const messages = (patch: object) => {
    const checked = roundInput.safeParse({ ...good, ...patch });
    return checked.success ? {} : refusalOf(checked.error).messages;
  };
  it('get their message at the field', () => {
    expect(messages({})).toEqual({});
    expect(messages({ startSeconds: 100, endSeconds: 50 }).endSeconds).toContain('before the in point');
    expect(messages({ a: { ...good.a, weight: 0 } })['a.weight']).toContain('0 kg is not a weight');
    expect(messages({ b: { ...good.b, weight: 900 } })['b.weight']).toContain('900 kg is not a weight');
    expect(messages({ heldOn: '2026-02-30' }).heldOn).toContain('exists');
    expect(messages({ a: { ...good.a, newName: '' } })['a.newName']).toContain('Choose somebody');
    expect(messages({ a: { ...good.a, belt: 'blue', stripes: 6 } })['a.stripes']).toContain('at most 4');
    expect(messages({ a: { ...good.a, stripes: 1 } })['a.stripes']).toContain('Say the belt');
    expect(
      messages({ a: { ...good.a, personId: ana.id }, b: { ...good.b, personId: ana.id } })['b.personId'],
    ).toContain('same person');
    expect(messages({ a: { ...good.a, weight: Number.NaN } })['a.weight']).toContain('as a number');
    expect(messages({ plannedSeconds: Number.NaN }).plannedSeconds).toContain('leave it empty');
  });
});
