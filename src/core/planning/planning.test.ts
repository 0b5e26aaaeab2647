import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { arbitraryAttendees, bruteForcePairing } from '../../../tests/support/planning';
import { createSolver } from '../../server/classes/solver';
import { drills, findDrill } from '../vocabulary';
import {
  type Attendee,
  type ClassProblem,
  defaultLimits,
  doseOf,
  drillMinutesIn,
  exactBenefit,
  findBrokenRule,
  findExclusion,
  fixedMinutes,
  formatLinearModel,
  isMinor,
  leastMinutesOf,
  listCandidates,
  mostMinutesOf,
  orderLessons,
  type PairingProblem,
  pairCost,
  pairPeople,
  phasesOf,
  planClass,
  repetitionsIn,
  type Solve,
  soreJointsIn,
  splitMinutes,
  taughtHere,
  themeKey,
  themeOf,
  themesAmong,
  usualNumbers,
  withSigned,
} from './index';

let solve: Solve;
beforeAll(async () => {
  solve = await createSolver();
});

const person = (personId: string, rest: Partial<Attendee> = {}): Attendee => ({
  personId,
  belt: 'blue',
  age: 30,
  weightKg: 75,
  chance: 1,
  injured: false,
  needs: [],
  ...rest,
});
const need = (errorId: string, priority: number, count = 3) => ({ errorId, priority, count, markIds: [] });
const problemOf = (attendees: Attendee[], rest: Partial<ClassProblem> = {}): ClassProblem => ({
  minutes: 75,
  uniform: 'gi',
  pairsOnMats: 20,
  attendees,
  limits: defaultLimits,
  locks: [],
  restingDrillIds: new Set(),
  recentPairs: new Set(),
  ...rest,
});
const pairing = (people: Attendee[], rest: Partial<PairingProblem> = {}): PairingProblem => ({
  people,
  live: true,
  limits: defaultLimits,
  recentPairs: new Set(),
  usedPairs: new Set(),
  wants: new Map(),
  ...rest,
});

