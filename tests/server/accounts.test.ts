import { Secret, TOTP } from 'otpauth';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { findCoachBySignInName } from '@/data/accounts/coaches';
import { noteDevice } from '@/data/accounts/devices';
import { pool } from '@/data/client';
import {
  addCoach,
  changePassword,
  createFirstAccount,
  endAccount,
  reopenAccount,
  signIn,
} from '@/server/accounts/accountActions';
import { admitGuess } from '@/server/accounts/admitGuess';
import { clientAddress } from '@/server/accounts/clientAddress';
import { beginCodes, leaveHalf, signInWithCode, turnCodesOff, turnCodesOn } from '@/server/accounts/codeActions';
import { guessDelay } from '@/server/accounts/guessDelay';
import { passwordProblem } from '@/server/accounts/passwordRules';
import { hashPassword, passwordMatches, TooBusy } from '@/server/accounts/passwords';
import { resetPassword } from '../../bin/resetPassword';
import { hostileTexts } from '../support/hostile';
import { emptyDatabase, seedCoach } from '../support/seed';

const jar = new Map<string, string>();
vi.mock('next/headers', () => ({
  headers: async () => new Headers(),
  cookies: async () => ({
    get: (name: string) => (jar.has(name) ? { value: jar.get(name) } : undefined),
    set: (name: string, value: string) => void jar.set(name, value),
    delete: (name: string) => void jar.delete(name),
  }),
}));
// Each request has a cache of its own; here every call is one.
vi.mock('react', async (original) => ({ ...(await original<object>()), cache: (work: unknown) => work }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/navigation', () => ({
  redirect: (to: string) => {
    throw new Error(`to ${to}`);
  },
  unstable_rethrow: (error: Error) => {
    if (error.message.startsWith('to ')) throw error;
  },
}));

const form = (entries: Record<string, string>) => {
  const data = new FormData();
  for (const [name, value] of Object.entries(entries)) data.set(name, value);
  return data;
};
const enter = (signInName: string, password: string) => signIn({}, form({ signInName, password }));
const SECRET = 'a long enough secret';
const none = { count: 0, secondsSinceLast: 1e9 };
const failed = (count: number, secondsSinceLast = 0) => ({ count, secondsSinceLast });

beforeEach(async () => {
  jar.clear();
  await emptyDatabase();
});

describe('a try to sign in', () => {
  it('is slowed down by its own failures, and hardly by those of others', () => {
    expect(guessDelay({ byPair: failed(4), byName: none, byAddress: none })).toBe(0);
    expect(guessDelay({ byPair: failed(5), byName: none, byAddress: none })).toBe(1);
    expect(guessDelay({ byPair: failed(10), byName: none, byAddress: none })).toBe(32);
    expect(guessDelay({ byPair: failed(10, 20), byName: none, byAddress: none })).toBe(12);
    expect(guessDelay({ byPair: failed(1000), byName: none, byAddress: none })).toBe(900);
    expect(guessDelay({ byPair: none, byName: failed(10_000), byAddress: failed(10_000) })).toBe(10);
  });

  it('is looked at five times of sixty that come at once', async () => {
    await seedCoach('ludo');
    const began = performance.now();
    const admitted = await Promise.all(Array.from({ length: 60 }, () => admitGuess('ludo', 'there', undefined)));
    const looked = admitted.filter((one) => one.attemptId !== undefined).length;
    // On a busy machine sixty tries take longer than the first wait: whoever comes after it is looked at again.
    const firstWait = guessDelay({ byPair: failed(5), byName: none, byAddress: none });
    expect(looked).toBeGreaterThanOrEqual(5);
    expect(looked).toBeLessThanOrEqual(5 + (performance.now() - began) / 1000 / firstWait);
  });

  it('goes free from a browser that the coach has signed in with, whatever others do', async () => {
    const coachId = await seedCoach('ludo');
    const device = Buffer.alloc(32, 7);
    await noteDevice(pool(), device, coachId);
    for (let times = 0; times < 60; times += 1)
      await pool().query(
        "insert into sign_in_attempt (sign_in_name, address, succeeded) values ('ludo', 'direct', false)",
      );
    expect((await admitGuess('ludo', 'direct', undefined)).waitSeconds).toBeGreaterThan(0);
    expect((await admitGuess('ludo', 'direct', device)).waitSeconds).toBe(0);
    // Another coach’s browser is none of theirs, and a known one is slowed by its own guesses.
    await seedCoach('felix');
    await pool().query("update sign_in_attempt set sign_in_name = 'felix'");
    expect((await admitGuess('felix', 'direct', device)).waitSeconds).toBeGreaterThan(0);
    await Promise.all(Array.from({ length: 20 }, () => admitGuess('ludo', 'direct', device)));
    expect((await admitGuess('ludo', 'direct', device)).waitSeconds).toBeGreaterThan(0);
  });

  it('takes the word of a proxy only where one is configured', () => {
    expect(clientAddress('1.2.3.4', 0)).toBe('direct');
    expect(clientAddress('made up, 1.2.3.4', 1)).toBe('1.2.3.4');
    expect(clientAddress('made up, 1.2.3.4, 10.0.0.1', 2)).toBe('1.2.3.4');
    expect(clientAddress(null, 1)).toBe('unknown');
  });

  it('answers hostile names and passwords with words', async () => {
    await seedCoach('ludo');
    for (const text of hostileTexts) {
      await expect(enter(text, SECRET)).resolves.toBeTypeOf('object');
      await expect(signIn({}, text)).resolves.toBeTypeOf('object');
    }
    expect(await enter('ludo\0', SECRET)).toMatchObject({
      messages: { signInName: expect.stringContaining('cannot be kept') },
    });
  });
});

