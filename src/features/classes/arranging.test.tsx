import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { type ClassPlan, usualNumbers } from '@/core/planning';
import { ZoneProvider } from '@/terms/ZoneContext';
import { CalendarDialog } from './CalendarDialog';
import { CurriculumPage } from './curriculum/CurriculumPage';
import { KeepPlan } from './KeepPlan';
import { KeptPairs } from './KeptPairs';
import { OwnBlocks } from './OwnBlocks';
import { PlanParts } from './PlanParts';
import { Versions } from './Versions';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({ calls: [] as unknown[][], answer: { ok: true } as unknown }));
const keep = vi.hoisted(() => (what: string) => async (...args: unknown[]) => {
  sent.calls.push([what, ...args]);
  return sent.answer;
});
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
vi.mock('@/server/classes/classActions', () => ({
  ...{
    keepOwnBlocks: keep('blocks'),
    takePlan: keep('take'),
    arrangePlan: keep('arrange'),
    keepPairs: keep('pairs'),
    keepClass: keep('class'),
  },
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
  render(<OwnBlocks classId="k" blocks={[block]} units={['Escapes from below']} />);
  await userEvent.click(screen.getByRole('button', { name: 'Take Announcements out' }));
  expect(sent.calls[0]).toEqual(['blocks', 'k', []]);
  const field = screen.getByRole('combobox', { name: 'A block of your own' });
  await userEvent.type(field, 'Double leg');
  await userEvent.keyboard('{Escape}');
  await userEvent.click(screen.getByRole('button', { name: 'Put it in' }));
  expect(sent.calls[1]?.[2]).toMatchObject([block, { title: 'Double leg', conceptId: 'double-leg', minutes: 10 }]);
  await userEvent.clear(field);
  await userEvent.type(field, 'escapes from');
  await userEvent.click(await screen.findByRole('option', { name: 'Escapes from below' }));
  expect((field as HTMLInputElement).value).toBe('Escapes from below');
  await userEvent.clear(field);
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

it('lessons are moved and lengthened in place, with the times that follow, and kept as they stand', async () => {
  const plain = { excludedIds: [], reasons: [] };
  const lesson = (drillId: string, startMinute: number) => [
    { kind: 'shown' as const, startMinute, minutes: 2, drillId, ...plain },
    { kind: 'technique' as const, startMinute: startMinute + 2, minutes: 8, drillId, repetitions: 9, ...plain },
  ];
  const people = [{ personId: 'ana', count: 2, markIds: ['00000000-0000-4000-8000-000000000001'] }];
  const [first, ...rest] = lesson('drill-half-guard-side', 8);
  const plan = {
    blocks: [
      { kind: 'warm-up', startMinute: 0, minutes: 8, ...plain },
      { ...first, reasons: [{ errorId: 'err-half-flat', people }] },
      ...rest,
      ...lesson('drill-shield-first', 18),
      { kind: 'rounds', startMinute: 28, minutes: 14, ...plain },
      { kind: 'close', startMinute: 42, minutes: 3, ...plain },
    ],
    drills: ['drill-half-guard-side', 'drill-shield-first'].map((drillId) => ({
      ...{ drillId, minutes: 10, locked: false, displaced: [], benefitLostRatio: 0 },
    })),
    ...{ pairings: [], benefit: 1, modelBenefit: 1, frequencyBenefit: 1, gap: 0, optimal: true },
  } as unknown as ClassPlan;
  render(
    <ZoneProvider timeZone="Europe/Berlin">
      <PlanParts
        {...{ classId: 'k', version: 4, plan, startsAt: '2026-11-24T18:00:00.000Z', locks: [] }}
        {...{ nameOf: (id: string) => id, onLocks: () => undefined, numbers: usualNumbers }}
      />
    </ZoneProvider>,
  );
  const names = () => screen.getAllByRole('heading', { level: 3 }).map((one) => one.textContent);
  const times = () => screen.getAllByText(/^\d\d:\d\d$/).map((one) => one.textContent);
  const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));
  expect(screen.getByRole('link', { name: 'Show the class the clip' }).getAttribute('href')).toContain('/reel?');
  expect(names()).toEqual(['Half guard on the side', 'Shield first, then the hip']);
  expect(screen.queryByRole('button', { name: 'Keep it so' })).toBeNull();
  await press('Half guard on the side later');
  await press('One minute more of Half guard on the side');
  expect(names()).toEqual(['Shield first, then the hip', 'Half guard on the side']);
  expect(times()).toEqual(['19:00', '19:08', '19:18', '19:29', '19:42']);
  // The rounds have their least minutes: one more can be taken, not two.
  await press('One minute more of Half guard on the side');
  for (let minute = 0; minute < 9; minute += 1) await press('One minute more of Half guard on the side');
  expect(await screen.findByText(/would be left for rounds/)).toBeTruthy();
  await press('As it was');
  expect(names()).toEqual(['Half guard on the side', 'Shield first, then the hip']);
  await press('Shield first, then the hip earlier');
  await press('Keep it so');
  expect(sent.calls).toEqual([
    [
      ...['arrange', 'k', 4, 0],
      [
        { drillId: 'drill-shield-first', minutes: 10 },
        { drillId: 'drill-half-guard-side', minutes: 10 },
      ],
    ],
  ]);
});

it('a plan stays as it is from one tick on, and only where that is kept', async () => {
  render(<KeepPlan classId="k" isKept={false} />);
  const tick = screen.getByRole('checkbox') as HTMLInputElement;
  await userEvent.click(tick);
  await waitFor(() => expect(tick.checked).toBe(true));
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