describe('pairs', () => {
  it('cost what the rules say: gap over ten per cent squared, belts apart, needs that meet, recent partners', () => {
    const heavy = person('h', { weightKg: 90 });
    expect(pairCost(person('a'), heavy, pairing([]))).toBeCloseTo(100, 9);
    expect(pairCost(person('a'), person('b', { belt: 'brown' }), pairing([]))).toBe(36);
    expect(pairCost(person('a'), person('b', { belt: 'brown' }), pairing([], { live: false }))).toBe(0);
    expect(pairCost(person('a'), person('b'), pairing([], { live: false }))).toBe(36);
    expect(
      pairCost(
        person('a'),
        person('b'),
        pairing([], {
          wants: new Map([
            ['a', 'over'],
            ['b', 'under'],
          ]),
        }),
      ),
    ).toBe(-15);
    expect(pairCost(person('a'), person('b'), pairing([], { recentPairs: new Set(['a b']) }))).toBe(30);
  });

  it('allow exactly the limit and forbid more, in live work only', () => {
    const rule = (weightKg: number, live = true) =>
      findBrokenRule(person('a', { weightKg: 75 }), person('b', { weightKg }), pairing([], { live }));
    expect(rule(90)).toBeUndefined();
    expect(rule(90.1)).toBe('weight');
    expect(rule(120, false)).toBeUndefined();
    expect(findBrokenRule(person('a', { age: 15 }), person('b'), pairing([]))).toBe('minor-with-adult');
    expect(
      findBrokenRule(person('a'), person('b'), pairing([], { limits: { ...defaultLimits, doNotPair: [['b', 'a']] } })),
    ).toBe('do-not-pair');
  });

  it('match brute force up to nine people, odd numbers too', () => {
    fc.assert(
      fc.property(arbitraryAttendees(0, 9), fc.boolean(), (people, live) => {
        const problem = pairing(people, {
          live,
          limits: { ...defaultLimits, minorsWithAdults: true, liveWeightGapRatio: 0.4 },
        });
        const found = pairPeople(problem, solve);
        const best = bruteForcePairing(problem);
        expect(found.sittingOut.length).toBe(best.sittingOut);
        expect(found.cost).toBeCloseTo(best.cost, 4);
      }),
      { numRuns: 40 },
    );
  });

  it('put everybody in exactly one place and break no rule', () => {
    fc.assert(
      fc.property(arbitraryAttendees(0, 14), (people) => {
        const problem = pairing(people);
        const found = pairPeople(problem, solve);
        const placed = [...found.groups.flat(), ...found.sittingOut.map((one) => one.personId)].sort();
        expect(placed).toEqual(people.map((one) => one.personId).sort());
        const byId = new Map(people.map((one) => [one.personId, one]));
        for (const group of found.groups) {
          expect(group.length).toBeGreaterThanOrEqual(2);
          for (const one of group)
            for (const other of group)
              if (one !== other) expect(findBrokenRule(byId.get(one)!, byId.get(other)!, problem)).toBeUndefined();
        }
        // Nobody sits out whom a pair could take in as a third.
        const fits = (one: string, other: string) => !findBrokenRule(byId.get(one)!, byId.get(other)!, problem);
        for (const { personId } of found.sittingOut)
          for (const group of found.groups.filter((one) => one.length === 2))
            expect(
              group.every((other) => fits(personId, other)),
              `${personId} beside ${group}`,
            ).toBe(false);
        if (found.sittingOut.length === 0 && people.length % 2 === 0)
          expect(found.groups.filter((group) => group.length === 3).length % 2).toBe(0);
      }),
      { numRuns: 40 },
    );
  });

  it('leave nobody out whose weight is not known: a caution, and a cost like the largest usual gap', () => {
    const unknown = ['a', 'b', 'c', 'd'].map((id) => person(id, { weightKg: undefined }));
    const found = pairPeople(pairing(unknown), solve);
    expect(found.sittingOut).toEqual([]);
    expect(found.unknownWeightIds?.toSorted()).toEqual(['a', 'b', 'c', 'd']);
    expect(pairCost(person('a', { weightKg: undefined }), person('b'), pairing([]))).toBe(100);
    expect(pairPeople(pairing(unknown, { live: false }), solve).unknownWeightIds).toEqual([]);
  });

  it('give somebody who spares something a partner nearer in weight', () => {
    const heavy = person('heavy', { weightKg: 88 });
    expect(pairCost(person('a', { hurt: 'left shoulder' }), heavy, pairing([]))).toBeCloseTo(
      2 * pairCost(person('a'), heavy, pairing([])),
      9,
    );
  });

  it('take a child’s belt for the age that it tells, unless a birthday says otherwise', () => {
    const child = person('child', { age: undefined, childBelt: true, weightKg: 70 });
    expect(findBrokenRule(child, person('adult'), pairing([]))).toBe('minor-with-adult');
    expect(findBrokenRule(child, person('adult', { age: 15 }), pairing([]))).toBeUndefined();
    expect(isMinor(person('grown', { age: 19, childBelt: true }))).toBe(false);
    const [adultsOnly] = drills.filter((drill) => !drill.under16 && drill.lowestBelt === 'white');
    expect(adultsOnly && findExclusion(adultsOnly, { ...child, belt: 'white' })).toBe('under-16');
  });

  it('rotate in threes rather than let healthy people sit out, in every part of a class', async () => {
    for (const count of [3, 5, 7]) {
      const people = Array.from({ length: count }, (_, at) => person(`p${at}`, { needs: [need('err-half-flat', 3)] }));
      const plan = planClass(problemOf(people), solve);
      if (!plan.ok) throw new Error(plan.problem.code);
      for (const phase of plan.value.pairings) expect(phase.sittingOut, `${count} ${phase.phase}`).toEqual([]);
    }
  });

  it('say which rule leaves somebody without a partner', () => {
    const found = pairPeople(pairing([person('a'), person('b'), person('giant', { weightKg: 130 })]), solve);
    expect(found.sittingOut).toEqual([{ personId: 'giant', rules: ['weight'] }]);
  });
});

