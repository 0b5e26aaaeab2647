import { beforeEach, expect, it, vi } from 'vitest';
import { z } from 'zod';
import { log } from '@/log/log';
import { defineAction, firstMessage } from '@/server/kernel/defineAction';

vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => ({ id: 'c' }) }));
vi.mock('next/navigation', () => ({ unstable_rethrow: () => undefined }));

const written: unknown[] = [];
beforeEach(() => {
  written.length = 0;
  vi.spyOn(log, 'error').mockImplementation((line: unknown) => void written.push(line));
});

it('an action that fails is one line of the log, and its page shows the reference', async () => {
  const fails = defineAction({
    args: [z.string()],
    refused: (error) => firstMessage(error),
    run: async (): Promise<string> => {
      throw new TypeError('nobody foresaw this');
    },
  });
  const told = await fails('x');
  expect(written).toHaveLength(1);
  const { reference } = written[0] as { reference: string };
  expect(reference).toMatch(/^[0-9a-f]{8}$/);
  expect(told).toContain(reference);
  expect(told).toContain('nothing was changed');
  expect(told).not.toContain('nobody foresaw');
});

it('one whose answer has no words fails as a whole, and so does one without a database', async () => {
  const silent = defineAction({
    args: [],
    refused: () => undefined,
    run: async () => {
      throw new Error('nobody foresaw this');
    },
  });
  await expect(silent()).rejects.toThrow();
  expect(written).toHaveLength(1);
  const away = defineAction({
    args: [],
    refused: (error) => firstMessage(error),
    run: async (): Promise<string> => {
      throw Object.assign(new Error('no connection'), { code: 'ECONNREFUSED' });
    },
  });
  await expect(away()).rejects.toThrow('no connection');
});
