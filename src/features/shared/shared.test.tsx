import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { SharedReview } from '@/core/reviewing';
import { SharedReviewPage } from './SharedReviewPage';
import { SharedStudentPage } from './SharedStudentPage';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({ answers: [] as unknown[], looked: 0, answer: { ok: true } as unknown }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
vi.mock('@/server/sharing/studentActions', () => ({
  noteLooked: async () => {
    sent.looked += 1;
    return { ok: true };
  },
  sayAnswer: async (_token: string, { answer }: { answer: unknown }) => {
    sent.answers.push(answer);
    if (sent.answer === 'away') throw new Error('away');
    return sent.answer;
  },
}));
beforeEach(() => {
  Object.assign(sent, { answers: [], looked: 0, answer: { ok: true } });
});
afterEach(cleanup);

const point = {
  ...{ place: 0, title: 'Flat in half guard', text: 'Twice.', cue: 'On your side.', instead: '', branch: '' },
  ...{ homework: 'Ten a side.', homeworkDue: '2026-12-20' },
};
const review: SharedReview = {
  ...{ closingId: 'c', academyName: 'The loft', firstName: 'Ana', coachName: 'Ludo', version: 1, isOneRound: true },
  signedAt: '2026-11-21T10:00:00Z',
  ...{ firstDay: '2026-11-20', lastDay: '2026-11-20', good: { text: 'You waited.' }, points: [point], remark: '' },
  questions: [{ place: 0, text: 'What did you want?', choices: ['armbar', 'triangle'] }],
};
const open = (more: Partial<SharedReview> = {}) =>
  render(<SharedReviewPage token="t" review={{ ...review, ...more }} until="2026-12-20" />);

describe('a review on its student’s page', () => {
  it('counts as looked at with the first touch, once', async () => {
    open();
    expect(sent.looked).toBe(0);
    fireEvent.pointerDown(window);
    fireEvent.keyDown(window, { key: 'a' });
    await waitFor(() => expect(sent.looked).toBe(1));
  });
  it('is answered by choosing and in words, and can be answered anew until it is taken', async () => {
    open();
    await userEvent.click(screen.getByRole('radio', { name: 'triangle' }));
    await userEvent.type(screen.getByLabelText('Or in your words'), 'late');
    await userEvent.click(screen.getByRole('button', { name: 'Send the answer' }));
    await screen.findByRole('button', { name: 'Sent. Thank you.' });
    expect(sent.answers).toEqual([{ kind: 'question', place: 0, choice: 1, said: 'late' }]);
    await userEvent.type(screen.getByLabelText('Or in your words'), 'r');
    expect(screen.getByRole('button', { name: 'Send the answer' })).toBeTruthy();
    cleanup();
    open({ questions: [{ ...review.questions[0]!, said: { said: 'late', choice: 1, isTaken: true } }] });
    expect(screen.getByText('Your coach has your answer.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Send the answer' })).toBeNull();
  });
  it('keeps what was written when it could not be sent, and takes a tick back', async () => {
    sent.answer = 'away';
    open();
    await userEvent.type(screen.getByLabelText('Tired, calm, rushed, anything that hurt'), 'calm');
    await userEvent.click(screen.getByRole('button', { name: 'Tell your coach' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Nothing is lost');
    expect(screen.getByLabelText('Tired, calm, rushed, anything that hurt')).toHaveProperty('value', 'calm');
    await userEvent.click(screen.getByRole('checkbox', { name: 'Done' }));
    await waitFor(() => expect(screen.getAllByRole('alert')).toHaveLength(2));
    expect(screen.getByRole('checkbox', { name: 'Done' })).toHaveProperty('checked', false);
  });
  it('says that a clip is on its way, and shows it when it is there', () => {
    open({ good: { text: 'You waited.', clip: { id: 'k', isReady: false } } });
    expect(screen.getByRole('status').textContent).toContain('being made');
    cleanup();
    const { container } = open({ good: { text: 'You waited.', clip: { id: 'k', isReady: true, seconds: 9 } } });
    expect(container.querySelector('video')?.getAttribute('src')).toBe('/api/shared/t/c/k/film');
    expect(container.querySelector('track')?.getAttribute('src')).toBe('/api/shared/t/c/k/captions');
  });
});

describe('a student’s own page', () => {
  it('says what there is to do before anything is shared, and lists what is', () => {
    const page = { token: 't', academyName: 'The loft', firstName: 'Ana', changed: [] };
    render(<SharedStudentPage {...page} reviews={[]} workOn={[]} />);
    expect(screen.getByText('Nothing is shared with you yet.')).toBeTruthy();
    cleanup();
    const changed = [
      { title: 'Elbows', isBetter: true },
      { title: 'Neck', isBetter: false },
    ];
    render(
      <SharedStudentPage {...page} changed={changed} reviews={[review]} workOn={[{ title: 'Flat', cue: 'Side.' }]} />,
    );
    expect(screen.getByText('Better than before: Elbows.')).toBeTruthy();
    expect(screen.getByRole('link', { name: /Flat in half guard/ }).getAttribute('href')).toBe('/s/t/c');
    expect(screen.getByText('Ten a side.')).toBeTruthy();
  });
});