describe('order', () => {
  const of = (...ids: string[]) =>
    orderLessons(ids.map((id) => findDrill(`drill-${id}`)!)).map((one) => one.id.slice(6));
  it('teaches what a lesson needs before it, then the easier and safer ones, theme by theme', () => {
    expect(of('sweep-to-trapped-arm', 'half-guard-side')).toEqual(['half-guard-side', 'sweep-to-trapped-arm']);
    // What a lesson needs comes before it also where it is of another theme.
    expect(of('triangle-angle', 'climb-and-attack', 'bump-and-sweep')).toEqual([
      'bump-and-sweep',
      'climb-and-attack',
      'triangle-angle',
    ]);
    expect(of('hook-high', 'frames-retention')).toEqual(['frames-retention', 'hook-high']);
    expect(of('half-guard-side', 'hold-the-mount', 'shield-first')).toEqual(
      expect.arrayContaining(['half-guard-side', 'hold-the-mount', 'shield-first']),
    );
    expect(of('half-guard-side', 'hold-the-mount', 'shield-first').at(2)).toBe('hold-the-mount');
  });
});

describe('themes', () => {
  it('are a family seen from one side; what is taught together is one', () => {
    const of = (id: string) => {
      const theme = themeOf(findDrill(`drill-${id}`)!);
      return theme && themeKey(theme);
    };
    expect(of('half-guard-side')).toBe('half-guard under');
    expect(of('half-top-hips')).toBe('half-guard over');
    expect(of('headlock-defence')).toBe('turtle under');
    expect(of('grip-and-go')).toBe(of('clear-tie-then-shoot'));
    expect(of('economy')).toBeUndefined();
    expect(themesAmong(drills).length).toBeGreaterThan(12);
  });
});

describe('what the coach signed and what is sore', () => {
  it('comes before what was worked out, and becomes a need where it is none', () => {
    const needs = [need('err-half-flat', 3), need('err-elbows-open', 1)];
    const signed = [{ errorId: 'err-taps-late', drillId: 'drill-tap-early', day: '2026-11-20' }];
    const [first, ...rest] = withSigned(needs, signed);
    expect(first).toMatchObject({ errorId: 'err-taps-late', namedDrillId: 'drill-tap-early', count: 0, priority: 6 });
    expect(rest).toEqual(needs);
    expect(withSigned([], signed)[0]?.priority).toBeGreaterThan(0);
    expect(withSigned(needs, [])).toEqual(needs);
  });
  it('gets the block that the review named', () => {
    const people = Array.from({ length: 6 }, (_, at) =>
      person(`p${at}`, {
        needs: withSigned(
          [need('err-half-flat', 1)],
          at < 4 ? [{ errorId: 'err-bridge-untrapped', drillId: 'drill-trap-then-bridge', day: '2026-11-20' }] : [],
        ),
      }),
    );
    const plan = planClass(problemOf(people), solve);
    if (!plan.ok) throw new Error(plan.problem.code);
    expect(plan.value.drills.map((one) => one.drillId)).toContain('drill-trap-then-bridge');
  });
  it('keeps people out of what loads a joint that they wrote of', () => {
    expect(soreJointsIn('left knee, twisted (card of Tue)')).toEqual(['knee']);
    expect(soreJointsIn('ribs and a toe')).toEqual(['back', 'ankle']);
    expect(soreJointsIn('tired')).toEqual([]);
    const drill = findDrill('drill-bridge-over-shoulder')!;
    expect(findExclusion(drill, person('a', { sore: ['neck'] }))).toBe('sore');
    expect(findExclusion(drill, person('a', { sore: ['ankle'] }))).toBeUndefined();
    const five = ['b', 'c', 'd', 'e'].map((id) => person(id));
    const found = listCandidates(drills, [person('a', { sore: ['neck'] }), ...five], 'gi', new Set());
    const candidate = found.find((one) => one.drill.id === drill.id);
    expect(candidate?.excludedIds).toEqual(['a']);
    expect(findDrill(candidate?.alternativeId ?? '')?.loads).not.toContain('neck');
  });
});

