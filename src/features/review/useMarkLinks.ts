'use client';

import { useState } from 'react';
import { causeOf, checkLink, linksOf, type Mark, type RoundReading } from '@/core/round';
import { withLink } from './markEdits';
import { markProblemText } from './reviewView';
import type { useMarks } from './useMarks';

export const CHOOSE_FIRST = 'Choose a mark first, with ↑ and ↓.';

export interface MarkLinksOptions {
  readonly marks: ReturnType<typeof useMarks>;
  readonly reading: RoundReading;
  readonly selected: Mark | undefined;
  readonly goTo: (mark: Mark) => void;
  readonly say: (words: string | undefined) => void;
}

/** What led to what: linking two marks, and walking back along the links. */
export function useMarkLinks({ marks, reading, selected, goTo, say }: MarkLinksOptions) {
  const [linkFrom, setLinkFrom] = useState<string>();
  const link = () => {
    const cause = linkFrom === undefined ? undefined : marks.state.held.get(linkFrom)?.mark;
    if (!linkFrom) {
      if (!selected) return say(CHOOSE_FIRST);
      setLinkFrom(selected.id);
      return say('What did it lead to? Choose the later mark with ↓, then press L.');
    }
    setLinkFrom(undefined);
    if (!cause || !selected) return;
    const checked = checkLink(reading.marks, cause.id, selected.id);
    if (!checked.ok) return say(markProblemText(checked.problem));
    marks.replace(cause, withLink(cause, selected.id));
    say(undefined);
  };
  /** From a mark to what led to it, step by step to the first cause. */
  const toCause = () => {
    if (!selected) return say(CHOOSE_FIRST);
    const cause = causeOf(reading.marks, selected.id);
    if (cause) {
      goTo(cause);
      return say(
        causeOf(reading.marks, cause.id) ? 'This led to it. Shift R goes further back.' : 'The first cause of it.',
      );
    }
    say(
      linksOf(selected).length > 0
        ? 'This is a first cause.'
        : 'Nothing is linked to it. L on what led to it links the two.',
    );
  };
  return { linkFrom, link, toCause, unlink: () => setLinkFrom(undefined) };
}
