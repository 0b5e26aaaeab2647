import { beforeEach, expect, it, vi } from 'vitest';
import { z } from 'zod';
import { messageOf, refuse } from '@/core/kernel';
import { log } from '@/log/log';
import { defineCommand } from '@/server/kernel/defineCommand';

let role: 'head' | 'assistant' = 'assistant';
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => ({ id: 'c', role }) }));
vi.mock('next/navigation', () => ({ unstable_rethrow: () => undefined }));

const written: unknown[] = [];
beforeEach(() => {
  role = 'assistant';
  written.length = 0;
  vi.spyOn(log, 'error').mockImplementation((line: unknown) => void written.push(line));
});
const throwing = (error: Error) =>
  defineCommand({
    actor: 'coach',
    args: [],
    run: async () => {
      throw error;
    },
  });
const told = (outcome: { ok: boolean }) => (outcome.ok ? '' : messageOf(outcome as never));

it('a command that fails is one line of the log, and its page shows the reference', async () => {
  const words = told(await throwing(new TypeError('nobody foresaw this'))());
  expect(written).toHaveLength(1);
  const { reference } = written[0] as { reference: string };
  expect(reference).toMatch(/^[0-9a-f]{8}$/);
  expect(words).toContain(reference);
  expect(words).toContain('nothing was changed');
  expect(words).not.toContain('nobody foresaw');
});

it('one without a database fails as a whole: pages tell of it in their own words', async () => {
  const away = Object.assign(new Error('no connection'), { code: 'ECONNREFUSED' });
  await expect(throwing(away)()).rejects.toThrow('no connection');
  expect(written).toEqual([]);
});

it('a value that the database cannot hold is the sender’s, and no failure', async () => {
  const strange = Object.assign(new Error('out of range'), { code: '22003' });
  expect(told(await throwing(strange)())).toContain('cannot be kept');
  expect(written).toEqual([]);
});

it('what does not fit is refused by field, without the place of the argument, or in words of its own', async () => {
  const shape = z.object({ name: z.string().min(1, 'Write a name.'), belts: z.array(z.string().max(3, 'Shorter.')) });
  const save = defineCommand({ actor: 'coach', args: [z.uuid(), shape], run: async () => ({ ok: true }) });
  const id = '7b1f3a52-7a1c-4c52-9d0e-2f1f5a6f0c11';
  expect(await save(id, { name: 'Ana', belts: [] })).toEqual({ ok: true });
  expect(await save(id, { name: '', belts: ['ok', 'brown'] })).toEqual({
    ok: false,
    messages: { name: 'Write a name.', 'belts.1': 'Shorter.' },
  });
  const gone = defineCommand({
    actor: 'coach',
    args: [z.uuid()],
    misfit: 'It is gone.',
    run: async () => ({ ok: true }),
  });
  expect(await gone('nonsense')).toEqual(refuse('It is gone.'));
  // More arguments than there are places are no call of ours.
  const more = gone as unknown as (...args: unknown[]) => Promise<object>;
  expect(await more(id, 1, 2)).toEqual(refuse('It is gone.'));
});

it('an assistant is refused what only the head coach may do, before anything is looked at', async () => {
  const lead = defineCommand({ actor: 'head-coach', args: [z.uuid()], run: async () => ({ ok: true, made: 1 }) });
  expect(told(await lead('nonsense'))).toContain('Only the head coach');
  role = 'head';
  expect(await lead('7b1f3a52-7a1c-4c52-9d0e-2f1f5a6f0c11')).toEqual({ ok: true, made: 1 });
});