describe('passwords', () => {
  it('are hashed two at a time, and a crowd is told to come again', async () => {
    const stored = await hashPassword(SECRET);
    const answers = await Promise.allSettled(Array.from({ length: 120 }, () => passwordMatches(stored, 'wrong')));
    const refused = answers.filter((one) => one.status === 'rejected' && one.reason instanceof TooBusy);
    expect(refused.length).toBeGreaterThanOrEqual(75);
    expect(await passwordMatches(stored, SECRET)).toBe(true);
  });

  it('are refused where everybody would guess them, and asked nothing else', () => {
    const names = ['ludo.k', 'Ludo Kaan'];
    for (const bad of [
      '1234567890',
      '          ',
      'ludo.kludo.k',
      'ludo.k1234',
      'Ludo Kaan!',
      'aaaaaaaaaaaa',
      'owlowlowlowl',
      'qwertyuiop',
      '0987654321',
      'password123',
      'short one',
    ])
      expect(passwordProblem(bad, names), bad).toBeTypeOf('string');
    for (const good of [
      'slow owl on a beam',
      'knee shield first',
      'ludo rolls on tuesdays',
      'пароль для совы',
      '7h2k-9qpz-1mvw',
    ])
      expect(passwordProblem(good, names), good).toBeUndefined();
  });

  it('are changed with the present one, and every other browser is signed out', async () => {
    await seedCoach('ludo');
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    const here = new Map(jar);
    jar.clear();
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    const there = new Map(jar);
    const change = (entries: Record<string, string>) => changePassword({}, form(entries));
    expect(await change({ currentPassword: 'wrong guess', password: 'the bridge comes first' })).toMatchObject({
      messages: { currentPassword: expect.any(String) },
    });
    expect(await change({ currentPassword: SECRET, password: '1234567890' })).toMatchObject({
      messages: { password: expect.any(String) },
    });
    expect(await change({ currentPassword: SECRET, password: 'the bridge comes first' })).toMatchObject({ ok: true });
    expect(await change({ currentPassword: SECRET, password: 'the bridge comes second' })).toMatchObject({
      messages: { currentPassword: expect.any(String) },
    });
    jar.clear();
    for (const [name, value] of here) jar.set(name, value);
    await expect(change({ currentPassword: SECRET, password: 'x' })).rejects.toThrow('to /sign-in');
    expect(there.get('owl_session')).not.toBe(here.get('owl_session'));
    await expect(enter('ludo', 'the bridge comes first')).rejects.toThrow('to /footage');
  });

  it('are set anew from the command line, which signs out everywhere', async () => {
    await seedCoach('ludo');
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    const made = await resetPassword(process.env.OWL_DATABASE_URL!, 'ludo');
    expect(made && passwordProblem(made, ['ludo'])).toBeUndefined();
    expect((await pool().query('select 1 from sign_in_session where revoked_at is null')).rows).toEqual([]);
    jar.clear();
    expect(await enter('ludo', SECRET)).toMatchObject({
      messages: { '': expect.stringContaining('do not belong together') },
    });
    await expect(enter('ludo', made!)).rejects.toThrow('to /footage');
    expect(await resetPassword(process.env.OWL_DATABASE_URL!, 'nobody')).toBeUndefined();
  });
});

