import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { ClassPlan, MatClock } from '@/core/planning';
import { plainHouse } from '@/core/vocabulary';
import { HouseProvider } from '@/terms/HouseContext';
import { MatSide } from './MatSide';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const server = vi.hoisted(() => ({
  clock: undefined as unknown,
  version: 0,
  isAway: false,
  drilled: [] as unknown[],
  pushed: '',
}));
vi.mock('next/navigation', () => ({
  useRouter: () => ({
    push: (path: string) => {
      server.pushed = path;
    },
  }),
}));
vi.mock('@/server/classes/classActions', () => ({
  logDrilled: async (...args: unknown[]) => {
    if (server.isAway) throw new TypeError('away');
    server.drilled.push(args);
    return { ok: true };
  },
}));
vi.mock('@/server/classes/matActions', () => ({
  keepMatClock: async (_id: string, _group: number, clock: MatClock, version: number) => {
    if (server.isAway) throw new TypeError('away');
    if (version === server.version) Object.assign(server, { clock, version: version + 1 });
    return { ok: true, kept: { clock: server.clock, version: server.version } };
  },
}));

const START = Date.parse('2026-11-24T19:00:00Z');
beforeEach(() => {
  vi.useFakeTimers({ now: START });
  Object.assign(server, { clock: undefined, version: 0, isAway: false, drilled: [], pushed: '' });
  window.localStorage.clear();
  vi.stubGlobal('fetch', async () => {
    if (server.isAway) throw new TypeError('away');
    return new Response(JSON.stringify({ clock: server.clock, version: server.version, now: Date.now() }));
  });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const plain = { excludedIds: [], reasons: [] };
const plan = {
  blocks: [
    { kind: 'warm-up', startMinute: 0, minutes: 8, ...plain },
    { kind: 'shown', startMinute: 8, minutes: 2, drillId: 'drill-half-guard-side', ...plain },
    { kind: 'positional', startMinute: 10, minutes: 5, drillId: 'drill-half-guard-side', ...plain },
  ],
  pairings: [
    {
      phase: 'lesson',
      drillId: 'drill-half-guard-side',
      groups: [['p', 'q']],
      sittingOut: [],
      cost: 0,
      injuredIds: [],
    },
  ],
  drills: [],
} as unknown as ClassPlan;

const open = (kept = { version: server.version, clock: server.clock as MatClock | undefined }, group = 0) =>
  render(
    <HouseProvider house={plainHouse}>
      <MatSide
        classId="k"
        title="Evening"
        plan={plan}
        group={group}
        names={{ p: 'Ana Velden', q: 'Nadia Brandt' }}
        kept={kept}
        classHref="/classes/k"
      />
    </HouseProvider>,
  );
const left = () => screen.getByRole('timer').textContent;
const press = (name: string | RegExp) => act(async () => screen.getByRole('button', { name }).click());
const wait = (seconds: number) => act(async () => void (await vi.advanceTimersByTimeAsync(seconds * 1000)));

it('counts down part by part, with what is said and who works with whom', async () => {
  open();
  expect(left()).toBe('8:00');
  await press('Start');
  await wait(60);
  expect(left()).toBe('7:00');
  expect(screen.getByText(/^Next:/).textContent).toBe('Next: Show it: Half guard on the side, 2 min');
  await press('Next');
  expect(screen.getByRole('heading', { name: 'Show it' })).toBeTruthy();
  expect(screen.getByText('Ana and Nadia')).toBeTruthy();
  expect(screen.getByText('Side first, then underhook or shield.')).toBeTruthy();
  await press('+ 2 min');
  expect(left()).toBe('4:00');
  await press('Pause');
  await wait(300);
  expect(left()).toBe('4:00');
  await press('Go on');
  await wait(240);
  expect(screen.getByRole('heading', { name: 'Play it' })).toBeTruthy();
  expect(screen.getByText(/^One wins by/)).toBeTruthy();
});

it('goes on while the connection is away, also after the page was opened anew, and sends it when it is back', async () => {
  const page = open();
  server.isAway = true;
  await press('Start');
  await wait(30);
  expect(screen.getByText(/No connection/)).toBeTruthy();
  expect(left()).toBe('7:30');
  page.unmount();
  open({ version: 0, clock: undefined });
  await wait(1);
  expect(left()).toBe('7:29');
  server.isAway = false;
  await wait(4);
  expect(server.version).toBe(1);
  expect(screen.queryByText(/No connection/)).toBeNull();
});

it('follows another device, and shows the same where its own clock is ten minutes off', async () => {
  server.clock = { at: 0, beganAt: START, added: [], took: [] };
  server.version = 1;
  vi.setSystemTime(START + 600_000);
  vi.stubGlobal(
    'fetch',
    async () =>
      new Response(JSON.stringify({ clock: server.clock, version: server.version, now: Date.now() - 600_000 })),
  );
  open();
  await wait(0.5);
  expect(left()).toBe('8:00');
  Object.assign(server, { clock: { at: 1, beganAt: START, added: [], took: [480] }, version: 2 });
  await wait(3);
  expect(screen.getByRole('heading', { name: 'Show it' })).toBeTruthy();
});

it('puts right what a device ten minutes ahead began without a connection', async () => {
  const ahead = 600_000;
  vi.setSystemTime(START + ahead);
  vi.stubGlobal('fetch', async () => {
    if (server.isAway) throw new TypeError('away');
    return new Response(JSON.stringify({ clock: server.clock, version: server.version, now: Date.now() - ahead }));
  });
  server.isAway = true;
  open();
  await press('Start');
  await wait(30);
  await press('Pause');
  await wait(5);
  expect(left()).toBe('7:30');
  server.isAway = false;
  await wait(4);
  expect(server.version).toBe(1);
  const kept = server.clock as MatClock;
  expect(Math.abs(kept.beganAt - START)).toBeLessThan(100);
  expect(Math.abs((kept.pausedAt ?? 0) - START - 30_000)).toBeLessThan(100);
  expect(left()).toBe('7:30');
});

it('gives way to another device that moved on first, and says so', async () => {
  open();
  Object.assign(server, { clock: { at: 2, beganAt: START, added: [], took: [] }, version: 5 });
  await press('Start');
  await wait(0.5);
  expect(screen.getByText(/Another device had moved on/)).toBeTruthy();
  expect(screen.getByRole('heading', { name: 'Play it' })).toBeTruthy();
});

it('writes down what was really done when the class is over', async () => {
  open();
  await press('Start');
  await wait(15 * 60 + 1);
  await press('Write down what was done');
  await press('Write it down');
  await wait(1);
  expect(server.drilled).toEqual([['k', 'drill-half-guard-side', 7]]);
  expect(server.pushed).toBe('/classes/k');
});

it('of one of two groups says which, and leads to the other', () => {
  open(undefined, 2);
  expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Evening, group 2');
  expect(screen.getByRole('link', { name: 'Group 1' }).getAttribute('href')).toBe('/classes/k/mat?group=1');
});
