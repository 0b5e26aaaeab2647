import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { planNumberNames, usualNumbers } from '@/core/planning';
import { ruleSets } from '@/core/scoring';
import { FilmsSection } from './FilmsSection';
import { PlanningPage } from './PlanningPage';
import { numberWords } from './planNumberWords';
import { RuleSetDialog } from './RuleSetDialog';
import { SettingsPage, type SettingsPageProps } from './SettingsPage';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({
  settings: [] as unknown[],
  rules: [] as unknown[],
  numbers: [] as unknown[],
  ended: [] as string[],
  backups: {} as unknown,
  answer: { ok: true } as unknown,
}));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined, push: () => undefined }) }));
vi.mock('@/server/settings/settingsActions', () => ({
  saveSettings: async (input: unknown) => {
    sent.settings.push(input);
    if (sent.answer === 'away') throw new Error('away');
    return sent.answer;
  },
  savePlanNumbers: async (numbers: unknown) => {
    sent.numbers.push(numbers);
    return sent.answer;
  },
}));
vi.mock('@/server/settings/ruleSetActions', () => ({
  saveRuleSet: async (input: unknown) => {
    sent.rules.push(input);
    return sent.answer;
  },
  removeRuleSet: async () => sent.answer,
}));
vi.mock('@/server/accounts/accountActions', () => ({
  addCoach: async () => ({ ok: true }),
  reopenAccount: async () => ({ ok: true }),
  changePassword: async () => ({ ok: true }),
  endAccount: async () => ({ ok: true }),
  signOutEverywhere: async () => undefined,
  endSession: async (id: string) => {
    sent.ended.push(id);
    return sent.answer;
  },
}));
vi.mock('@/server/trash/trashActions', () => ({ bringBack: async () => sent.answer }));
vi.mock('@/server/backup/backupActions', () => ({
  backUpNow: async () => sent.answer,
  lookAtBackups: async () => ({ ok: true, news: sent.backups }),
}));
beforeEach(() => {
  sent.settings.length = 0;
  sent.rules.length = 0;
  sent.numbers.length = 0;
  sent.ended.length = 0;
  sent.answer = { ok: true };
});
afterEach(cleanup);

const academy = {
  ...{ name: 'The loft', liveWeightGapRatio: 0.2, minorsWithAdults: false, timeZone: 'Europe/Lisbon' },
  studentPages: false,
};
const coaches = [
  { id: '1', displayName: 'Ludo', signInName: 'ludo', role: 'head' },
  { id: '2', displayName: 'Felix', signInName: 'felix', role: 'assistant' },
] as const;
const sessions = [
  {
    id: 's1',
    browser: 'Firefox on Windows',
    since: '2026-11-01T08:00:00Z',
    lastSeen: '2026-11-02T08:00:00Z',
    isThis: true,
  },
  {
    id: 's2',
    browser: 'Safari on an iPhone',
    since: '2026-10-01T08:00:00Z',
    lastSeen: '2026-10-02T08:00:00Z',
    isThis: false,
  },
];
const open = (role: 'head' | 'assistant', more: Partial<SettingsPageProps> = {}) =>
  render(
    <SettingsPage
      academy={academy}
      coach={{ role, reactionLeadSeconds: 0.35, weightUnit: 'kg' }}
      coaches={coaches}
      sessions={sessions}
      codes={{ isOn: false, recoveryLeft: 0 }}
      trash={[]}
      {...more}
    />,
  );
/** Presses a button once it has done what it was pressed for before. */
async function press(name: string) {
  const button = await screen.findByRole('button', { name });
  await vi.waitFor(() => expect(button.dataset.pending).toBeUndefined(), { timeout: 20_000 });
  await userEvent.click(button);
}

describe('where a coach is signed in', () => {
  it('is listed, and ended one by one', async () => {
    open('assistant');
    await press('Sign out Safari on an iPhone, since Thu 1 Oct, 08:00');
    await waitFor(() => expect(sent.ended).toEqual(['s2']));
    expect(screen.queryByRole('button', { name: /Sign out Firefox/ })).toBeNull();
  });
});

