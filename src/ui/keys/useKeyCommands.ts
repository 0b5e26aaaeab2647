'use client';

import { useEffect, useRef } from 'react';
import { commandOf, type KeyEntry } from './keyEntry';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest(
    'input:not([type="range"]), textarea, select, [contenteditable], [role="dialog"], [role="alertdialog"], [role="listbox"][data-floating]',
  ) !== null;

/** Keys that a part of the page with keys of its own takes for itself while it has the focus. */
const ownsKeys = (event: KeyboardEvent): boolean =>
  event.target instanceof HTMLElement &&
  (event.target.closest('[data-own-keys]')?.getAttribute('data-own-keys')?.split(' ') ?? []).includes(
    event.key.toLowerCase(),
  );

/** Enter or Space on a button or link that was reached by keyboard is for that; one that was clicked leaves them to the page. */
const pressesFocused = (event: KeyboardEvent, clicked: EventTarget | null): boolean =>
  (event.key === 'Enter' || event.key === ' ') &&
  event.target instanceof HTMLElement &&
  event.target.matches('button:focus-visible, a[href]:focus-visible, [role="button"]:focus-visible') &&
  // A browser takes a clicked button for one that was reached by keyboard as soon as any key is pressed.
  !(clicked instanceof Node && event.target.contains(clicked));

/** Hands key presses of the page to their commands; none while something is written or a sheet is open. */
export function useKeyCommands<Command extends string>(
  entries: readonly KeyEntry<Command>[],
  act: (command: Command, key: string) => void,
): void {
  const latest = useRef({ entries, act });
  latest.current = { entries, act };
  useEffect(() => {
    let clicked: EventTarget | null = null;
    const onPointerDown = (event: PointerEvent) => {
      clicked = event.target;
    };
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.key === 'Tab') clicked = null;
      if (isTyping(event.target) || ownsKeys(event) || pressesFocused(event, clicked)) return;
      const command = commandOf(latest.current.entries, event);
      if (!command) return;
      // A focused button would also take Enter or Space as a press.
      if (event.target instanceof HTMLElement) event.target.blur();
      event.preventDefault();
      event.stopPropagation();
      latest.current.act(command, event.key);
    };
    window.addEventListener('pointerdown', onPointerDown, { capture: true });
    window.addEventListener('keydown', onKeyDown, { capture: true });
    return () => {
      window.removeEventListener('pointerdown', onPointerDown, { capture: true });
      window.removeEventListener('keydown', onKeyDown, { capture: true });
    };
  }, []);
}
