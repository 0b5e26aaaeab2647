import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { FirstAccount } from './FirstAccount';
import { NothingHere } from './NothingHere';
import { SignIn } from './SignIn';

const sent = vi.hoisted(() => ({ forms: [] as unknown[] }));
const REFUSED = 'Sign-in name and password do not belong together. Check both and try again.';
vi.mock('@/server/accounts/accountActions', () => ({
  signIn: async (_before: unknown, form: FormData) => {
    sent.forms.push(Object.fromEntries(form));
    return {
      ok: false,
      messages: { '': 'Sign-in name and password do not belong together. Check both and try again.' },
    };
  },
  createFirstAccount: async () => ({ ok: false, messages: { password: 'Use at least 10 characters.' } }),
}));
vi.mock('@/offline/ForgetKept', () => ({ ForgetKept: () => null }));
afterEach(cleanup);

it('signing in sends both, and says in one place why it was refused', async () => {
  render(<SignIn />);
  expect(document.activeElement).toBe(screen.getByLabelText('Sign-in name'));
  await userEvent.type(screen.getByLabelText('Sign-in name'), 'ludo');
  await userEvent.type(screen.getByLabelText('Password'), 'slow owl');
  await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));
  expect((await screen.findByRole('alert')).textContent).toBe(REFUSED);
  expect(sent.forms).toEqual([{ signInName: 'ludo', password: 'slow owl' }]);
  expect(screen.getByLabelText<HTMLInputElement>('Password').type).toBe('password');
});

it('the first account tells what is wrong at its field, where a reader of the screen hears it', async () => {
  render(<FirstAccount />);
  await userEvent.type(screen.getByLabelText('Your name'), 'Ludo');
  await userEvent.type(screen.getByLabelText('Sign-in name'), 'ludo');
  const password = screen.getByLabelText<HTMLInputElement>('Password');
  await userEvent.type(password, 'short');
  await userEvent.click(screen.getByRole('button', { name: 'Create the account' }));
  const told = await screen.findByText('Use at least 10 characters.');
  expect(password.getAttribute('aria-describedby')).toBe(told.id);
  expect(password.getAttribute('aria-invalid')).toBe('true');
});

it('a page that is not there leads back', () => {
  render(<NothingHere />);
  expect(screen.getByRole('link', { name: 'To Footage' }).getAttribute('href')).toBe('/footage');
});
