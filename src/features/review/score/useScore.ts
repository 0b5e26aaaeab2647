'use client';

import { useMemo } from 'react';
import type { RoundReading } from '@/core/round';
import { compareBoard, findRuleSet, scoreRound } from '@/core/scoring';

/** The score of a round under its rule set; undefined where nothing is scored. */
export function useScore(reading: RoundReading, ruleSetId: string, plannedSeconds: number) {
  return useMemo(() => {
    const ruleSet = findRuleSet(ruleSetId);
    if (!ruleSet?.points) return undefined;
    const score = scoreRound(reading, ruleSet.points, plannedSeconds);
    return {
      ruleSetName: ruleSet.name,
      reading: score,
      differences: compareBoard(reading.marks, score),
      hasBoard: reading.marks.some((mark) => mark.kind === 'board'),
    };
  }, [reading, ruleSetId, plannedSeconds]);
}