describe('a password that somebody else made up', () => {
  it('opens for a week, and is one’s own once it is changed', async () => {
    await seedCoach('ludo');
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    const entries = { displayName: 'Tova', signInName: 'tova', password: 'half a guard is enough', role: 'helper' };
    expect(await addCoach({}, form(entries))).toMatchObject({ ok: true });
    jar.clear();
    await expect(enter('tova', entries.password)).rejects.toThrow('to /mat');
    await pool().query("update coach set password_until = now() - interval '1 minute' where sign_in_name = 'tova'");
    jar.clear();
    expect(JSON.stringify(await enter('tova', entries.password))).toContain('has run out');
    const made = await resetPassword(process.env.OWL_DATABASE_URL!, 'tova');
    await expect(enter('tova', made!)).rejects.toThrow('to /mat');
    const own = { currentPassword: made!, password: 'the bridge comes first' };
    expect(await changePassword({}, form(own))).toMatchObject({ ok: true });
    const { rows } = await pool().query("select password_until from coach where sign_in_name = 'tova'");
    expect(rows).toEqual([{ password_until: null }]);
  });
});

describe('an account', () => {
  it('is ended by the head coach: signed out, no way in, the name stays', async () => {
    await seedCoach('ludo');
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    expect(
      await addCoach({}, form({ displayName: 'Felix', signInName: 'felix', password: 'half a guard is enough' })),
    ).toMatchObject({ ok: true });
    const felix = (await findCoachBySignInName(pool(), 'felix'))!;
    const ludo = (await findCoachBySignInName(pool(), 'ludo'))!;
    expect(await endAccount(ludo.id)).toMatchObject({ messages: { '': expect.stringContaining('leads the academy') } });
    expect(await endAccount(felix.id)).toEqual({ ok: true });
    expect(await endAccount('nonsense')).toMatchObject({ messages: { '': expect.any(String) } });
    jar.clear();
    expect(await enter('felix', 'half a guard is enough')).toMatchObject({ messages: { '': expect.any(String) } });
    expect((await pool().query('select display_name from coach order by 1')).rows).toHaveLength(2);
    expect(await addCoach({}, form({})).catch((error: Error) => error.message)).toBe('to /sign-in');
    jar.clear();
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    expect(await reopenAccount(felix.id)).toEqual({ ok: true });
    expect(await reopenAccount(felix.id)).toMatchObject({ ok: false });
    await endAccount(felix.id);
    await pool().query("update coach set ended_at = now() - interval '31 days' where id = $1", [felix.id]);
    expect(await reopenAccount(felix.id)).toMatchObject({ ok: false });
    await pool().query('update coach set ended_at = now() where id = $1', [felix.id]);
    await reopenAccount(felix.id);
    jar.clear();
    await expect(enter('felix', 'half a guard is enough')).rejects.toThrow('to /footage');
  });

  it('is the first one only while there is none, which costs a stranger nothing to be told', async () => {
    (globalThis as { owlHasAccounts?: boolean }).owlHasAccounts = undefined;
    const first = form({ displayName: 'Ludo', signInName: 'ludo', password: SECRET });
    await expect(createFirstAccount({}, first)).rejects.toThrow('to /footage');
    const connect = vi.spyOn(pool(), 'connect');
    const query = vi.spyOn(pool(), 'query');
    await expect(createFirstAccount({}, first)).rejects.toThrow('to /sign-in');
    query.mockClear();
    connect.mockClear();
    await Promise.all(Array.from({ length: 200 }, () => createFirstAccount({}, first).catch(() => undefined)));
    expect([connect.mock.calls.length, query.mock.calls.length]).toEqual([0, 0]);
    connect.mockRestore();
    query.mockRestore();
  });
});