describe('drills', () => {
  it('split into phases without losing a minute', () => {
    for (const drill of drills) {
      for (let minutes = leastMinutesOf(drill); minutes <= mostMinutesOf(drill); minutes += 1) {
        const parts = splitMinutes(drill, minutes);
        const least = parts.map((one) => (one.phase === 'shown' ? 2 : parts.length > 3 ? 3 : 2));
        for (const [at, part] of parts.entries())
          expect(part.minutes, `${drill.id} ${minutes}`).toBeGreaterThanOrEqual(least[at] ?? 0);
        expect(parts.reduce((sum, one) => sum + one.minutes, 0)).toBe(minutes);
        // A short lesson is answered at once; what is there keeps its order.
        const phases = phasesOf(drill);
        const isShort = phases.includes('progressive') && minutes < 2 + 3 * (phases.length - 1);
        expect(parts.map((one) => one.phase)).toEqual(phases.filter((phase) => !(isShort && phase === 'technique')));
      }
    }
  });

  it('give a lesson one part to be shown, two to be repeated, two to be answered, two to be played', () => {
    const whole = splitMinutes(findDrill('drill-half-underhook-race')!, 14).map((one) => [one.phase, one.minutes]);
    expect(whole).toEqual([
      ['shown', 2],
      ['progressive', 6],
      ['positional', 6],
    ]);
    const four = splitMinutes(findDrill('drill-frames-retention')!, 21).map((one) => one.minutes);
    expect(four).toEqual([3, 6, 6, 6]);
  });

  it('count repetitions of both partners and both sides', () => {
    const drill = findDrill('drill-half-guard-side')!;
    expect(drill).toMatchObject({ secondsPerRepetition: 10, sided: true });
    // 4 minutes are 24 repetitions: 12 each, 6 on each side.
    expect(repetitionsIn(drill, 4)).toBe(6);
    expect(repetitionsIn(drill, 0.1)).toBe(1);
  });

  it('leave out who may not do them, and run only when nobody stays idle', () => {
    const drill = findDrill('drill-clear-leg-then-invert')!;
    expect(findExclusion(drill, person('w', { belt: 'white' }))).toBe('belt');
    expect(findExclusion(drill, person('p', { belt: 'purple', age: 15 }))).toBe('under-16');
    expect(findExclusion(drill, person('p', { belt: 'purple' }))).toBeUndefined();
    const purple = ['p1', 'p2'].map((id) => person(id, { belt: 'purple' }));
    const ids = (people: Attendee[]) => listCandidates(drills, people, 'gi', new Set()).map((one) => one.drill.id);
    expect(ids([...purple, person('w', { belt: 'white' })])).not.toContain(drill.id);
    const both = listCandidates(
      drills,
      [...purple, person('w1', { belt: 'white' }), person('w2', { belt: 'white' })],
      'gi',
      new Set(),
    );
    expect(both.find((one) => one.drill.id === drill.id)).toMatchObject({ excludedIds: ['w1', 'w2'] });
    expect(ids(purple)).toContain(drill.id);
    expect(listCandidates(drills, purple, 'gi', new Set([drill.id])).map((one) => one.drill.id)).not.toContain(
      drill.id,
    );
  });
});

describe('benefit', () => {
  it('is priority × chance × κ × (1 − e^(−dose/τ)), and grows less with each minute', () => {
    const drill = findDrill('drill-half-guard-side')!;
    const people = [person('a', { chance: 0.5, needs: [need('err-half-flat', 2)] })];
    const benefit = (minutes: number) => exactBenefit([{ drillId: drill.id, minutes, excludedIds: [] }], people, 1);
    const dose = doseOf(drill, 10, 1);
    // One part shown, two repeated, two answered, two played.
    expect(dose).toBeCloseTo((10 - 1) * ((0.5 * 1 + 0.5 * 2 + 0.75 * 2 + 1 * 2) / 7), 9);
    expect(benefit(10)).toBeCloseTo(2 * 0.5 * drill.kappa * (1 - Math.exp(-dose / usualNumbers.doseMinutes)), 9);
    expect(benefit(10) - benefit(8)).toBeLessThan(benefit(8) - benefit(6));
    expect(exactBenefit([{ drillId: drill.id, minutes: 10, excludedIds: ['a'] }], people, 1)).toBe(0);
  });
});

