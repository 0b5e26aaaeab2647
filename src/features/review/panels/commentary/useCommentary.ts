'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import type { VocabularyIndex } from '@/core/callline';
import type { Span } from '@/core/clock';
import type { TalkTrack } from '@/core/commentary';
import type { Athlete, Mark } from '@/core/round';
import type { Uniform } from '@/core/vocabulary';
import { type CommentaryAction, type CommentaryWork, NOT_CHOSEN, reduceCommentary } from './commentaryState';
import { findWork, forgetWork, keepWork } from './commentaryStore';
import { fileProblemText, inOrder, openPlaces, type ProposalLine, proposalLines } from './commentaryView';
import { readCommentaryFile } from './readCommentaryFile';
import { useProposals } from './useProposals';

export interface CommentaryRound {
  readonly id: string;
  readonly span: Span;
  readonly uniform: Uniform;
  readonly calledBy: Readonly<Record<Athlete, readonly string[]>>;
  readonly pronouns: Partial<Record<Athlete, 'he' | 'she'>>;
}

/** A commentary on a round: read from a file, kept across a closed page, gone through one proposal at a time. */
export function useCommentary(
  round: CommentaryRound,
  index: VocabularyIndex,
  words: Parameters<typeof useProposals>[2],
  marks: readonly Mark[],
  weights: readonly number[] | undefined,
) {
  const [work, setWork] = useState<CommentaryWork>();
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    void findWork(round.id)
      .then((kept) => kept && setWork((current) => current ?? kept))
      .catch(() => undefined);
  }, [round.id]);
  useEffect(() => {
    if (work) void keepWork(round.id, work).catch(() => undefined);
  }, [work, round.id]);

  const cues = work?.cues;
  const speaks = work?.speaks;
  const you = work?.you;
  const context = useMemo(() => {
    const { calledBy, pronouns, uniform } = round;
    return { uniform, calledBy, pronouns, speaks, you };
  }, [speaks, you, round]);
  const reading = useProposals(cues, index, words, context);
  const proposals = reading?.proposals;
  const [withUnsure, setWithUnsure] = useState(false);
  const lines: readonly ProposalLine[] = useMemo(
    () => (work && proposals ? proposalLines(work, proposals, round.span, marks, weights) : []),
    [work, proposals, round.span, marks, weights],
  );
  const shown = useMemo(() => inOrder(lines, withUnsure), [lines, withUnsure]);

  const read = useCallback(
    async (file: File, talk?: { readonly track: TalkTrack }) => {
      const [{ cuesOfTalk }, parsed] = await Promise.all([import('@/core/commentary'), readCommentaryFile(file)]);
      if (!('cues' in parsed)) return setProblem(fileProblemText(parsed, file.name));
      setProblem(undefined);
      setWork({
        fileName: file.name,
        // The text of a talk over this footage lies where the footage was when it was said.
        cues: talk ? cuesOfTalk(parsed.cues, talk.track) : parsed.cues,
        remarks: parsed.remarks,
        tie: { offsetSeconds: talk ? 0 : round.span.startSeconds, pauses: [] },
        decisions: {},
        selected: NOT_CHOSEN,
        steps: [],
      });
    },
    [round.span],
  );
  const act = useCallback(
    (action: CommentaryAction) => setWork((current) => (current ? reduceCommentary(current, action) : current)),
    [],
  );
  const close = useCallback(() => {
    setWork(undefined);
    setProblem(undefined);
    void forgetWork(round.id).catch(() => undefined);
  }, [round.id]);
  const open = useMemo(() => openPlaces(shown), [shown]);
  const looked = useMemo(
    () => (work && work.selected < 0 ? { ...work, selected: open[0] ?? shown[0]?.place ?? 0 } : work),
    [work, open, shown],
  );
  return {
    work: looked,
    inEnglish: reading?.inEnglish ?? true,
    isReading: work !== undefined && proposals === undefined,
    problem,
    lines,
    shown,
    withUnsure,
    toggleUnsure: () => setWithUnsure((on) => !on),
    open,
    read,
    act,
    close,
    clearProblem: () => setProblem(undefined),
  };
}
