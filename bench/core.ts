import { buildVocabularyIndex, readCall } from '../src/core/callline';
import { type Attendee, planClass } from '../src/core/planning';
import {
  listContradictions,
  type Mark,
  outlineMarks,
  readChains,
  readRound,
  summariseAthlete,
  tideOf,
} from '../src/core/round';
import { belts, drills, errors, positions, techniques } from '../src/core/vocabulary';
import { createSolver } from '../src/server/classes/solver';
import { type BenchLine, timeWork } from './line';

/** A repeatable stream of numbers from 0 to 1. */
function draws(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff;
    return state / 0x7fffffff;
  };
}

export function largeRound(count: number): Mark[] {
  const draw = draws(11);
  const pick = <Item>(items: readonly Item[]): Item => items[Math.floor(draw() * items.length)]!;
  return Array.from({ length: count }, (_, index): Mark => {
    const base = { id: `m${index}`, atSeconds: (index / count) * 600 };
    const athlete = draw() < 0.5 ? 'a' : 'b';
    const kind = draw();
    if (kind < 0.4) return { ...base, kind: 'position', positionId: pick(positions).id, holder: athlete };
    if (kind < 0.7)
      return {
        ...base,
        kind: 'attempt',
        techniqueId: pick(techniques).id,
        athlete,
        stage: pick(['entry', 'control', 'locked', 'finished'] as const),
      };
    return {
      ...base,
      kind: 'error',
      errorId: pick(errors).id,
      athlete,
      punished: 'yes',
      ledTo: index + 3 < count ? [`m${index + 1}`, `m${index + 3}`] : [],
    };
  });
}

function readEverything(marks: readonly Mark[]): number {
  const reading = readRound({ startSeconds: 0, endSeconds: 600 }, marks);
  const tide = tideOf(reading);
  readChains(reading, tide);
  listContradictions(reading);
  outlineMarks(reading.marks);
  return summariseAthlete(reading, 'a').markedSeconds;
}

function largeClass(count: number): Attendee[] {
  const draw = draws(7);
  return Array.from({ length: count }, (_, index) => ({
    personId: `p${index}`,
    belt: belts[Math.floor(draw() * 4)]!,
    age: 20 + Math.floor(draw() * 30),
    weightKg: 55 + draw() * 45,
    chance: 0.5 + draw() * 0.5,
    injured: false,
    needs: Array.from({ length: 6 }, () => ({
      errorId: errors[Math.floor(draw() * errors.length)]!.id,
      priority: draw() * 3,
      count: 1 + Math.floor(draw() * 5),
      markIds: [],
    })),
  }));
}

export async function measureCore(): Promise<BenchLine[]> {
  const marks = largeRound(2000);
  const began = performance.now();
  readEverything(marks);
  const cold = performance.now() - began;
  const large = timeWork(() => readEverything(marks), 40);
  const small = timeWork(() => readEverything(marks.slice(0, 200)), 40);
  const index = buildVocabularyIndex();
  const context = {
    uniform: 'gi' as const,
    state: { kind: 'unmarked' as const },
    calledBy: { a: ['ana'], b: ['marek'] },
    atSeconds: 5,
    roundStartSeconds: 0,
  };
  const typed = 'marek half guard pass with crossface finished';
  const keys = timeWork(() => {
    for (let length = 1; length <= typed.length; length += 1) readCall(typed.slice(0, length), index, context);
  });
  const solve = await createSolver();
  const attendees = largeClass(40);
  const planBegan = performance.now();
  const planned = planClass(
    {
      minutes: 75,
      uniform: 'gi',
      pairsOnMats: 20,
      attendees,
      limits: { liveWeightGapRatio: 0.2, minorsWithAdults: false, doNotPair: [] },
      locks: [],
      restingDrillIds: new Set(),
      recentPairs: new Set(),
      drills: drills.slice(0, 60),
    },
    solve,
  );
  const planSeconds = (performance.now() - planBegan) / 1000;
  const state = planned.ok ? (planned.value.optimal ? 'proved optimal' : 'not proved') : planned.problem.code;
  const better = planned.ok ? (planned.value.benefit / planned.value.frequencyBenefit).toFixed(2) : '–';
  return [
    {
      what: 'reading, tide, chains, contradictions, outline of 2,000 marks',
      measured: `${large.toFixed(1)} ms (${(large / small).toFixed(1)} × the time of 200 marks); the very first time, not compiled yet, ${cold.toFixed(0)} ms`,
      goal: '20 ms',
    },
    { what: 'reading one typed key of a call', measured: `${(keys / typed.length).toFixed(2)} ms`, goal: '2 ms' },
    {
      what: 'a plan for 40 students and 60 drills, pairs and explanations included',
      measured: `${planSeconds.toFixed(2)} s, ${state}; ${better} × the benefit of most-frequent-first`,
      goal: '3 s',
    },
  ];
}
