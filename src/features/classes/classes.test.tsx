import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ZoneProvider } from '@/terms/ZoneContext';
import { ClassDialog } from './ClassDialog';
import { ClassesPage, type ClassLine } from './ClassesPage';
import { Expected } from './Expected';
import { mondaysOf } from './Weeks';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({ calls: [] as unknown[][], pushed: [] as string[], answer: {} as unknown }));
vi.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: () => undefined, push: (path: string) => sent.pushed.push(path) }),
}));
vi.mock('@/server/classes/calendarActions', () => ({
  moveTheme: async (...args: unknown[]) => {
    sent.calls.push(['theme', ...args]);
    return sent.answer;
  },
  copyClasses: async (...args: unknown[]) => {
    sent.calls.push(['copy', ...args]);
    return sent.answer;
  },
  setHoliday: async (...args: unknown[]) => {
    sent.calls.push(['free', ...args]);
    return sent.answer;
  },
  removeHoliday: async (...args: unknown[]) => {
    sent.calls.push(['again', ...args]);
    return sent.answer;
  },
}));
vi.mock('@/server/classes/unitActions', () => ({
  setPlanFirst: async (...args: unknown[]) => {
    sent.calls.push(['first', ...args]);
    return sent.answer;
  },
}));
vi.mock('@/server/classes/calendarAddressActions', () => ({
  openCalendarAddress: async () => ({ ok: true, path: '/api/calendar/a-token' }),
  closeCalendarAddress: async () => {
    sent.calls.push(['close']);
    return { ok: true };
  },
}));
vi.mock('@/server/classes/classActions', () => ({
  planAhead: async (...args: unknown[]) => {
    sent.calls.push(args);
    return sent.answer;
  },
  stopPlanning: async (...args: unknown[]) => {
    sent.calls.push(['stop', ...args]);
    return sent.answer;
  },
  saveClass: async (...args: unknown[]) => {
    sent.calls.push(args);
    return sent.answer;
  },
}));
beforeEach(() => {
  sent.calls.length = 0;
  sent.pushed.length = 0;
});
afterEach(cleanup);

const SAVE = 'Save';
const one: ClassLine = {
  ...{ id: 'k', version: 3, title: 'Evening', startsAt: '2026-11-24T18:30:00.000Z', minutes: 75 },
  ...{ uniform: 'gi', level: 'all belts', pairsOnMats: 8, expected: 6 },
};
const nothingAsked = { run: { isUnderway: false }, names: {}, holidays: [] };
const inBerlin = (children: React.ReactNode) =>
  render(<ZoneProvider timeZone="Europe/Berlin">{children}</ZoneProvider>);

describe('the list of classes', () => {
  it('shows times as the academy’s clocks do, and what is planned', () => {
    const themes = [{ family: 'half-guard', place: 'under' }] as const;
    const planned = { ...one, id: 'l', title: 'Noon', planVersion: 2, themes, lessonIds: ['drill-shield-first'] };
    inBerlin(
      <ClassesPage
        planFirst="errors"
        hasUnits
        upcoming={[one, planned]}
        past={[{ ...one, id: 'm' }]}
        people={9}
        {...nothingAsked}
      />,
    );
    expect(screen.getAllByText(/Tuesday.* 24 November, 19:30/)).toHaveLength(1);
    expect(within(screen.getByRole('article', { name: 'Evening' })).getByText('not planned yet')).toBeTruthy();
    const noon = within(screen.getByRole('article', { name: 'Noon' }));
    expect(noon.getByText('half guard below')).toBeTruthy();
    expect(noon.getByText('Shield first, then the hip')).toBeTruthy();
    expect(noon.getByText('19:30 · 6 expected')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'sheet' }).getAttribute('href')).toBe('/classes/l/sheet');
  });
  it('says what to do while there is none', () => {
    inBerlin(<ClassesPage planFirst="errors" hasUnits upcoming={[]} past={[]} people={0} {...nothingAsked} />);
    expect(screen.getByText('No class ahead')).toBeTruthy();
  });
});