describe('the backup', () => {
  const backups = { folder: '/backups', isOnSameDisk: true, kept: 14, nightlyAt: '03:10' };

  it('is told with its day, size and place, and that one disk holds both', () => {
    open('head', { backups: { ...backups, last: { at: '2026-11-28T03:10:00Z', bytes: 212e9, files: 900 } } });
    expect(screen.getByText(/^The last one: Sat 28 Nov, 03:10, 212\.0 GB in 900 files/)).toBeTruthy();
    expect(screen.getByText(/on the disk of the academy itself/)).toBeTruthy();
    expect(screen.getByText('By itself every night at 03:10; the last 14 are kept.')).toBeTruthy();
  });
  it('says why the newest one failed, and shows one that is being made until it is there', async () => {
    open('head', { backups: { ...backups, isOnSameDisk: false, problem: 'There was no room for it.' } });
    expect(screen.getByRole('alert').textContent).toContain('There was no room for it.');
    sent.backups = { ...backups, isOnSameDisk: false, last: { at: '2026-11-28T10:00:00Z', bytes: 5e6, files: 3 } };
    await press('Back up now');
    expect(await screen.findByText(/^The last one: Sat 28 Nov, 10:00/, {}, { timeout: 20_000 })).toBeTruthy();
    cleanup();
    open('assistant');
    expect(screen.queryByText('Backup')).toBeNull();
  });
});

describe('settings', () => {
  it('send what is written, with comma or point, and say that it is kept', async () => {
    open('head');
    const gap = screen.getByLabelText('Largest weight gap in live work');
    await userEvent.clear(gap);
    await userEvent.type(gap, '17,5');
    await press('Save settings');
    expect(sent.settings).toEqual([
      expect.objectContaining({ academyName: 'The loft', liveWeightGapPercent: 17.5, timeZone: 'Europe/Lisbon' }),
    ]);
    expect(await screen.findByText('Saved.')).toBeTruthy();
    await userEvent.type(gap, '1');
    expect(screen.queryByText('Saved.')).toBeNull();
  });
  it('tell what is wrong at its field, and keep what was written when nobody answers', async () => {
    open('head');
    sent.answer = { ok: false, messages: { timeZone: 'Choose a time zone from the list.' } };
    await press('Save settings');
    expect(await screen.findByText('Choose a time zone from the list.')).toBeTruthy();
    sent.answer = 'away';
    await press('Save settings');
    expect(await screen.findByText(/could not be reached/)).toBeTruthy();
    expect(screen.getAllByLabelText<HTMLInputElement>('Name')[0]?.value).toBe('The loft');
  });
  it('of the academy are closed to assistants, and so are other coaches’ accounts', () => {
    open('assistant');
    for (const label of ['Name', 'Largest weight gap in live work', 'Time zone'])
      expect(screen.getAllByLabelText<HTMLInputElement>(label)[0]?.disabled, label).toBe(true);
    expect(screen.queryByRole('button', { name: 'Add the account' })).toBeNull();
    expect(screen.getByText('Only the head coach can change these.')).toBeTruthy();
    cleanup();
    open('head');
    expect(screen.getByRole('button', { name: 'End the account of Felix' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'End the account of Ludo' })).toBeNull();
  });
});

describe('rules of one’s own', () => {
  const overtime = ruleSets.find((one) => one.id === 'submission-only')!;
  it('are written as numbers, and refused at the number that is wrong', async () => {
    let closed = false;
    const rules = { ...overtime, id: 'x', name: 'Ours' };
    render(<RuleSetDialog ruleSet={rules} rounds={0} onClose={() => (closed = true)} />);
    const level = screen.getByLabelText('Times are level within');
    await userEvent.clear(level);
    await userEvent.type(level, '0,5');
    sent.answer = { ok: false, messages: { 'overtime.turnsEach': 'Write 1 to 6 turns.' } };
    await press('Keep these rules');
    expect(await screen.findByText('Write 1 to 6 turns.')).toBeTruthy();
    expect(closed).toBe(false);
    sent.answer = { ok: true };
    await press('Keep these rules');
    expect(sent.rules.at(-1)).toMatchObject({
      name: 'Ours',
      overtime: { turnsEach: 3, turnSeconds: 120, equalWithinSeconds: 0.5 },
    });
    await vi.waitFor(() => expect(closed).toBe(true), { timeout: 20_000 });
  });
});

