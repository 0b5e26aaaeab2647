'use client';

import { useState } from 'react';
import { type Arrangement, arranged, arrangementOf, type ClassPlan, type PlanNumbers, taughtBy } from '@/core/planning';
import { arrangeWords } from '@/terms/arrangeWords';
import { useHouse, useWordOf } from '@/terms/HouseContext';

/** What a coach does with the lessons of a plan; everything that follows is there at once. */
export interface Arranging {
  /** The plan as it is arranged now. */
  readonly plan: ClassPlan;
  readonly lessons: Arrangement;
  readonly isMoved: boolean;
  /** Why the last thing that was tried is not possible. */
  readonly problem?: string;
  readonly onMinutes: (drillId: string, by: number) => void;
  /** One place earlier or later. */
  readonly onMove: (drillId: string, by: -1 | 1) => void;
  /** Into the place of another lesson. */
  readonly onDrop: (drillId: string, ontoId: string) => void;
  readonly onBack: () => void;
}

export function useArranging(plan: ClassPlan, numbers: PlanNumbers): Arranging {
  const house = useHouse();
  const wordOf = useWordOf();
  const [lessons, setLessons] = useState(() => arrangementOf(plan));
  const [problem, setProblem] = useState<string>();
  const arrange = (wanted: Arrangement) => arranged(plan, wanted, taughtBy(house, numbers), numbers);
  const found = arrange(lessons);
  const shown = found.ok ? found.value : plan;
  const take = (wanted: Arrangement) => {
    const next = arrange(wanted);
    setProblem(next.ok ? undefined : arrangeWords(next.problem, wordOf));
    if (next.ok) setLessons(wanted);
  };
  const into = (drillId: string, to: number) => {
    const moved = lessons.find((one) => one.drillId === drillId);
    if (!moved || to < 0 || to >= lessons.length) return;
    const others = lessons.filter((one) => one !== moved);
    take([...others.slice(0, to), moved, ...others.slice(to)]);
  };
  const placeOf = (drillId: string) => lessons.findIndex((one) => one.drillId === drillId);
  return {
    ...{ plan: shown, lessons, problem },
    isMoved: JSON.stringify(lessons) !== JSON.stringify(arrangementOf(plan)),
    onMinutes: (drillId, by) =>
      take(lessons.map((one) => (one.drillId === drillId ? { ...one, minutes: one.minutes + by } : one))),
    onMove: (drillId, by) => into(drillId, placeOf(drillId) + by),
    onDrop: (drillId, ontoId) => into(drillId, placeOf(ontoId)),
    onBack: () => {
      setLessons(arrangementOf(plan));
      setProblem(undefined);
    },
  };
}
