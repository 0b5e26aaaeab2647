import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { formatClock } from '@/core/clock';
import { type Mark, outlineMarks } from '@/core/round';
import { Ledger } from './Ledger';

afterEach(cleanup);

const marks: Mark[] = [
  { kind: 'error', id: 'e', atSeconds: 65, errorId: 'err-half-flat', athlete: 'a', punished: 'yes', ledTo: ['t'] },
  {
    kind: 'attempt',
    id: 't',
    atSeconds: 74,
    techniqueId: 'crossface-half-pass',
    athlete: 'b',
    stage: 'finished',
    end: 'finished',
  },
  { kind: 'note', id: 'n', atSeconds: 80, note: '<b>not bold</b>' },
];

function show(onSelect = vi.fn()) {
  const damage = new Map([['e', { points: 3, tideLoss: 1.1, tapped: false, total: 4.1 }]]);
  const doubts = [{ code: 'already-past' as const, atSeconds: 74, markIds: ['t'] }];
  render(
    <Ledger
      outline={outlineMarks(marks)}
      timeOf={(at) => formatClock(at - 10)}
      names={{ a: 'Ana', b: 'Marek' }}
      selectedId="t"
      chosenIds={new Set()}
      contradictions={doubts}
      damage={damage}
      onSelect={onSelect}
    />,
  );
  return onSelect;
}

describe('the ledger', () => {
  it('shows times of the round, costs, doubts, and consequences under their cause', () => {
    show();
    const [error, pass, note] = screen.getAllByRole('option');
    expect(error?.textContent).toContain('0:55');
    expect(error?.textContent).toContain('Ana Flat in half guard · punished · cost 4.1');
    expect(pass?.textContent).toContain('is already past the guard');
    expect(pass?.querySelector('.stem')).toBeTruthy();
    expect(pass?.getAttribute('aria-selected')).toBe('true');
    expect(note?.textContent).toContain('<b>not bold</b>');
  });

  it('hands over the mark that is pressed', async () => {
    const chosen = show();
    await userEvent.click(screen.getByText('Flat in half guard'));
    expect(chosen).toHaveBeenCalledWith(marks[0], false);
  });
});
