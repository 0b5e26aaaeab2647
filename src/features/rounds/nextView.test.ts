import { describe, expect, it } from 'vitest';
import { dayWords } from '@/terms/dayWords';
import { minutesWords, paceWords, whyLines } from './nextView';

const names = { p: 'Ana Tuomi' };

describe('what to review next, in words', () => {
  it('gives the reasons, a line for each person', () => {
    const about = { personId: 'p', worth: 1 };
    expect(
      whyLines(
        [
          { code: 'days-since-review', days: 9, ...about },
          { code: 'class-soon', onDay: '2026-11-27', ...about },
          { code: 'never-reviewed', personId: 'x', worth: 3 },
          { code: 'competition-soon', onDay: '2026-12-05', ...about },
          { code: 'did-it-work', questions: 2, ...about },
          { code: 'old-footage', days: 61 },
        ],
        names,
      ),
    ).toEqual([
      `Ana: last reviewed 9 days ago, in class on ${dayWords('2026-11-27')}, competes on ${dayWords('2026-12-05')}, shows whether the drills helped`,
      'Somebody: never reviewed yet',
      'The footage is 61 days old and counts half.',
    ]);
    const words = (days: number) => whyLines([{ code: 'days-since-review', days, ...about }], names)[0];
    expect([words(0), words(1)]).toEqual(['Ana: reviewed today', 'Ana: reviewed yesterday']);
  });
  it('says how the time is reckoned', () => {
    expect(minutesWords(3)).toBe('1 minute');
    expect(minutesWords(500)).toBe('8 minutes');
    expect(paceWords(1.6, 0)).toContain('the usual pace');
    expect(paceWords(2.04, 3)).toContain('2.0 minutes for each minute of footage, from 3 rounds');
  });
});
