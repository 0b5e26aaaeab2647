import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ZoneProvider } from '@/terms/ZoneContext';
import { CalendarDialog } from './CalendarDialog';
import { CurriculumPage } from './curriculum/CurriculumPage';
import { KeepPlan } from './KeepPlan';
import { KeptPairs } from './KeptPairs';
import { OwnBlocks } from './OwnBlocks';
import { Versions } from './Versions';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({ calls: [] as unknown[][], answer: { ok: true } as unknown }));
const keep = vi.hoisted(() => (what: string) => async (...args: unknown[]) => {
  sent.calls.push([what, ...args]);
  return sent.answer;
});
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
vi.mock('@/server/classes/classActions', () => ({
  ...{ keepOwnBlocks: keep('blocks'), takePlan: keep('take'), keepPairs: keep('pairs'), keepClass: keep('class') },
}));
vi.mock('@/server/classes/calendarActions', () => ({
  ...{ copyClasses: keep('copy'), setHoliday: keep('free'), removeHoliday: keep('again') },
}));
vi.mock('@/server/classes/unitActions', () => ({
  saveUnit: keep('unit'),
  removeUnit: keep('gone'),
  moveUnit: keep('move'),
}));
beforeEach(() => {
  sent.calls.length = 0;
  sent.answer = { ok: true };
});
afterEach(cleanup);

it('a block of one’s own is one of the library by its name, or own words, and goes again', async () => {
  const block = { id: 'b', title: 'Announcements', minutes: 3, place: 'before' as const };
  render(<OwnBlocks classId="k" blocks={[block]} />);
  await userEvent.click(screen.getByRole('button', { name: 'Take Announcements out' }));
  expect(sent.calls[0]).toEqual(['blocks', 'k', []]);
  const field = screen.getByRole('combobox', { name: 'A block of your own' });
  await userEvent.type(field, 'Double leg');
  await userEvent.keyboard('{Escape}');
  await userEvent.click(screen.getByRole('button', { name: 'Put it in' }));
  expect(sent.calls[1]?.[2]).toMatchObject([block, { title: 'Double leg', conceptId: 'double-leg', minutes: 10 }]);
  sent.answer = { ok: false, messages: { '': 'Say what each block is.' } };
  await userEvent.type(field, 'Breathing');
  await userEvent.keyboard('{Escape}');
  await userEvent.click(screen.getByRole('button', { name: 'Put it in' }));
  expect(await screen.findByText('Say what each block is.')).toBeTruthy();
});

it('two are kept together and no longer; whoever has a partner is not offered', async () => {
  const people = ['Ana', 'Bruno', 'Cato', 'Dina'].map((name) => ({ id: name.toLowerCase(), name }));
  render(<KeptPairs classId="k" pairs={[['ana', 'bruno']]} people={people} />);
  await userEvent.click(screen.getByRole('button', { name: /Keep together/ }));
  expect(screen.getAllByRole('option').map((one) => one.textContent)).toEqual(['Cato', 'Dina']);
  await userEvent.click(screen.getByRole('option', { name: 'Cato' }));
  expect((screen.getByRole('button', { name: 'Keep them together' }) as HTMLButtonElement).disabled).toBe(true);
  await userEvent.click(screen.getByRole('button', { name: /and$/ }));
  await userEvent.click(screen.getByRole('option', { name: 'Dina' }));
  await userEvent.click(screen.getByRole('button', { name: 'Keep them together' }));
  await userEvent.click(screen.getByRole('button', { name: 'No longer keep Ana and Bruno together' }));
  expect(sent.calls).toEqual([
    [
      'pairs',
      'k',
      [
        ['ana', 'bruno'],
        ['cato', 'dina'],
      ],
    ],
    ['pairs', 'k', []],
  ]);
});

it('a plan stays as it is from one tick on, and only where that is kept', async () => {
  render(<KeepPlan classId="k" isKept={false} />);
  const tick = screen.getByRole('checkbox') as HTMLInputElement;
  await userEvent.click(tick);
  await vi.waitFor(() => expect(tick.checked).toBe(true));
  sent.answer = { ok: false, messages: { '': 'There is no plan yet that could stay.' } };
  await userEvent.click(tick);
  expect(await screen.findByText('There is no plan yet that could stay.')).toBeTruthy();
  expect(tick.checked).toBe(true);
  expect(sent.calls).toEqual([
    ['class', 'k', true],
    ['class', 'k', false],
  ]);
});

it('an earlier plan can be taken again', async () => {
  const version = (ordinal: number) => ({
    ...{ version: ordinal + 4, ordinal, madeAt: '2026-11-20T10:00:00.000Z', madeBy: 'Ludo' },
    ...{ themes: [{ family: 'mount' as const, place: 'under' as const }], drillIds: ['drill-elbows-in'] },
  });
  const inZone = (versions: ReturnType<typeof version>[]) =>
    render(
      <ZoneProvider timeZone="Europe/Berlin">
        <Versions classId="k" versions={versions} />
      </ZoneProvider>,
    );
  inZone([version(1)]);
  expect(screen.queryByRole('button')).toBeNull();
  cleanup();
  inZone([version(3), version(2), version(1)]);
  await userEvent.click(screen.getByRole('button', { name: 'Take version 2 again' }));
  expect(sent.calls).toEqual([['take', 'k', 6]]);
});

it('weeks are copied with what came of it, and days are kept free', async () => {
  sent.answer = { ok: true, made: 4, skipped: 1 };
  const holidays = [{ day: '2026-12-24', title: 'Holidays' }];
  render(<CalendarDialog holidays={holidays} today="2026-11-28" isOpen onClose={() => undefined} />);
  await userEvent.click(screen.getByRole('button', { name: 'Copy these weeks' }));
  expect(sent.calls[0]).toEqual(['copy', '2026-10-31', '2026-11-28', '2026-12-05']);
  expect(await screen.findByText(/4 classes are set up. One is left out/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: /Classes again on/ }));
  expect(sent.calls[1]).toEqual(['again', '2026-12-24']);
});

it('the curriculum says what comes next, and is arranged', async () => {
  const unit = (id: string, patch: object = {}) => ({
    ...{ id, version: 1, title: `Unit ${id}`, belt: 'white' as const, conceptIds: ['armbar'], hadIt: 3, wearIt: 8 },
    ...patch,
  });
  const units = [unit('a', { lastDay: '2026-11-01' }), unit('b')];
  render(<CurriculumPage units={units} next={[{ belt: 'white', unitId: 'b' }]} />);
  expect(screen.getByText('Next: Unit b, never taught yet.')).toBeTruthy();
  expect(screen.getAllByText('3 of 8')).toHaveLength(2);
  await userEvent.click(screen.getByRole('button', { name: 'Unit b earlier' }));
  expect(sent.calls).toEqual([['move', 'b', 'up']]);
  await userEvent.click(screen.getByRole('button', { name: 'Take Unit a out' }));
  await userEvent.click(screen.getByRole('button', { name: 'Take it out' }));
  expect(sent.calls.at(-1)).toEqual(['gone', 'a']);
  await userEvent.click(screen.getByRole('button', { name: 'Change Unit a' }));
  await userEvent.click(screen.getByRole('button', { name: /Take armbar out/i }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(sent.calls.at(-1)).toMatchObject(['unit', { title: 'Unit a', conceptIds: [] }, { id: 'a', version: 1 }]);
  cleanup();
  render(<CurriculumPage units={[]} next={[]} />);
  expect(screen.getByText('No units yet')).toBeTruthy();
});
