import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useCardChanges } from '../../useCardChanges';
import type { RoundClock } from './clockView';
import { useClocks } from './useClocks';

const server = vi.hoisted(() => ({ saveClock: vi.fn(), removeClock: vi.fn() }));
vi.mock('@/server/rounds/clockActions', () => server);

const wall: RoundClock = {
  id: 'w',
  name: 'wall',
  counts: 'down',
  restarts: false,
  pauses: false,
  ties: [],
  version: 3,
};

function openClocks(stored: readonly RoundClock[]) {
  const steps: { undo: () => void; redo: () => void }[] = [];
  const record = (one: (typeof steps)[number]) => {
    steps.push(one);
    return () => void steps.splice(steps.indexOf(one), 1);
  };
  const { result } = renderHook(() => useClocks('r', stored, record, useCardChanges().oneByOne));
  return { result, steps };
}
const settle = (work: () => unknown) =>
  act(async () => {
    work();
    for (let turn = 0; turn < 8; turn += 1) await Promise.resolve();
  });

describe('the clocks of a round', () => {
  beforeEach(() => {
    server.saveClock
      .mockReset()
      .mockImplementation(async (_round, clock) => ({ ok: true, version: clock.version + 1 }));
    server.removeClock.mockReset().mockResolvedValue({ ok: true });
  });

  it('are changed on the version that is there, and a change can be undone and done again', async () => {
    const { result, steps } = openClocks([wall]);
    await settle(() => result.current.save({ ...wall, name: 'the wall' }));
    expect(result.current.clocks).toMatchObject([{ name: 'the wall', version: 4 }]);
    await settle(() => steps[0]!.undo());
    expect(result.current.clocks).toMatchObject([{ name: 'wall', version: 5 }]);
    expect(server.saveClock.mock.calls.map(([, clock]) => clock.version)).toEqual([3, 4]);
    await settle(() => steps[0]!.redo());
    expect(result.current.clocks).toMatchObject([{ name: 'the wall', version: 6 }]);
    expect(steps.length).toBe(1);
  });
  it('keep their order when a change is undone before the server has answered', async () => {
    const { result, steps } = openClocks([wall]);
    await settle(() => {
      void result.current.save({ ...wall, name: 'the wall' });
      steps[0]!.undo();
    });
    expect(server.saveClock.mock.calls.map(([, clock]) => [clock.name, clock.version])).toEqual([
      ['the wall', 3],
      ['wall', 4],
    ]);
    expect(result.current.clocks).toMatchObject([{ name: 'wall', version: 5 }]);
  });
  it('come back when their removal is undone, as new ones', async () => {
    const { result, steps } = openClocks([wall]);
    await settle(() => result.current.remove('w'));
    expect(result.current.clocks).toEqual([]);
    await settle(() => steps[0]!.undo());
    expect(result.current.clocks).toMatchObject([{ id: 'w', version: 1 }]);
    expect(server.saveClock.mock.calls[0]![1].version).toBe(0);
  });
  it('stay as they were when the server refuses or is away, with the reason, and leave nothing to undo', async () => {
    const { result, steps } = openClocks([wall]);
    server.saveClock.mockResolvedValueOnce({
      ok: false,
      messages: { '': 'Another coach changed this clock meanwhile.' },
    });
    await settle(() => result.current.save({ ...wall, name: 'mine' }));
    expect(result.current.clocks).toEqual([wall]);
    expect(result.current.problem).toBe('Another coach changed this clock meanwhile.');
    server.saveClock.mockRejectedValueOnce(new Error('away'));
    await settle(() => result.current.save({ ...wall, id: 'new', version: 0 }));
    expect(result.current.clocks).toEqual([wall]);
    server.removeClock.mockRejectedValueOnce(new Error('away'));
    await settle(() => result.current.remove('w'));
    expect(result.current.clocks).toEqual([wall]);
    expect(result.current.problem).toContain('the clock is as it was');
    expect(steps).toEqual([]);
  });
});
