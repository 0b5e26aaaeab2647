'use client';

import { useMemo } from 'react';
import type { MarkDraft } from '@/core/callline';
import type { Span } from '@/core/clock';
import { conceptIdOf, type Mark } from '@/core/round';
import type { Uniform } from '@/core/vocabulary';
import { callNames, pronounOf } from './athleteWords';
import type { ProposalLine } from './panels/commentary/commentaryView';
import { useCardLearning } from './panels/commentary/useCardLearning';
import { useCommentary } from './panels/commentary/useCommentary';
import type { HeaderAthlete } from './ReviewHeader';
import type { useDeskWords } from './useDeskWords';
import type { useMarks } from './useMarks';

export interface DeskCommentaryOptions {
  readonly round: { readonly uniform: Uniform; readonly a: HeaderAthlete; readonly b: HeaderAthlete };
  readonly scopeId: string;
  readonly span: Span;
  readonly words: ReturnType<typeof useDeskWords>;
  readonly uses: Readonly<Record<string, number>>;
  readonly weights: readonly number[] | undefined;
  readonly marks: readonly Mark[];
  readonly session: Pick<ReturnType<typeof useMarks>, 'addAll' | 'undo'>;
}

/** Whether a card was taken as it was read first, and not as another of its readings. */
const isAsProposed = ({ draft }: ProposalLine['proposal'], taken: MarkDraft): boolean =>
  draft.kind === taken.kind && conceptIdOf({ ...draft, id: '' } as Mark) === conceptIdOf({ ...taken, id: '' } as Mark);

/** A spoken commentary and what becomes of its proposals on this desk. */
export function useDeskCommentary({
  round,
  scopeId,
  span,
  words,
  uses,
  weights,
  marks,
  session,
}: DeskCommentaryOptions) {
  const { house, index } = words;
  const spokenRound = useMemo(
    () => ({
      id: scopeId,
      span,
      uniform: round.uniform,
      calledBy: { a: callNames(round.a).slice(1), b: callNames(round.b).slice(1) },
      pronouns: { a: pronounOf(round.a), b: pronounOf(round.b) },
    }),
    [round, scopeId, span],
  );
  const spoken = useMemo(() => ({ house, uses }), [house, uses]);
  const commentary = useCommentary(spokenRound, index, spoken, marks, weights);
  const learning = useCardLearning();
  const accept = (lines: readonly ProposalLine[]) => {
    if (lines.length === 0) return;
    session.addAll(lines.map(({ draft }) => ({ ...draft, id: crypto.randomUUID() }) as Mark));
    const places = lines.map((line) => line.place);
    commentary.act({ kind: 'decide', places, decision: 'accepted', open: commentary.open });
    learning.decide(
      lines.map(({ proposal, draft }) => ({ features: proposal.features, right: isAsProposed(proposal, draft) })),
    );
  };
  const drop = (line: ProposalLine) => {
    commentary.act({ kind: 'decide', places: [line.place], decision: 'dropped', open: commentary.open });
    learning.decide([{ features: line.proposal.features, right: false }]);
  };
  /** A call that was written in place of a proposal has taken it up. */
  const decided = (place: number | undefined) => {
    if (place === undefined) return;
    commentary.act({ kind: 'decide', places: [place], decision: 'accepted', open: commentary.open });
    const line = commentary.lines[place];
    if (line) learning.decide([{ features: line.proposal.features, right: false }]);
  };
  const takeBack = () => {
    const step = commentary.work?.steps.at(-1);
    if (step?.added) session.undo();
    if (step && !step.before) learning.takeBack();
    commentary.act({ kind: 'take-back' });
  };
  return { commentary, accept, drop, decided, takeBack };
}
