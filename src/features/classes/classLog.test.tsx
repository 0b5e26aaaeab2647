import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ClassLog } from './ClassLog';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({ calls: [] as unknown[][], answer: { ok: true } as unknown }));
vi.mock('@/server/classes/classActions', () => ({
  logCame: async (...args: unknown[]) => {
    sent.calls.push(['came', ...args]);
    return sent.answer;
  },
  logGroup: async (...args: unknown[]) => {
    sent.calls.push(['group', ...args]);
    return sent.answer;
  },
  logHowItWas: async (...args: unknown[]) => {
    sent.calls.push(['how', ...args]);
    return sent.answer;
  },
  logNote: async (...args: unknown[]) => {
    sent.calls.push(['note', ...args]);
    return sent.answer;
  },
  logDrilled: async (...args: unknown[]) => {
    sent.calls.push(['drilled', ...args]);
    return sent.answer;
  },
}));
beforeEach(() => {
  sent.calls.length = 0;
  sent.answer = { ok: true };
});
afterEach(cleanup);

const people = [
  { id: 'ana', name: 'Ana Velden' },
  { id: 'teo', name: 'Teo Lindqvist' },
  { id: 'pia', name: 'Pia Lorens' },
];
const open = (groups = 0) =>
  render(
    <ClassLog
      classId="k"
      people={people}
      expectedIds={['ana', 'teo']}
      plannedIds={['drill-half-guard-side']}
      came={{ ana: true }}
      howItWas={{ ana: { struggled: true, hurt: '' } }}
      groups={groups}
      groupOf={{ ana: 2 }}
      drilled={{ 'drill-face-in': 15 }}
      note={{ words: '', hazards: '', version: 0 }}
    />,
  );

describe('what became of a class', () => {
  it('says of two groups in which somebody was, and lets it be said otherwise', async () => {
    open();
    expect(screen.queryByRole('button', { name: /was in/ })).toBeNull();
    cleanup();
    open(2);
    await userEvent.click(screen.getByRole('button', { name: 'Ana Velden was in group 2: change' }));
    await userEvent.click(screen.getByRole('button', { name: 'Ana Velden was in both groups: change' }));
    expect(sent.calls).toEqual([
      ['group', 'k', 'ana', 0],
      ['group', 'k', 'ana', 1],
    ]);
  });

  it('lists who was expected and what was planned, with what is known, and keeps each tick at once', async () => {
    open();
    expect((screen.getByRole('checkbox', { name: 'Ana Velden' }) as HTMLInputElement).checked).toBe(true);
    expect((screen.getByRole('checkbox', { name: 'Teo Lindqvist' }) as HTMLInputElement).checked).toBe(false);
    expect(screen.queryByRole('checkbox', { name: 'Pia Lorens' })).toBeNull();
    await userEvent.click(screen.getByRole('checkbox', { name: 'Teo Lindqvist' }));
    await userEvent.click(screen.getByRole('checkbox', { name: 'Half guard on the side' }));
    await userEvent.click(screen.getByRole('button', { name: 'Face in, not away: five minutes more' }));
    expect(sent.calls).toEqual([
      ['came', 'k', 'teo', true],
      ['drilled', 'k', 'drill-half-guard-side', 10],
      ['drilled', 'k', 'drill-face-in', 20],
    ]);
    expect(screen.getByText('20 minutes')).toBeTruthy();
  });

  it('takes a tick back that is not kept, and says why', async () => {
    sent.answer = { ok: false, messages: { '': 'This class is no longer there.' } };
    open();
    await userEvent.click(screen.getByRole('checkbox', { name: 'Teo Lindqvist' }));
    expect((await screen.findByRole('alert')).textContent).toContain('no longer there');
    expect((screen.getByRole('checkbox', { name: 'Teo Lindqvist' }) as HTMLInputElement).checked).toBe(false);
  });

  it('says of who came how it was for them, and of the class how it went', async () => {
    sent.answer = { ok: true, version: 1 };
    open();
    // Only who came can have struggled.
    expect(screen.queryByRole('button', { name: 'Teo Lindqvist struggled' })).toBeNull();
    const struggled = screen.getByRole('button', { name: 'Ana Velden struggled' });
    expect(struggled.getAttribute('aria-pressed')).toBe('true');
    await userEvent.click(struggled);
    await userEvent.click(screen.getByRole('button', { name: 'Ana Velden: hurt' }));
    await userEvent.type(screen.getByLabelText('What hurts Ana Velden'), 'left knee');
    await userEvent.tab();
    const keep = screen.getByRole('button', { name: 'Keep how it went' });
    expect(keep.hasAttribute('disabled')).toBe(true);
    await userEvent.click(screen.getByRole('radio', { name: 'too hard' }));
    await userEvent.type(screen.getByLabelText('What was dangerous'), 'two pairs collided');
    await userEvent.click(keep);
    expect(sent.calls).toEqual([
      ['how', 'k', 'ana', { struggled: false, hurt: '' }],
      ['how', 'k', 'ana', { struggled: false, hurt: 'left knee' }],
      ['note', 'k', { went: 'too-hard', words: '', hazards: 'two pairs collided' }, 0],
    ]);
    expect(await screen.findByText('Kept.')).toBeTruthy();
    // Another coach was faster: the words stay, and the reason is there.
    sent.answer = { ok: false, messages: { '': 'Another coach wrote how it went meanwhile.' } };
    await userEvent.type(screen.getByLabelText(/In your words/), 'Again on Thursday');
    await userEvent.click(keep);
    expect(await screen.findByText(/Another coach wrote/)).toBeTruthy();
    expect(screen.getByDisplayValue('Again on Thursday')).toBeTruthy();
    expect(sent.calls.at(-1)).toMatchObject(['note', 'k', { words: 'Again on Thursday' }, 1]);
  });
});
