'use client';

import { useEffect, useReducer, useState } from 'react';
import type { ReviewContent } from '@/server/reviews/closingInput';
import { closingReducer } from './closingReducer';

/** A review while it is written: what was written and not signed is still here, under its name, after a closed page. */
export function useClosingDraft(name: string, start: ReviewContent) {
  const [content, dispatch] = useReducer(closingReducer, start);
  const [restored, setRestored] = useState(false);
  useEffect(() => {
    try {
      const kept = localStorage.getItem(name);
      // A draft of before points had these fields is still one.
      if (kept) dispatch({ kind: 'restore', content: withAllFields(JSON.parse(kept) as ReviewContent) });
    } catch {
      // Storage may be forbidden, or hold nothing that can be read: then an unsigned draft lasts as long as the page.
    }
    setRestored(true);
  }, [name]);
  useEffect(() => {
    if (!restored || content === start) return;
    try {
      localStorage.setItem(name, JSON.stringify(content));
    } catch {
      // See above.
    }
  }, [name, content, start, restored]);
  const forget = () => {
    try {
      localStorage.removeItem(name);
    } catch {
      // See above.
    }
  };
  return { content, dispatch, forget };
}

const withAllFields = (content: ReviewContent): ReviewContent => ({
  ...content,
  points: content.points.map((point) => ({ ...point, instead: point.instead ?? '' })),
  questions: content.questions.map((question) => ({ ...question, choices: question.choices ?? [] })),
});
