import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { RosterPage } from './RosterPage';

const addRoster = vi.fn(async (_people: readonly { readonly name: string }[]) => ({ ok: true, added: 2 }));
vi.mock('@/server/people/rosterActions', () => ({
  addRoster: (people: readonly { readonly name: string }[]) => addRoster(people),
  takeRosterBack: async () => ({ ok: true }),
}));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
// The listbox of the controls asks for it; the tests' page has none.
vi.stubGlobal('CSS', { escape: (text: string) => text });
beforeEach(() => addRoster.mockClear());

const open = async (name: string, bytes: string | Uint8Array<ArrayBuffer>) => {
  const { container } = render(<RosterPage known={[{ id: '1', name: 'Ana Velden' }]} today="2026-11-29" unit="kg" />);
  await userEvent
    .setup({ applyAccept: false })
    .upload(container.querySelector('input[type=file]') as HTMLInputElement, new File([bytes], name));
};

it('shows a list with its columns guessed, lets them be corrected, and writes down who is new', async () => {
  await open('list.csv', 'Who;Belt\nAna Velden;blue\nMarek Osei;white 2\nYara Roth;mauve\n');
  expect(await screen.findByText('3 rows: 2 new, 1 here already; one cell is left empty.')).toBeTruthy();
  const rows = within(screen.getByRole('table')).getAllByRole('row');
  expect(rows[2]?.textContent).toContain('white belt, 2 stripes');
  expect(rows[3]?.textContent).toContain('“mauve” is not read as the belt');
  await userEvent.click(screen.getByRole('button', { name: /Belt$/ }));
  await userEvent.click(screen.getByRole('option', { name: 'is left out' }));
  expect(screen.getByText('3 rows: 2 new, 1 here already.')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Write 2 people down' }));
  expect(await screen.findByText(/2 people are written down/)).toBeTruthy();
  expect(addRoster.mock.calls[0]?.[0].map((one) => one.name)).toEqual(['Marek Osei', 'Yara Roth']);
  const back = screen.getByRole('button', { name: 'Take all of them back out' });
  await waitFor(() => expect(back.dataset.pending).toBeUndefined());
  await userEvent.click(back);
  expect(await screen.findByText('All of them are out again.')).toBeTruthy();
});

it('reads what a spreadsheet of one country writes', async () => {
  await open(
    'list.csv',
    new Uint8Array(
      [...'Name\tPeso\nJos']
        .map((one) => one.charCodeAt(0))
        .concat(
          [0xe9],
          [...' Mu\t70 kg\n'].map((one) => one.charCodeAt(0)),
        ),
    ),
  );
  expect(await screen.findByText('José Mu')).toBeTruthy();
});

it.each([
  ['empty.csv', '', 'This file is empty.'],
  ['sheet.xlsx', 'PK\u0003\u0004', /Save the sheet as CSV/],
  ['film.mp4', 'a\0b', /This is no text/],
])('refuses %s and says what to do', async (name, text, words) => {
  await open(name, text);
  expect(await screen.findByText(words)).toBeTruthy();
});