describe('the numbers of the planner', () => {
  it('all stand there with why they are usually so, are sent, and know the way back group by group', async () => {
    render(<PlanningPage numbers={{ ...usualNumbers, halfLifeDays: 20 }} isHead />);
    const words = document.body.textContent ?? '';
    for (const name of planNumberNames) expect(words, name).toContain(numberWords[name].label);
    const warmUp = screen.getByLabelText('Warm-up');
    expect(warmUp.closest('div')?.parentElement?.textContent).toContain('8 usually: movements of the theme');
    // One number differs already: its group alone knows a way back.
    expect(screen.getAllByRole('button', { name: 'As usual again' })).toHaveLength(1);
    await userEvent.clear(warmUp);
    await userEvent.type(warmUp, '15');
    await press('Save these numbers');
    expect(sent.numbers).toEqual([{ ...usualNumbers, halfLifeDays: 20, warmUpMinutes: 15 }]);
    await screen.findByText(/Saved/);
    await userEvent.click(screen.getAllByRole('button', { name: 'As usual again' })[0]!);
    expect((screen.getByLabelText('Warm-up') as HTMLInputElement).value).toBe('8');
    expect((screen.getByLabelText('Half of it is gone after') as HTMLInputElement).value).toBe('20');
    expect(screen.queryByText(/Saved/)).toBeNull();
  });

  it('say of which field a message is, keep what was typed, and are only read by an assistant', async () => {
    sent.answer = { ok: false, messages: { doseMinutes: 'Write a whole number from 4 to 60.' } };
    render(<PlanningPage numbers={usualNumbers} isHead />);
    const dose = screen.getByLabelText('Minutes of a full lesson');
    await userEvent.clear(dose);
    await press('Save these numbers');
    expect((await screen.findByText(/Minutes of a full lesson: Write a whole number/)).textContent).toContain(
      '4 to 60',
    );
    expect((dose as HTMLInputElement).value).toBe('');
    cleanup();
    render(<PlanningPage numbers={usualNumbers} isHead={false} />);
    expect((screen.getByLabelText('Warm-up') as HTMLInputElement).disabled).toBe(true);
    expect(screen.queryByRole('button', { name: 'Save these numbers' })).toBeNull();
  });
});

describe('where films lie', () => {
  const films = { isLeaving: true, elsewhere: 12, bytesElsewhere: 34e9, bytesHere: 5e9, onlyHere: 2 };
  it('is told where a store elsewhere is named, and nowhere else', () => {
    const { container, rerender } = open('head', { filmsElsewhere: films });
    expect(container.textContent).toContain('12 films elsewhere, 34.0 GB; of that 5.0 GB here as well.');
    expect(container.textContent).toContain('2 films here only: on the way there');
    rerender(<FilmsSection {...films} isLeaving={false} elsewhere={1} onlyHere={0} />);
    expect(container.textContent).toContain('One film elsewhere');
    expect(container.textContent).toContain('on their way home');
    cleanup();
    expect(open('head').container.textContent).not.toContain('Where films lie');
  });
});

describe('an account that was ended', () => {
  it('is opened again by a press, by the head coach', async () => {
    open('head', { endedAccounts: [{ id: '9', displayName: 'Tova', endedAt: '2026-11-20T10:00:00Z' }] });
    await press('Open the account of Tova again');
    expect(document.body.textContent).toContain('The account of Tova was ended');
    cleanup();
    expect(open('assistant').container.textContent).not.toContain('was ended');
  });
});
