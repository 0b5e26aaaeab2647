import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { listConceptIds, plainHouse } from '@/core/vocabulary';
import { HouseProvider } from '@/terms/HouseContext';
import { LibraryPage } from './LibraryPage';
import { UnnamedPage } from './UnnamedPage';

globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;
const sent = vi.hoisted(() => ({ calls: [] as unknown[][], answer: {} as unknown }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined, push: () => undefined }) }));
vi.mock('@/server/language/nameMarksActions', () => ({
  nameMarks: async (...args: unknown[]) => {
    sent.calls.push(args);
    return sent.answer;
  },
}));
vi.mock('@/server/language/houseActions', () => ({ addOwnWord: async () => ({ ok: true, id: 'x' }) }));
beforeEach(() => {
  sent.calls.length = 0;
});
afterEach(cleanup);

const house = { ...plainHouse, names: { 'half-guard': 'Zwischenstation' } };
const ids = {
  position: listConceptIds(house, 'position'),
  grip: listConceptIds(house, 'grip'),
  attempt: listConceptIds(house, 'attempt'),
  error: listConceptIds(house, 'error'),
  strength: listConceptIds(house, 'strength'),
  drill: listConceptIds(house, 'drill'),
};

describe('the library', () => {
  it('is an index in the academy’s own words, with how often each was marked', () => {
    render(
      <HouseProvider house={house}>
        <LibraryPage ids={ids} uses={{ 'half-guard': 41 }} unnamed={3} learned={0} firstKind="position" />
      </HouseProvider>,
    );
    const entry = screen.getByRole('link', { name: /Zwischenstation/ });
    expect(entry.getAttribute('href')).toBe('/library/half-guard');
    expect(document.body.textContent).toContain('41');
    expect(screen.getAllByRole('link').some((one) => one.getAttribute('href') === '/library/unnamed')).toBe(true);
  });
});

describe('what was marked without a name', () => {
  it('says so when there is nothing', () => {
    render(<UnnamedPage marks={[]} />);
    expect(document.body.textContent).toMatch(/name/i);
    expect(screen.queryByRole('table')).toBeNull();
  });

  it('puts together what is alike, and offers entries that the words may mean', () => {
    const at = (markId: string, note: string) => ({
      ...{ markId, note, conceptId: 'err-unnamed-grips', roundId: 'r', heldOn: '2026-11-20', uniform: 'gi' },
      ...{ roundSeconds: 12, mediaSeconds: 22, a: 'Ana', b: 'Marek', words: `Ana An error in grips - ${note}` },
    });
    render(
      <UnnamedPage
        marks={[at('1', 'hands hover in front'), at('2', 'stares at the ceiling'), at('3', 'hover hands')]}
      />,
    );
    expect(screen.getAllByText('alike')).toHaveLength(1);
    expect(screen.getByRole('button', { name: 'Hands hover, grip comes late (all 2)' })).toBeTruthy();
  });
});
