'use client';

import { useEffect, useRef } from 'react';
import { commandOf, type ReviewCommand } from './reviewKeys';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role="dialog"], [role="alertdialog"]') !== null;

/** Keys that a part of the page with keys of its own takes for itself while it has the focus. */
const ownsKeys = (event: KeyboardEvent): boolean =>
  event.target instanceof HTMLElement &&
  (event.target.closest('[data-own-keys]')?.getAttribute('data-own-keys')?.split(' ') ?? []).includes(
    event.key.toLowerCase(),
  );

/** Hands key presses of the page to their commands; none while something is written or a sheet is open. */
export function useReviewKeys(act: (command: ReviewCommand, key: string) => void): void {
  const latest = useRef(act);
  latest.current = act;
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (isTyping(event.target) || ownsKeys(event)) return;
      const command = commandOf(event);
      if (!command) return;
      // A focused button would also take Enter or Space as a press.
      if (event.target instanceof HTMLElement) event.target.blur();
      event.preventDefault();
      event.stopPropagation();
      latest.current(command, event.key);
    };
    window.addEventListener('keydown', onKeyDown, { capture: true });
    return () => window.removeEventListener('keydown', onKeyDown, { capture: true });
  }, []);
}
