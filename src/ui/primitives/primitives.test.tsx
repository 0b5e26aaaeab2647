import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { BalanceBeam } from '../charts/BalanceBeam';
import { FoldedBelt } from '../charts/FoldedBelt';
import { Choice, ConfirmDialog, FileDrop, TextField } from './index';

afterEach(cleanup);
// The test's document knows no CSS object; the dialogs ask it to escape ids.
vi.stubGlobal('CSS', { escape: (text: string) => text });

describe('fields', () => {
  it('say what is wrong where it is wrong, and read it out', () => {
    render(<TextField label="Weight" value="900" problem="Nobody weighs that." />);
    expect(screen.getByLabelText('Weight').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByText('Nobody weighs that.')).toBeTruthy();
  });

  it('let one of a few be taken', async () => {
    const taken = vi.fn();
    const options = [
      { value: 'gi', label: 'Gi' },
      { value: 'no-gi', label: 'No-gi' },
    ] as const;
    render(<Choice label="Worn" value="gi" onChange={taken} options={options} />);
    await userEvent.click(screen.getByText('No-gi'));
    expect(taken).toHaveBeenCalledWith('no-gi');
  });

  it('take the same file twice', async () => {
    const files = vi.fn();
    const { container } = render(<FileDrop words="Drop here" hint="" choose="Choose" accept={[]} onFiles={files} />);
    const input = container.querySelector('input')!;
    const film = new File(['x'], 'film.mp4', { type: 'video/mp4' });
    await userEvent.upload(input, film);
    expect(input.value).toBe('');
    await userEvent.upload(input, film);
    expect(files).toHaveBeenCalledTimes(2);
  });
});

describe('asking before something is lost', () => {
  it('does nothing unless it is confirmed', async () => {
    const [confirm, close] = [vi.fn(), vi.fn()];
    render(
      <ConfirmDialog
        title="Delete?"
        text="Gone for good."
        confirm="Delete it"
        isOpen
        onConfirm={confirm}
        onClose={close}
      />,
    );
    await userEvent.click(screen.getByText('Keep it'));
    expect([confirm.mock.calls.length, close.mock.calls.length]).toEqual([0, 1]);
    await userEvent.click(screen.getByText('Delete it'));
    expect(confirm).toHaveBeenCalledOnce();
  });
});

describe('drawings', () => {
  it('carry a name, and a sleeve with as many stripes as were earned', () => {
    const { container } = render(<FoldedBelt base="blue" stripes={3} label="blue belt, 3 stripes" />);
    expect(screen.getByRole('img', { name: 'blue belt, 3 stripes' })).toBeTruthy();
    expect(container.querySelectorAll('path[stroke="#f7f4ea"]')).toHaveLength(3);
  });

  it('lean to the heavier side, and stand level at none', () => {
    const beam = (lean: number) => {
      const { container } = render(<BalanceBeam lean={lean} label="gap" />);
      const [, left, right] = /M10 ([\d.]+)L54 ([\d.]+)/.exec(container.innerHTML)!;
      cleanup();
      return Number(left) - Number(right);
    };
    expect(beam(0)).toBe(0);
    expect(beam(0.5)).toBeGreaterThan(0);
    expect(beam(-5)).toBe(beam(-1));
  });
});
