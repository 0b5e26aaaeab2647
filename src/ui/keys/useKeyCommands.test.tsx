import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import { type KeyEntry, plain, shifted } from './keyEntry';
import { useKeyCommands } from './useKeyCommands';

const keys: readonly KeyEntry<'call' | 'play' | 'exchange' | 'move'>[] = [
  { command: 'call', shown: 'Enter', does: 'write', matches: plain('enter') },
  { command: 'play', shown: 'Space', does: 'play', matches: plain(' ') },
  { command: 'exchange', shown: 'Shift W', does: 'exchange', matches: shifted('w') },
  { command: 'move', shown: '→', does: 'move', matches: plain('arrowright') },
];

function openPage() {
  const log: string[] = [];
  function Page() {
    useKeyCommands(keys, (command) => log.push(command));
    return (
      <>
        <button type="button" onClick={() => log.push('pressed')}>
          Panel
        </button>
        <input aria-label="Words" />
        <input aria-label="Strip" type="range" />
        <section data-own-keys="arrowright enter">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: stands for a part of the page with keys of its own */}
          <p tabIndex={0}>Own</p>
        </section>
        <div role="dialog">
          <button type="button">Inside</button>
        </div>
      </>
    );
  }
  render(<Page />);
  return { log, user: userEvent.setup() };
}

describe('keys of a page', () => {
  afterEach(cleanup);

  it('give their commands anywhere, with and without Shift', async () => {
    const { log, user } = openPage();
    await user.keyboard('{Enter} {Shift>}W{/Shift}w');
    expect(log).toEqual(['call', 'play', 'exchange']);
  });
  it('are silent while something is written, and in a sheet', async () => {
    const { log, user } = openPage();
    await user.type(screen.getByLabelText('Words'), 'a b{Enter}');
    screen.getByText('Inside').focus();
    await user.keyboard('{ArrowRight}');
    expect(log).toEqual([]);
    expect(screen.getByLabelText<HTMLInputElement>('Words').value).toBe('a b');
  });
  it('work while a slider has the focus', async () => {
    const { log, user } = openPage();
    screen.getByLabelText('Strip').focus();
    await user.keyboard('{ArrowRight}');
    expect(log).toEqual(['move']);
  });
  it('leave to a part of the page what it takes for itself, and only that', async () => {
    const { log, user } = openPage();
    screen.getByText('Own').focus();
    await user.keyboard('{ArrowRight}{Enter} ');
    expect(log).toEqual(['play']);
  });
  it('leave Enter and Space to a button that was reached by keyboard', async () => {
    const { log, user } = openPage();
    await user.tab();
    expect(screen.getByText('Panel')).toBe(document.activeElement);
    await user.keyboard('{Enter}');
    await user.keyboard('{ArrowRight}');
    expect(log).toEqual(['pressed', 'move']);
  });
});
