import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { parse } from 'csv-parse/sync';
import { afterEach, expect, it, vi } from 'vitest';
import { TakeTables } from './TakeTables';
import { tablesOfPage } from './tablesOfPage';

afterEach(cleanup);

const page = () =>
  render(
    <main>
      <section>
        <h2>Belts</h2>
        <table>
          <thead>
            <tr>
              <th>Who</th>
              <th>Times</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <td>Ana “the wall”, Velden</td>
              <td>3</td>
            </tr>
            <tr>
              <td>=1+1</td>
              <td>−2.5</td>
            </tr>
            <tr>
              <td colSpan={2}>2 of 8</td>
            </tr>
          </tbody>
        </table>
        <table>
          <tbody>
            <tr>
              <td>2:41</td>
            </tr>
          </tbody>
        </table>
        <table aria-label="Empty" />
      </section>
      <TakeTables />
    </main>,
  );

it('reads the tables of a page as they stand, figures as numbers', () => {
  page();
  expect(tablesOfPage(document)).toEqual([
    {
      name: 'Belts',
      head: ['Who', 'Times'],
      rows: [
        ['Ana “the wall”, Velden', 3],
        ['=1+1', -2.5],
        ['2 of 8', ''],
      ],
    },
    { name: 'Belts 2', head: [], rows: [['2:41']] },
  ]);
});

it('saves one as CSV that another program reads', async () => {
  page();
  const blobs: Blob[] = [];
  vi.stubGlobal(
    'URL',
    Object.assign(URL, {
      createObjectURL: (blob: Blob) => `blob:${blobs.push(blob)}`,
      revokeObjectURL: () => undefined,
    }),
  );
  vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
  await userEvent.click(screen.getByText('Tables of this page as files'));
  await userEvent.click(await screen.findByRole('button', { name: 'Belts (CSV)' }));
  await waitFor(() => expect(blobs).toHaveLength(1));
  const text = await new Promise<string>((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.readAsText(blobs[0] as Blob);
  });
  expect(parse(text, { bom: true })).toEqual([
    ['Who', 'Times'],
    ['Ana “the wall”, Velden', '3'],
    ["'=1+1", '-2.5'],
    ['2 of 8', ''],
  ]);
});
