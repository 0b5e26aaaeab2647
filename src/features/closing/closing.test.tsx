import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ClosingPage, type ClosingPageProps } from './ClosingPage';
import { ownPoint } from './closingReducer';
import { Sharing, type SharingProps } from './Sharing';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({
  signed: [] as unknown[][],
  shared: [] as unknown[][],
  answer: { ok: true } as unknown,
}));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined, push: () => undefined }) }));
vi.mock('@/server/reviews/closingActions', () => ({
  signReview: async (...args: unknown[]) => {
    sent.signed.push(args);
    return sent.answer;
  },
}));
vi.mock('@/server/sharing/shareActions', () => ({
  shareReview: async (...args: unknown[]) => {
    sent.shared.push(args);
    return sent.answer;
  },
  closeLink: async () => ({ ok: true }),
}));
beforeEach(() => {
  Object.assign(sent, { signed: [], shared: [], answer: { ok: true } });
  localStorage.clear();
});
afterEach(cleanup);

const moment = (markId: string, at: string, filmed = true) => ({
  ...{ markId, roundId: 'r', at, mediaSeconds: 60, words: `Ana something at ${at}`, filmed },
});
const page: ClosingPageProps = {
  ...{
    about: { kind: 'round', roundId: 'r', slot: 'a' },
    coachId: 'ludo',
    markCount: 4,
    homework: [],
    signed: [],
    answers: [],
  },
  person: { id: 'p', name: 'Ana Velden' },
  rounds: [{ id: 'r', heldOn: '2026-11-20', a: 'Ana Velden', b: 'Marek Osei' }],
  goods: [
    { conceptId: 'one', title: 'Keeps moving', text: 'Keeps moving.', markIds: ['m1'] },
    { conceptId: 'two', title: 'Strips the grip', text: 'Strips the grip.', markIds: ['m2'] },
  ],
  others: [
    { kind: 'symptom', point: { ...ownPoint, errorId: 'err-flat-under-pin', title: 'Flat under the pin' } },
    { kind: 'chance', point: { ...ownPoint, aboutId: 'armbar', title: 'armbar was there' } },
  ],
  evidence: { m1: moment('m1', '0:26'), m2: moment('m2', '1:30'), m3: moment('m3', '2:00', false) },
  draft: {
    ...{ good: { text: 'Keeps moving.', markIds: ['m1'] }, questions: [], remark: '' },
    points: [{ ...ownPoint, errorId: 'err-half-flat', title: 'Flat in half guard', markIds: ['m2', 'm3'] }],
  },
};
const sign = async () => {
  await userEvent.click(screen.getByRole('button', { name: 'Sign the review' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Sign it' }));
};
const content = () => sent.signed[0]![2] as ClosingPageProps['draft'];

describe('closing a review', () => {
  it('is the coach’s own: another good thing, other moments, a chance, own words', async () => {
    render(<ClosingPage {...page} />);
    await userEvent.click(screen.getByRole('button', { name: 'Strips the grip' }));
    expect(screen.getByLabelText('What was good')).toHaveProperty('value', 'Strips the grip.');
    const moments = screen.getByRole('list', { name: 'Moments: Flat in half guard' });
    await userEvent.click(within(moments).getByRole('button', { name: 'Leave out 1:30' }));
    expect(screen.getByText('Not filmed: there is no clip.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'armbar was there' }));
    await userEvent.click(screen.getByRole('button', { name: 'In your own words' }));
    expect(screen.getByText('Three is the most: leave one out to take another.')).toBeTruthy();
    await userEvent.type(screen.getByLabelText('What it is about'), 'Breathe');
    await sign();
    await waitFor(() => expect(sent.signed).toHaveLength(1));
    expect(content().good).toEqual({ text: 'Strips the grip.', markIds: ['m2'] });
    expect(content().points.map((one) => [one.title, one.markIds])).toEqual([
      ['Flat in half guard', ['m3']],
      ['armbar was there', []],
      ['Breathe', []],
    ]);
  });
  it('keeps what was written when it is refused, and after the page was closed', async () => {
    sent.answer = { ok: false, messages: { '': 'Another coach signed this review meanwhile.' } };
    render(<ClosingPage {...page} />);
    await userEvent.type(screen.getByLabelText('In your own words', { selector: 'textarea' }), 'Good week.');
    await sign();
    expect((await screen.findByRole('alert')).textContent).toContain('Another coach');
    cleanup();
    render(<ClosingPage {...page} />);
    await waitFor(() =>
      expect(screen.getByLabelText('In your own words', { selector: 'textarea' })).toHaveProperty(
        'value',
        'Good week.',
      ),
    );
  });
  it('puts the last homework and what became of it before everything else', () => {
    const homework = [
      {
        ...{ errorId: 'err-half-flat', text: 'Ten a side.', due: '', givenOn: '2026-11-01', countThen: 3 },
        check: { shows: 'again' as const, count: 1, exposure: 2, unit: 'minutes' as const },
        said: { isDone: true, text: 'twice' },
      },
    ];
    render(<ClosingPage {...page} homework={homework} />);
    expect(screen.getByText(/Ten a side/).textContent).toContain('Again: once in 2:00 in the position; 3 times then.');
    expect(screen.getByText(/They say: done, “twice”/)).toBeTruthy();
  });
  it('of days in which nothing is marked says so', () => {
    const about = { kind: 'days' as const, personId: 'p', firstDay: '2026-11-20', lastDay: '2026-11-22' };
    render(<ClosingPage {...page} about={about} rounds={[]} markCount={0} />);
    expect(screen.getByText(/No round of these days is marked yet/)).toBeTruthy();
  });
});

describe('sharing a signed review', () => {
  const sharing: SharingProps = { closingId: 'c', person: { name: 'Ana Velden', email: '' }, links: [], clips: [] };
  it('tells the link once, with its picture', async () => {
    sent.answer = { ok: true, address: 'https://owl.example/s/abc', qr: '<svg/>', isSent: false };
    render(<Sharing {...sharing} />);
    await userEvent.clear(screen.getByLabelText('Open for'));
    await userEvent.type(screen.getByLabelText('Open for'), '7');
    await userEvent.click(screen.getByRole('button', { name: 'Make a link' }));
    expect(await screen.findByLabelText('The link')).toHaveProperty('value', 'https://owl.example/s/abc');
    expect(sent.shared[0]!.slice(0, 2)).toEqual(['c', { days: 7, isSent: false }]);
  });
  it('is not offered while somebody in it is not to be shown, and says how far clips are', () => {
    render(<Sharing {...sharing} problem="Marek withdrew their consent." />);
    expect(screen.getByText('Marek withdrew their consent.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Make a/ })).toBeNull();
    cleanup();
    const clip = (place: string, state: 'working' | 'failed' | 'ready', problem?: { code: string }) => ({
      ...{ id: place, place, state, progress: 0.4, problem },
    });
    render(
      <Sharing
        {...sharing}
        clips={[clip('good', 'ready'), clip('0', 'working'), clip('1', 'failed', { code: 'footage-gone' })]}
      />,
    );
    expect(screen.getByRole('progressbar').getAttribute('aria-valuetext')).toBe('40 %');
    expect(screen.getByText(/its footage is gone/)).toBeTruthy();
  });
});
