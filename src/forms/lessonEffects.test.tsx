import { cleanup, render, screen, within } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { effectWords, learnedWords, othersWords } from '@/terms/effectWords';
import { LessonEffects, type ShownEffect } from './LessonEffects';

afterEach(cleanup);
const effect = (patch: Partial<ShownEffect> = {}): ShownEffect => ({
  ...{ drillId: 'drill-half-guard-side', errorId: 'err-half-flat', since: '2026-10-01', people: 4, lacking: 0 },
  ...{ before: { count: 16, exposure: 40 }, after: { count: 4, exposure: 30 }, waiting: [] },
  ...{ ratio: 0.4, interval: { low: 0.2, high: 0.8 } },
  others: { people: 2, before: { count: 6, exposure: 9 }, after: { count: 5, exposure: 8 } },
  ...patch,
});

it('says what followed only as far as it can be told', () => {
  expect(effectWords(effect())).toEqual({
    ...{ said: 'comes less often', figures: '0.40 times as often (0.20 to 0.80)' },
  });
  expect(effectWords(effect({ ratio: 2, interval: { low: 1.2, high: 3 } })).said).toBe('comes more often');
  expect(effectWords(effect({ interval: { low: 0.2, high: 1.3 } })).said).toBe('no change that can be told');
  expect(effectWords(effect({ lacking: 11.2, ratio: undefined, interval: undefined })).said).toBe(
    'not yet: 12 more minutes of half guard below would tell',
  );
  expect(effectWords(effect({ before: { count: 0, exposure: 9 } })).said).toContain('not seen before');
  expect(othersWords(effect())).toBeUndefined();
  const others = { ...effect().others, ratio: 0.9, interval: { low: 0.5, high: 1.6 } };
  expect(othersWords(effect({ others }))).toBe('2: 0.90 times as often (0.50 to 1.60)');
  expect(learnedWords({ kappa: 0.22, before: 0.35, people: 1 })).toContain('22 % by what happened here to one person');
});

it('puts what can be told first, names rounds that would tell more, and leaves out what was never seen before', () => {
  const waiting = [{ roundId: 'r', name: 'Ana Velden' }];
  render(
    <LessonEffects
      effects={[
        effect({ errorId: 'err-taps-late', lacking: 5, ratio: undefined, interval: undefined, waiting }),
        effect({ errorId: 'err-bench-press', before: { count: 0, exposure: 30 } }),
        effect(),
      ]}
    />,
  );
  const rows = within(screen.getByRole('table', { name: 'Did it work' })).getAllByRole('row');
  expect(rows).toHaveLength(3);
  expect(rows[1]?.textContent).toContain('Flat in half guard');
  expect(rows[1]?.textContent).toContain('16 in 40.0');
  expect(screen.getByRole('link', { name: 'Ana Velden' }).getAttribute('href')).toBe('/rounds/r');
  expect(screen.getByText(/One more error was not seen before the lesson/)).toBeTruthy();
});