describe('a plan', () => {
  const class10 = Array.from({ length: 10 }, (_, index) =>
    person(`p${index}`, {
      weightKg: 70 + index,
      needs: [
        need(index % 2 ? 'err-half-flat' : 'err-shoulders-past-hips', 1 + index / 10, 2),
        need('err-elbows-open', 0.4, 1),
      ],
    }),
  );

  it('never breaks a constraint', () => {
    fc.assert(
      fc.property(
        arbitraryAttendees(2, 9),
        fc.integer({ min: 20, max: 100 }),
        fc.constantFrom('gi' as const, 'no-gi' as const),
        (attendees, minutes, uniform) => {
          const outcome = planClass(problemOf(attendees, { minutes, uniform, pairsOnMats: 3 }), solve);
          if (!outcome.ok) return;
          const { blocks, drills: chosen, pairings } = outcome.value;
          let cursor = 0;
          for (const block of blocks) {
            expect(block.startMinute).toBe(cursor);
            expect(block.minutes).toBeGreaterThan(0);
            cursor += block.minutes;
          }
          expect(cursor).toBe(minutes);
          expect(chosen.length).toBeLessThanOrEqual(3);
          expect(themesAmong(chosen.map((one) => findDrill(one.drillId)!)).length).toBeLessThanOrEqual(
            minutes >= 85 ? 2 : 1,
          );
          // Each lesson is run whole before the next begins.
          const order = blocks.flatMap((block) => block.drillId ?? []);
          expect(order.filter((id, at) => id !== order[at - 1])).toHaveLength(chosen.length);
          for (const one of chosen) {
            const drill = findDrill(one.drillId)!;
            expect(one.minutes).toBeGreaterThanOrEqual(leastMinutesOf(drill));
            expect(one.minutes).toBeLessThanOrEqual(mostMinutesOf(drill));
            expect(['both', uniform]).toContain(drill.uniform);
            const left = blocks.find((block) => block.drillId === one.drillId)!.excludedIds;
            for (const attendee of attendees)
              expect(findExclusion(drill, attendee) !== undefined).toBe(left.includes(attendee.personId));
          }
          for (const phase of pairings) {
            const live = phase.phase === 'rounds';
            const byId = new Map(attendees.map((one) => [one.personId, one]));
            for (const id of phase.groups.flat()) {
              if (live) expect(byId.get(id)!.injured).toBe(false);
              for (const other of phase.groups.find((group) => group.includes(id))!)
                expect(isMinor(byId.get(id)!)).toBe(isMinor(byId.get(other)!));
            }
          }
        },
      ),
      { numRuns: 12 },
    );
  });

  it('is proved best, close to its exact benefit, and no worse than the yardstick', () => {
    const outcome = planClass(problemOf(class10), solve);
    if (!outcome.ok) throw new Error(outcome.problem.code);
    const plan = outcome.value;
    expect(plan).toMatchObject({ optimal: true, gap: 0 });
    expect(Math.abs(plan.benefit - plan.modelBenefit) / plan.benefit).toBeLessThan(0.03);
    expect(plan.benefit).toBeGreaterThanOrEqual(plan.frequencyBenefit - 1e-9);
    const block = plan.blocks.find(
      (one) => one.drillId && findDrill(one.drillId)!.targetErrorIds.includes('err-half-flat'),
    )!;
    expect(block.reasons.find((one) => one.errorId === 'err-half-flat')!.people.map((one) => one.count)).toEqual([
      2, 2, 2, 2, 2,
    ]);
  });

  it('opens with a lesson of the theme that is set, also where something without a theme would help more', () => {
    const theme = { family: 'half-guard' as const, place: 'under' as const };
    const late = class10.map((one) => ({
      ...one,
      needs: [{ errorId: 'err-taps-late', priority: 9, count: 3, markIds: [] }],
    }));
    const outcome = planClass(problemOf(late, { theme }), solve);
    expect(outcome.ok && outcome.value.themes?.map(themeKey)).toEqual([themeKey(theme)]);
    expect(outcome.ok && outcome.value.drills.map((one) => one.drillId)).toContain('drill-tap-early');
  });

  it('makes room for blocks of the coach’s own, before and after the lessons', () => {
    const own = (id: string, minutes: number, place: 'before' | 'after') => ({ id, title: id, minutes, place });
    const ownBlocks = [own('Announcements', 3, 'before'), own('Breathing', 5, 'after')];
    const outcome = planClass(problemOf(class10, { ownBlocks }), solve);
    const blocks = outcome.ok ? outcome.value.blocks : [];
    expect(blocks.filter((one) => one.kind === 'own').map((one) => one.title)).toEqual(['Announcements', 'Breathing']);
    expect(blocks.map((one) => one.kind).slice(0, 3)).toEqual(['warm-up', 'own', 'shown']);
    expect(blocks.map((one) => one.kind).slice(-3)).toEqual(['own', 'rounds', 'close']);
    expect(blocks.reduce((sum, one) => sum + one.minutes, 0)).toBe(problemOf(class10).minutes);
    expect(planClass(problemOf(class10, { ownBlocks: [own('Long', 90, 'before')] }), solve)).toMatchObject({
      ok: false,
      problem: { code: 'own-blocks-do-not-fit', ownMinutes: 90 },
    });
  });

  it('keeps locks and leaves out what was dropped', () => {
    const free = planClass(problemOf(class10), solve);
    const first = free.ok ? free.value.drills[0]!.drillId : '';
    const outcome = planClass(
      problemOf(class10, {
        locks: [
          { kind: 'drop', drillId: first },
          { kind: 'keep', drillId: 'drill-hold-the-mount', minutes: 9 },
        ],
      }),
      solve,
    );
    if (!outcome.ok) throw new Error(outcome.problem.code);
    expect(outcome.value.drills.map((one) => one.drillId)).not.toContain(first);
    expect(outcome.value.drills.find((one) => one.drillId === 'drill-hold-the-mount')).toMatchObject({
      minutes: 9,
      locked: true,
    });
  });

  it('says why there is none', () => {
    const code = (problem: ClassProblem) => {
      const outcome = planClass(problem, solve);
      return outcome.ok ? 'planned' : outcome.problem.code;
    };
    expect(code(problemOf([]))).toBe('nobody-expected');
    expect(code(problemOf([class10[0]!]))).toBe('one-person');
    expect(code(problemOf(class10, { minutes: 15 }))).toBe('too-short');
    expect(code(problemOf([person('a'), person('b')]))).toBe('nothing-to-work-on');
    expect(code(problemOf(class10, { drills: [] }))).toBe('no-drill-fits');
    expect(
      code(
        problemOf(class10, {
          minutes: 30,
          locks: [
            { kind: 'keep', drillId: 'drill-frames-retention', minutes: 14 },
            { kind: 'keep', drillId: 'drill-triangle-angle', minutes: 12 },
          ],
        }),
      ),
    ).toBe('locks-do-not-fit');
  });

  it('plans an odd number and rests the injured from live work', () => {
    const outcome = planClass(problemOf([...class10.slice(0, 4), { ...class10[4]!, injured: true }]), solve);
    if (!outcome.ok) throw new Error(outcome.problem.code);
    const [lesson, rounds] = [outcome.value.pairings[0]!, outcome.value.pairings.at(-1)!];
    expect(lesson).toMatchObject({ phase: 'lesson', injuredIds: ['p4'] });
    expect(lesson.groups.flat()).toContain('p4');
    expect(lesson.groups.some((group) => group.length === 3)).toBe(true);
    expect(rounds.phase).toBe('rounds');
    expect(rounds.groups.flat()).not.toContain('p4');
  });

  it('offers the next best three for each lesson, of the same theme, none better than the plan itself', () => {
    const outcome = planClass(problemOf(class10), solve);
    if (!outcome.ok) throw new Error(outcome.problem.code);
    const { drills: chosen, themes } = outcome.value;
    expect(themes).toHaveLength(1);
    for (const { drillId, instead = [] } of chosen) {
      expect(instead.length).toBeLessThanOrEqual(3);
      for (const one of instead) {
        expect(one.drillId).not.toBe(drillId);
        expect(one.benefitRatio).toBeLessThanOrEqual(1.03);
      }
      const ratios = instead.map((one) => one.benefitRatio);
      expect(ratios).toEqual([...ratios].sort((x, y) => y - x));
    }
  });
});

