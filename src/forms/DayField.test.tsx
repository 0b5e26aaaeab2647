import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, expect, it } from 'vitest';
import { DayField } from './DayField';
import { dayOrderOf } from './dayOrder';

// The surroundings of this test lack what every browser has; nothing here needs escaping.
globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
afterEach(cleanup);

function Form({ first = '' }: { readonly first?: string }) {
  const [day, setDay] = useState(first);
  return (
    <>
      <DayField label="Born on" value={day} onChange={setDay} />
      <output>{day}</output>
      <button type="button" onClick={() => setDay('2020-02-29')}>
        From elsewhere
      </button>
    </>
  );
}
const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Born on' });
const told = () => screen.getByRole('status').textContent;

it('a day that is typed is read at once, and shown whole when the field is left', async () => {
  render(<Form />);
  await userEvent.type(field(), '24 nov 2025');
  expect(told()).toBe('2025-11-24');
  expect(screen.getByText('Mon 24 Nov 2025')).toBeTruthy();
  await userEvent.tab();
  expect(field().value).toBe('Mon 24 Nov 2025');
});

it('what is no day is kept as it was written, for the form to refuse with words', async () => {
  render(<Form first="1996-05-04" />);
  expect(field().value).toBe('Sat 4 May 1996');
  await userEvent.clear(field());
  expect(told()).toBe('');
  await userEvent.type(field(), '30 feb 2026');
  await userEvent.tab();
  expect([told(), field().value]).toEqual(['30 feb 2026', '30 feb 2026']);
});

it('a day is picked from the month, and one that comes from elsewhere is shown', async () => {
  render(<Form first="2026-11-24" />);
  await userEvent.click(screen.getByRole('button', { name: 'Calendar' }));
  await userEvent.click(await screen.findByRole('button', { name: /26 November 2026|November 26, 2026/ }));
  expect(told()).toBe('2026-11-26');
  expect(field().value).toBe('Thu 26 Nov 2026');
  await userEvent.click(screen.getByRole('button', { name: 'From elsewhere' }));
  expect(field().value).toBe('Sat 29 Feb 2020');
});

it('numbers stand in the order of the place', () => {
  expect([dayOrderOf('de-DE'), dayOrderOf('en-US'), dayOrderOf('sv-SE'), dayOrderOf(undefined)]).toEqual([
    'day-first',
    'month-first',
    'year-first',
    'day-first',
  ]);
});
