'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { editReel, type ReelEdit, type SavedReel } from '@/core/reel';
import { saveReel } from '@/server/reels/reelActions';

/** A reel is kept by itself so long after the last change. @source own decision: a sentence is written in one go */
const SAVE_MS = 700;
const MOST_STEPS = 100;

export type Keeping = 'kept' | 'changed' | 'away' | 'conflict' | { readonly why: string };

interface Steps {
  readonly now: Draft;
  readonly before: readonly Draft[];
  readonly undone: readonly Draft[];
}
interface Draft {
  readonly name: string;
  readonly content: SavedReel;
}

/** A saved reel while it is changed: every change can be taken back, and is kept by itself; a change by another coach is told and overwrites nothing. */
export function useReelEditing(reelId: string, start: Draft & { readonly version: number }) {
  const router = useRouter();
  const [first] = useState<Draft>({ name: start.name, content: start.content });
  const [steps, setSteps] = useState<Steps>({ now: first, before: [], undone: [] });
  const [keeping, setKeeping] = useState<Keeping>('kept');
  const version = useRef(start.version);
  const kept = useRef(first);
  const latest = useRef(steps.now);
  latest.current = steps.now;

  const change = (to: (draft: Draft) => Draft) =>
    setSteps(({ now, before, undone }) => {
      const next = to(now);
      return next === now
        ? { now, before, undone }
        : { now: next, before: [...before, now].slice(-MOST_STEPS), undone: [] };
    });
  const undo = () =>
    setSteps((all) => {
      const last = all.before.at(-1);
      return last ? { now: last, before: all.before.slice(0, -1), undone: [all.now, ...all.undone] } : all;
    });
  const redo = () =>
    setSteps((all) => {
      const [next, ...rest] = all.undone;
      return next ? { now: next, before: [...all.before, all.now], undone: rest } : all;
    });

  const save = useRef(async () => {});
  save.current = async () => {
    const draft = latest.current;
    if (draft === kept.current || keeping === 'conflict') return;
    const outcome = await saveReel(draft, { id: reelId, version: version.current }).catch(() => undefined);
    if (!outcome) return setKeeping('away');
    if (!outcome.ok)
      return setKeeping(
        'conflict' in outcome.messages ? 'conflict' : { why: Object.values(outcome.messages)[0] ?? '' },
      );
    version.current = outcome.version;
    const shows = (one: Draft) => one.content.pieces.filter((piece) => piece.reading).length;
    // What stands in the corner, only the server knows.
    const isNew = shows(draft) !== shows(kept.current);
    kept.current = draft;
    setKeeping(latest.current === draft ? 'kept' : 'changed');
    if (isNew) router.refresh();
  };
  const { now } = steps;
  useEffect(() => {
    if (now === kept.current) return;
    setKeeping((was) => (was === 'conflict' ? was : 'changed'));
    const timer = setTimeout(() => void save.current(), SAVE_MS);
    return () => clearTimeout(timer);
  }, [now]);
  // A page that is left keeps what was changed last.
  useEffect(() => () => void save.current(), []);
  return {
    ...{ ...now, keeping, undo, redo },
    canUndo: steps.before.length > 0,
    edit: (edit: ReelEdit) =>
      change((draft) => {
        const content = editReel(draft.content, edit);
        return content === draft.content ? draft : { ...draft, content };
      }),
    rename: (name: string) => change((draft) => ({ ...draft, name })),
    again: () => void save.current(),
  };
}