it('a model is written so that any solver reads it', () => {
  const text = formatLinearModel({
    direction: 'maximize',
    objective: [
      [2, 'x'],
      [-1, 'y'],
    ],
    constraints: [
      {
        name: 'c0',
        terms: [
          [1, 'x'],
          [1, 'y'],
        ],
        relation: '<=',
        bound: 4,
      },
    ],
    upperBounds: [['x', 3]],
    integers: ['y'],
    binaries: [],
  });
  expect(text).toBe(
    'Maximize\n obj: + 2 x\n - 1 y\nSubject To\n c0: + 1 x\n + 1 y <= 4\nBounds\n 0 <= x <= 3\nGeneral\n y\nEnd\n',
  );
});

describe('those whom only live work keeps apart', () => {
  const flat = [{ errorId: 'err-half-flat', priority: 2, count: 3, markIds: [] }];
  const of = (weights: number[], rest: Partial<Attendee> = {}) =>
    weights.map((weightKg, at) => person(`p${at}`, { weightKg, needs: flat, ...rest }));
  const lessonOf = (attendees: Attendee[], limits = defaultLimits) => {
    const outcome = planClass(problemOf(attendees, { limits }), solve);
    const pairings = outcome.ok ? outcome.value.pairings : [];
    return {
      lesson: pairings.find((one) => one.phase === 'lesson'),
      rounds: pairings.find((one) => one.phase === 'rounds'),
    };
  };

  it('learn together until it is played, and rest from live rounds', () => {
    const { lesson, rounds } = lessonOf(of([60, 62, 80, 110]));
    expect(lesson?.groups.map((group) => [...group].sort())).toEqual([['p0', 'p1']]);
    expect(lesson?.untilPlayed?.map((one) => [...one.personIds].sort())).toEqual([['p2', 'p3']]);
    expect(lesson?.sittingOut).toEqual([]);
    expect(rounds?.sittingOut.map((one) => one.personId).sort()).toEqual(['p2', 'p3']);
  });

  it('are taken in by a pair where one is alone', () => {
    const { lesson } = lessonOf(of([60, 62, 110]));
    expect(lesson?.untilPlayed).toEqual([{ personIds: ['p2'], hostIds: expect.arrayContaining(['p0', 'p1']) }]);
    expect(lesson?.sittingOut).toEqual([]);
  });

  it('but never against another rule', () => {
    const apart = { ...defaultLimits, doNotPair: [['p2', 'p0']] as const };
    expect(lessonOf(of([60, 62, 110]), apart).lesson?.sittingOut.map((one) => one.personId)).toEqual(['p2']);
    const child = [...of([60, 62]), person('kid', { age: 12, weightKg: 40, needs: flat })];
    expect(lessonOf(child).lesson?.untilPlayed).toEqual([]);
  });
});