describe('the coming weeks', () => {
  it('begin on Mondays, none left out between', () => {
    expect(mondaysOf(['2026-12-16', '2026-11-29'])).toEqual(['2026-11-23', '2026-11-30', '2026-12-07', '2026-12-14']);
    expect(mondaysOf([])).toEqual([]);
  });
  it('are planned together, and say what each gets and what waits', async () => {
    sent.answer = { ok: true };
    const gains = [
      { personId: 'q', gets: [], waits: ['err-taps-late', 'err-half-flat'], unanswerable: ['err-taps-late'] },
      {
        personId: 'p',
        gets: [{ classId: 'k', drillId: 'drill-shield-first', errorIds: ['err-half-flat'] }],
        waits: [],
      },
    ];
    const ready = { benefit: 12, aloneBenefit: 10, frequencyBenefit: 8, gains };
    const names = { p: 'Ana Velden', q: 'Nadia Brandt' };
    inBerlin(
      <ClassesPage
        planFirst="errors"
        hasUnits
        upcoming={[one]}
        past={[]}
        people={9}
        run={{ isUnderway: false, ready }}
        names={names}
        holidays={[]}
      />,
    );
    expect(screen.getByText(/20 % more than each class for itself, 50 % more/)).toBeTruthy();
    expect(screen.getByText('Shield first, then the hip, Tue 24 Nov')).toBeTruthy();
    expect(screen.getByText('No lesson for them in these weeks.')).toBeTruthy();
    expect(
      screen.getByText(
        'Flat in half guard waits: other lessons help more. Taps too late waits: nothing that they may do in these classes answers it',
      ),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Plan the coming weeks together' }));
    expect(sent.calls[0]?.[0]).toMatch(/^[0-9a-f-]{36}$/);
    cleanup();
    // While it is worked out: what is found so far, and a way to stop.
    const lessons = [{ drillId: 'drill-shield-first', minutes: 14, excludedIds: [] }];
    const soFar = { benefit: 9, classes: [{ classId: 'k', themes: [], lessons }] };
    const underway = { isUnderway: true, id: 'r', soFar, askedBy: 'Ludo' };
    inBerlin(
      <ClassesPage
        planFirst="errors"
        hasUnits
        upcoming={[one]}
        past={[]}
        people={9}
        run={underway}
        names={names}
        holidays={[]}
      />,
    );
    expect(screen.getByRole('list', { name: 'Found so far' }).textContent).toContain('Shield first, then the hip');
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(sent.calls.at(-1)).toEqual(['stop', 'r']);
    cleanup();
    const bounded = { isUnderway: false, ready: { ...ready, bound: 12.3 } };
    inBerlin(
      <ClassesPage
        planFirst="errors"
        hasUnits
        upcoming={[one]}
        past={[]}
        people={9}
        run={bounded}
        names={names}
        holidays={[]}
      />,
    );
    expect(screen.getByText(/Within 3 % of anything possible/)).toBeTruthy();
    cleanup();
    const failed = { isUnderway: false, message: 'There is nothing to work on yet.' };
    inBerlin(
      <ClassesPage
        planFirst="errors"
        hasUnits
        upcoming={[{ ...one, expected: 0 }]}
        past={[]}
        people={9}
        run={failed}
        names={{}}
        holidays={[]}
      />,
    );
    expect(screen.getByText('There is nothing to work on yet.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Plan the coming weeks together' }).hasAttribute('disabled')).toBe(true);
  });
});

