import { describe, expect, it } from 'vitest';
import { minutesWords, paceWords, reasonWords } from './nextView';

const names = { p: 'Ana Tuomi' };

describe('what to review next, in words', () => {
  it('gives each reason as one coach would tell another', () => {
    const about = { personId: 'p', worth: 1 };
    expect(reasonWords({ code: 'never-reviewed', ...about }, names)).toBe('Ana was never reviewed');
    expect(reasonWords({ code: 'days-since-review', days: 1, ...about }, names)).toBe('Ana waits since 1 day');
    expect(reasonWords({ code: 'days-since-review', days: 0, ...about }, names)).toBe('Ana was reviewed today');
    expect(reasonWords({ code: 'class-soon', onDay: '2026-11-27', ...about }, names)).toContain('2026-11-27');
    expect(reasonWords({ code: 'competition-soon', onDay: '2026-12-05', ...about }, names)).toContain('competes');
    expect(reasonWords({ code: 'did-it-work', questions: 2, ...about }, names)).toContain('drills helped');
    expect(reasonWords({ code: 'old-footage', days: 61 }, names)).toContain('counts half');
    expect(reasonWords({ code: 'never-reviewed', personId: 'x', worth: 3 }, names)).toBe('somebody was never reviewed');
  });
  it('says how the time is reckoned', () => {
    expect(minutesWords(3)).toBe('1 minute');
    expect(minutesWords(500)).toBe('8 minutes');
    expect(paceWords(1.6, 0)).toContain('the usual pace');
    expect(paceWords(2.04, 3)).toContain('2.0 minutes for each minute of footage, from 3 rounds');
  });
});