describe('the shape of a class', () => {
  const numbers = {
    ...usualNumbers,
    warmUpMinutes: 15,
    closeMinutes: 5,
    mostLessons: 1,
    leastLessonMinutes: 12,
    mostLessonMinutes: 18,
  };

  const ten = Array.from({ length: 10 }, (_, at) =>
    person(`p${at}`, { needs: [{ errorId: 'err-half-flat', priority: 2, count: 3, markIds: [] }] }),
  );

  it('is as the academy says: minutes around the lessons, how many, how short and how long', () => {
    const built = planClass(problemOf(ten, { numbers, drills: taughtHere(drills, numbers) }), solve);
    const blocks = built.ok ? built.value.blocks : [];
    const minutesOf = (kind: string) => blocks.filter((one) => one.kind === kind).map((one) => one.minutes);
    expect(minutesOf('warm-up')).toEqual([15]);
    expect(minutesOf('close')).toEqual([5]);
    const lessons = built.ok ? built.value.drills : [];
    expect(lessons).toHaveLength(1);
    expect(lessons[0]?.minutes).toBeGreaterThanOrEqual(12);
    expect(lessons[0]?.minutes).toBeLessThanOrEqual(18);
    expect(blocks.reduce((sum, one) => sum + one.minutes, 0)).toBe(75);
  });

  it('is halved around the lessons of a short class, and leaves none less than nothing', () => {
    expect(fixedMinutes(40)).toEqual({ 'warm-up': 4, rounds: 5, close: 2 });
    expect(fixedMinutes(60)).toEqual({ 'warm-up': 8, rounds: 12, close: 3 });
    expect(drillMinutesIn(20, { ...usualNumbers, warmUpMinutes: 30, roundsMinutes: 90 })).toBe(0);
    expect(planClass(problemOf(ten, { minutes: 60, numbers: { ...usualNumbers, roundsMinutes: 90 } }), solve).ok).toBe(
      false,
    );
  });
});