describe('who is expected', () => {
  const person = (number: number) => ({ id: `p${number}`, name: `Person ${number}`, stripes: 0 });
  const many = Array.from({ length: 120 }, (_, number) => person(number));
  it('is ticked in one list while that can be looked through, and found by name among many', async () => {
    const ticked: unknown[] = [];
    const props = { day: '2026-11-24', unit: 'kg' as const, onChange: (...told: unknown[]) => ticked.push(told) };
    render(<Expected {...props} people={many.slice(0, 20)} chanceOf={{ p3: 0.9 }} />);
    expect(screen.getAllByRole('checkbox')).toHaveLength(20);
    cleanup();
    render(<Expected {...props} people={many} chanceOf={{ p3: 0.9 }} />);
    expect(screen.getAllByRole('checkbox')).toHaveLength(1);
    await userEvent.type(screen.getByRole('combobox', { name: 'Somebody else comes' }), 'person 77');
    await userEvent.click(await screen.findByRole('option', { name: 'Person 77' }));
    expect(ticked).toEqual([['p77', 0.9]]);
  });
});

describe('a class’s form', () => {
  it('sends the academy’s own time, opens the new class, and lets a sent form be sent again as the same', async () => {
    sent.answer = { ok: false, messages: { minutes: 'A class lasts at least 20 minutes.' } };
    inBerlin(<ClassDialog isOpen onClose={() => undefined} />);
    const begins = screen.getByLabelText('Begins');
    await userEvent.clear(begins);
    await userEvent.type(begins, '18:15');
    await userEvent.click(await screen.findByRole('button', { name: SAVE }));
    expect(await screen.findByText('A class lasts at least 20 minutes.')).toBeTruthy();
    sent.answer = { ok: true, classId: 'new' };
    await userEvent.click(await screen.findByRole('button', { name: SAVE }));
    const [first, second] = sent.calls;
    expect(first?.[0]).toMatchObject({ startsAt: expect.stringMatching(/^\d{4}-\d\d-\d\dT18:15:00$/), minutes: 75 });
    expect(second?.[1]).toEqual(first?.[1]);
    expect(sent.pushed).toEqual(['/classes/new']);
  });
  it('opens on what is there', () => {
    inBerlin(<ClassDialog one={one} isOpen onClose={() => undefined} />);
    expect(screen.getByLabelText<HTMLInputElement>('Begins').value).toBe('19:30');
    expect(screen.getByLabelText<HTMLInputElement>('Day').value).toContain('24 Nov 2026');
  });
});

describe('the classes of an academy', () => {
  const page = (patch: Partial<Parameters<typeof ClassesPage>[0]> = {}) =>
    inBerlin(
      <ClassesPage
        {...{ upcoming: [one], past: [], people: 9, run: { isUnderway: false }, names: {}, holidays: [] }}
        {...{ planFirst: 'errors', hasUnits: true, ...patch }}
      />,
    );

  it('go by errors or by the curriculum, as the coach says', async () => {
    sent.answer = { ok: true };
    page();
    fireEvent.click(screen.getByRole('radio', { name: /next unit of the curriculum/ }));
    await waitFor(() => expect(sent.calls).toContainEqual(['first', 'curriculum']));
    cleanup();
    page({ planFirst: 'curriculum', hasUnits: false });
    expect(screen.getByRole('link', { name: /write the curriculum/ }).getAttribute('href')).toBe('/classes/curriculum');
  });

  it('give a calendar program an address that is shown once, and ask before it is closed', async () => {
    page();
    fireEvent.click(screen.getByRole('button', { name: 'In your calendar' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Make an address' }));
    const field = await screen.findByLabelText(/shown only now/);
    expect((field as HTMLInputElement).value).toMatch(/^http.*\/api\/calendar\/a-token$/);
    cleanup();
    page({ calendar: { madeOn: '2026-11-20' } });
    fireEvent.click(screen.getByRole('button', { name: 'In your calendar' }));
    expect((await screen.findByText(/not read yet/)).textContent).toContain('Fri 20 Nov');
    fireEvent.click(screen.getByRole('button', { name: 'Close it' }));
    expect(sent.calls).toEqual([]);
    fireEvent.click(screen.getAllByRole('button', { name: 'Close it' }).at(-1) ?? expect.fail());
    await waitFor(() => expect(sent.calls).toEqual([['close']]));
  });
});