describe('codes beside the password', () => {
  /** What the authenticator shows, so many steps from now. */
  const shown = (typed: string, steps = 0) =>
    new TOTP({ secret: Secret.fromBase32(typed.replaceAll(' ', '')) }).generate({
      timestamp: Date.now() + steps * 30_000,
    });
  const withCode = (code: string) => signInWithCode({}, form({ code }));
  async function turnedOn() {
    await seedCoach('ludo');
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    const begun = await beginCodes();
    if (!begun.ok) throw new Error('no secret was made');
    // The code of the step before is taken too; later ones are then still to be had.
    const on = await turnCodesOn(shown(begun.typed, -1));
    if (!on.ok) throw new Error('codes are not on');
    jar.clear();
    return { typed: begun.typed, recovery: on.recovery };
  }

  it('are asked for nowhere before one has proved that the authenticator has the secret', async () => {
    await seedCoach('ludo');
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
    expect(await beginCodes()).toMatchObject({ ok: true });
    for (const wrong of ['000000', 'abc', ...hostileTexts])
      expect(await turnCodesOn(wrong)).toMatchObject({ ok: false });
    jar.clear();
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
  });

  it('are asked for after the right password alone, open once each, and are limited like passwords', async () => {
    const { typed } = await turnedOn();
    expect(await enter('ludo', 'a wrong password')).toMatchObject({ ok: false });
    expect(jar.size).toBe(0);
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /sign-in');
    expect([...jar.keys()]).toEqual(['owl_half']);
    for (const wrong of ['', '000000', ...hostileTexts.slice(0, 2)])
      expect(await withCode(wrong)).toMatchObject({ ok: false });
    // The one that switched them on was used by that.
    expect(await withCode(shown(typed, -1))).toMatchObject({ ok: false });
    await pool().query('delete from sign_in_attempt');
    const code = shown(typed);
    await expect(withCode(code)).rejects.toThrow('to /footage');
    expect([...jar.keys()].sort()).toEqual(['owl_device', 'owl_session']);
    jar.clear();
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /sign-in');
    expect(await withCode(code)).toMatchObject({ ok: false });
    for (let at = 0; at < 6; at += 1) await withCode('123456');
    expect(JSON.stringify(await withCode(shown(typed, 1)))).toContain('Too many tries');
    // A half that has run out, or was left, opens nothing.
    await pool().query("update half_sign_in set expires_at = now() - interval '1 second'");
    expect(JSON.stringify(await withCode(shown(typed, 1)))).toContain('took too long');
    await expect(leaveHalf()).rejects.toThrow('to /sign-in');
    expect(jar.has('owl_half')).toBe(false);
  });

  it('give way to a recovery code once, to the password that switches them off, and to the command line', async () => {
    const { recovery } = await turnedOn();
    const first = recovery[0] ?? '';
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /sign-in');
    await expect(withCode(first.toUpperCase())).rejects.toThrow('to /footage');
    jar.clear();
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /sign-in');
    expect(await withCode(first)).toMatchObject({ ok: false });
    await expect(withCode(recovery[1] ?? '')).rejects.toThrow('to /footage');
    expect(await beginCodes()).toMatchObject({ ok: false });
    expect(await turnCodesOff('a wrong password')).toMatchObject({ ok: false });
    expect(await turnCodesOff(SECRET)).toEqual({ ok: true });
    jar.clear();
    await expect(enter('ludo', SECRET)).rejects.toThrow('to /footage');
  });

  it('are asked for no more once the password was set anew on the machine', async () => {
    await turnedOn();
    const made = await resetPassword(process.env.OWL_DATABASE_URL!, 'ludo');
    await expect(enter('ludo', made!)).rejects.toThrow('to /footage');
  });

  it('belong to their account: somebody else’s open nothing', async () => {
    const { typed } = await turnedOn();
    await seedCoach('felix');
    await expect(enter('felix', SECRET)).rejects.toThrow('to /footage');
    expect(await withCode(shown(typed))).toMatchObject({ ok: false });
    expect(await turnCodesOn(shown(typed))).toMatchObject({ ok: false });
  });
});
