import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { plainHouse } from '@/core/vocabulary';
import { SearchPage, type SearchPageProps } from './SearchPage';

vi.mock('@/server/search/questionActions', () => ({ keepQuestion: vi.fn(), forgetQuestion: vi.fn() }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined, refresh: () => undefined }) }));
afterEach(cleanup);
const emptyQuery = { how: { fields: {}, saidWords: [] }, restWords: [], partner: {}, conceptIds: [], parts: [] };
const nothing: SearchPageProps = {
  house: plainHouse,
  ...{ text: '', isFurther: false, query: emptyQuery, choices: [], changes: {}, questions: [] },
  ...{ people: [], marks: [], notes: [], rounds: [], entries: [], more: {}, unreadable: 0 },
} as unknown as SearchPageProps;

it('says how to ask before anything was asked, and what to do when nothing is found', () => {
  render(<SearchPage {...nothing} />);
  expect(screen.getByText('Write what you look for')).toBeTruthy();
  cleanup();
  render(
    <SearchPage
      {...nothing}
      text="zzz"
      query={{ ...emptyQuery, restWords: ['zzz'], parts: [{ name: 'rest', words: ['zzz'] }] } as never}
    />,
  );
  expect(screen.getByText('Nothing found')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Library' }).getAttribute('href')).toBe('/library');
});

it('shows how the words were understood, each finding as a way on, and that there is more', () => {
  const found = {
    ...nothing,
    text: 'ana gi november',
    query: {
      ...emptyQuery,
      partner: { weight: 'heavier', belt: 'higher' },
      uniform: 'gi',
      fromDay: '2025-11-01',
      toDay: '2025-11-30',
      parts: [
        { name: 'people', words: ['ana'] },
        { name: 'partner', words: ['heavier', 'higher', 'belts'] },
        { name: 'uniform', words: ['gi'] },
        { name: 'days', words: ['november'] },
      ],
    },
    people: [{ id: 'p', name: 'Ana Velden' }],
    answer: { count: { marks: 14, rounds: 9, isCut: false, seenIn: { rounds: 17, minutes: 84 } } },
    rounds: [{ id: 'r', heldOn: '2025-11-20', uniform: 'gi', a: 'Ana', b: 'Marek', markCount: 3, theme: '' }],
    more: { rounds: '2025-11-19~1~x' },
    unreadable: 1,
  } as unknown as SearchPageProps;
  render(<SearchPage {...found} />);
  expect(screen.getByText('Sat 1 Nov 2025 to Sun 30 Nov 2025')).toBeTruthy();
  expect(screen.getByText('14 times in 9 rounds of 17 reviewed, 84 live minutes: 1.7 in ten minutes.')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Keep this question' })).toBeTruthy();
  const out = screen.getByRole('link', { name: 'Leave out: When, november' });
  expect(out.getAttribute('href')).toBe('/search?q=ana+gi');
  expect(screen.getByText('against heavier partners with a higher belt')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Ana with Marek' }).getAttribute('href')).toBe('/rounds/r');
  expect(screen.getByRole('link', { name: 'Ana Velden' }).getAttribute('href')).toBe('/students/p');
  const earlier = screen.getAllByRole('link').map((one) => one.getAttribute('href'));
  expect(earlier).toContain('/search?q=ana%20gi%20november&rounds=2025-11-19~1~x');
});

it('says how long somebody was somewhere, and plays when they came there', () => {
  const length = {
    positionIds: ['half-guard'],
    place: 'under',
    minutes: 4.2,
    liveMinutes: 21,
    rounds: 12,
    roundsWith: 9,
  };
  const found = {
    ...nothing,
    text: 'ana time in half guard bottom',
    query: { ...emptyQuery, conceptIds: ['half-guard'], parts: [{ name: 'time', words: ['time', 'bottom'] }] },
    answer: { length: { ...length, usual: { low: 0.05, high: 0.41 } } },
    stays: [
      { roundId: '00000000-0000-4000-8000-000000000001', atSeconds: 3 },
      { roundId: '00000000-0000-4000-8000-000000000001', atSeconds: 30 },
    ],
  } as unknown as SearchPageProps;
  const { rerender } = render(<SearchPage {...found} />);
  expect(
    screen.getByText(
      'Half guard, below: 4.2 of 21.0 live minutes, 20 %, in 9 of 12 reviewed rounds; half of the rounds lie between 5 and 41 %.',
    ),
  ).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Leave out: How long, time bottom' })).toBeTruthy();
  expect(screen.getByRole('link', { name: 'play 2 in a row' }).getAttribute('href')).toContain('/reel?');
  rerender(<SearchPage {...found} answer={{ needsName: true }} />);
  expect(screen.getByText(/add a name/)).toBeTruthy();
});

it('parts what was found by what, by partner and by evening, where there is more than one of it', () => {
  const found = {
    ...nothing,
    text: 'ana finishes',
    query: { ...emptyQuery, parts: [{ name: 'people', words: ['ana'] }] },
    answer: { count: { marks: 5, rounds: 3, isCut: false } },
    breakdown: {
      what: [{ id: 'armbar', count: 5 }],
      partners: [
        { id: 'p', name: 'Marek Osei', count: 3 },
        { id: 'q', name: 'Teo Lindqvist', count: 2 },
      ],
      days: [
        { day: '2025-11-20', count: 4 },
        { day: '2025-11-13', count: 1 },
      ],
    },
  } as unknown as SearchPageProps;
  render(<SearchPage {...found} />);
  expect(screen.queryByRole('region', { name: 'By what' })).toBeNull();
  expect(screen.getByRole('region', { name: 'By partner' }).textContent).toContain('Marek Osei3');
  expect(screen.getByRole('region', { name: 'By evening' }).textContent).toContain('Thu 20 Nov 20254');
});
