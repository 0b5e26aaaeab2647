import { describe, expect, it } from 'vitest';
import {
  type KeptPlan,
  type KeptRound,
  planByProposals,
  planJoin,
  planRecut,
  planSplit,
  proposalsWithin,
  sequenceOf,
} from './keptRounds';

const kept = (id: string, startSeconds: number, endSeconds: number): KeptRound => ({
  ...{ id, version: 1, a: 'Ana', b: 'Marek', markCount: 3 },
  ...{ startSeconds, endSeconds },
});
const whole = kept('w', 0, 900);
const stepOf = (plan: KeptPlan) => {
  if ('problem' in plan) throw new Error(plan.problem);
  return plan.step;
};
const problemOf = (plan: KeptPlan) => ('problem' in plan ? plan.problem : undefined);

describe('rounds that were cut out before', () => {
  it('get other ends, and the old ones back', () => {
    const { does, undo, said } = stepOf(planRecut(whole, { startSeconds: 5, endSeconds: 890 }, [], 900));
    expect(does).toEqual({ kind: 'cut', id: 'w', parts: [{ id: 'w', startSeconds: 5, endSeconds: 890 }] });
    expect(undo).toEqual({ kind: 'cut', id: 'w', parts: [{ id: 'w', startSeconds: 0, endSeconds: 900 }] });
    expect(said).toContain('from 0:05 to 14:50');
    const plan = (startSeconds: number, endSeconds: number) =>
      problemOf(planRecut(whole, { startSeconds, endSeconds }, [{ startSeconds: 950, endSeconds: 990 }], 1000));
    expect(plan(-1, 10)).toContain('within the file');
    expect(plan(0, 5)).toContain('at least 10');
    expect(plan(0, 960)).toContain('over another');
  });
  it('are split where the playhead stands, not at their very ends', () => {
    const { does, undo } = stepOf(planSplit(whole, 300, 'n'));
    expect(does).toMatchObject({
      parts: [
        { id: 'w', startSeconds: 0, endSeconds: 300 },
        { id: 'n', startSeconds: 300, endSeconds: 900 },
      ],
    });
    expect(undo).toEqual({
      ...{ kind: 'join', id: 'w', otherIds: ['n'], markGaps: false },
      span: { startSeconds: 0, endSeconds: 900 },
    });
    for (const at of [3, 895, -5, 1000]) expect(problemOf(planSplit(whole, at, 'n'))).toContain('inside a round');
  });
  it('are cut into what was found in them: a file that was taken as one round', () => {
    const proposals = [
      { startSeconds: 20, endSeconds: 320 },
      { startSeconds: 380, endSeconds: 680 },
      { startSeconds: 895, endSeconds: 1200 },
    ];
    expect(proposalsWithin(whole, proposals)).toEqual(proposals.slice(0, 2));
    expect(stepOf(planByProposals(whole, proposals, ['x', 'y', 'z'])).does).toMatchObject({
      parts: [
        { id: 'w', startSeconds: 20 },
        { id: 'y', startSeconds: 380 },
      ],
    });
    expect(problemOf(planByProposals(whole, proposals.slice(0, 1), ['x']))).toContain('No two rounds');
  });
  it('are joined with the next one, if there is one', () => {
    expect(stepOf(planJoin(whole, kept('n', 950, 1200))).does).toMatchObject({
      ...{ otherIds: ['n'], markGaps: true },
      span: { startSeconds: 0, endSeconds: 1200 },
    });
    expect(problemOf(planJoin(whole, undefined))).toContain('No round');
  });
  it('stand among the new cuts in the order of time', () => {
    const cuts = [{ key: 'c', startSeconds: 950, endSeconds: 1000, state: 'proposed' as const }];
    expect(sequenceOf(cuts, [kept('late', 1100, 1200), whole])).toEqual(['w', 'c', 'late']);
  });
});
