import { useState } from 'react';
import type { Span } from '@/core/clock';
import type { Playhead } from '@/player/usePlayhead';
import type { CutCommand } from './cutKeys';
import type { CutAction } from './cutReducer';
import {
  type KeptPlan,
  type KeptRound,
  planByProposals,
  planJoin,
  planRecut,
  planSplit,
  sequenceOf,
} from './keptRounds';
import type { useCuts } from './useCuts';
import { useKeptRounds } from './useKeptRounds';

export interface CutDeskOptions {
  readonly cuts: ReturnType<typeof useCuts>;
  readonly rounds: readonly KeptRound[];
  readonly proposals: readonly Span[];
  readonly durationSeconds: number;
  readonly playhead: Playhead;
  readonly goTo: (seconds: number) => void;
  readonly say: (words: string) => void;
}

const byStart = (one: Span, other: Span): number => one.startSeconds - other.startSeconds;

/** What is chosen on the strip, a cut or a round that is there already, and what the keys do to it. */
export function useCutDesk({ cuts, rounds, proposals, durationSeconds, playhead, goTo, say }: CutDeskOptions) {
  const { state, act } = cuts;
  const [roundId, setRoundId] = useState<string>();
  // The key that undoes takes back what was done last, to a cut or to a round.
  const [lastTouched, setLastTouched] = useState<'cut' | 'round'>('cut');
  const kept = useKeptRounds(rounds, say);
  const round = rounds.find((one) => one.id === roundId);
  const chosenKey = round?.id ?? state.chosenKey;
  const chosen: Span | undefined = round ?? state.cuts.find((one) => one.key === state.chosenKey);

  const choose = (key: string) => {
    const cut = state.cuts.find((one) => one.key === key);
    const other = rounds.find((one) => one.id === key);
    act({ kind: 'choose', key: cut?.key });
    setRoundId(other?.id);
    const start = (cut ?? other)?.startSeconds;
    if (start !== undefined) goTo(start);
  };
  const stepTo = (by: 1 | -1) => {
    const keys = sequenceOf(state.cuts, rounds);
    const index = keys.indexOf(chosenKey ?? '');
    const next = keys[index < 0 ? (by === 1 ? 0 : keys.length - 1) : index + by];
    if (next) choose(next);
  };
  const actOnCut = (action: CutAction) => {
    setLastTouched('cut');
    act(action);
  };
  const changeRound = (plan: KeptPlan) => {
    setLastTouched('round');
    void kept.take(plan);
  };
  const recut = (one: KeptRound, ends: Partial<Span>) => {
    const others = [...rounds.filter((other) => other !== one), ...state.cuts];
    changeRound(planRecut(one, { ...one, ...ends }, others, durationSeconds));
  };
  const cutUp = (one: KeptRound) => {
    const ids = proposals.map(() => crypto.randomUUID());
    changeRound(planByProposals(one, proposals, ids));
  };
  const split = () => {
    const [now, newKey] = [playhead.now(), crypto.randomUUID()];
    const target = round ?? rounds.find((one) => one.startSeconds < now && now < one.endSeconds);
    if (target) changeRound(planSplit(target, now, newKey));
    else actOnCut({ kind: 'split', atSeconds: now, newKey });
  };
  const setEnd = (end: 'startSeconds' | 'endSeconds') => {
    const [now, newKey] = [playhead.now(), crypto.randomUUID()];
    if (round) recut(round, { [end]: now });
    else actOnCut({ kind: end === 'startSeconds' ? 'begin-here' : 'end-here', atSeconds: now, newKey });
  };
  const commands = {
    'round-before': () => stepTo(-1),
    'round-after': () => stepTo(1),
    'to-begin': () => chosen && goTo(chosen.startSeconds),
    'to-end': () => chosen && goTo(chosen.endSeconds),
    'begin-here': () => setEnd('startSeconds'),
    'end-here': () => setEnd('endSeconds'),
    confirm: () => actOnCut({ kind: 'confirm' }),
    'confirm-all': () => actOnCut({ kind: 'confirm-all' }),
    drop: () =>
      round ? say('A round that was cut out is deleted on its card, with its marks.') : actOnCut({ kind: 'drop' }),
    merge: () => {
      const next = [...rounds].sort(byStart).find((one) => round && one.startSeconds >= round.endSeconds - 0.01);
      if (round) changeRound(planJoin(round, next));
      else actOnCut({ kind: 'merge' });
    },
    split,
    'cut-up': () => (round ? cutUp(round) : say('Choose a round that was cut out before, with ↑ and ↓.')),
    undo: () => (lastTouched === 'round' && kept.canUndo ? void kept.undo() : act({ kind: 'undo' })),
    redo: () => act({ kind: 'redo' }),
  } satisfies Partial<Record<CutCommand, () => void>>;
  const unchoose = () => {
    act({ kind: 'choose', key: undefined });
    setRoundId(undefined);
  };
  return { commands, chosenKey, choose, unchoose, actOnCut, cutUp };
}
