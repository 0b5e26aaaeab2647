'use client';

import { useMemo } from 'react';
import type { RoundReading } from '@/core/round';
import { compareBoard, type RuleSet, refereePoints, scoreRound } from '@/core/scoring';

/** The score of a round under its rule set; undefined where nothing is scored. */
export function useScore(reading: RoundReading, ruleSet: RuleSet | undefined, plannedSeconds: number) {
  return useMemo(() => {
    if (!ruleSet?.points) return undefined;
    const score = scoreRound(reading, ruleSet.points, plannedSeconds);
    return {
      ruleSetName: ruleSet.name,
      rules: ruleSet.points,
      plannedSeconds,
      reading: score,
      differences: compareBoard(reading.marks, score),
      given: refereePoints(reading.marks, score.events),
      hasBoard: reading.marks.some((mark) => mark.kind === 'board'),
    };
  }, [reading, ruleSet, plannedSeconds]);
}
