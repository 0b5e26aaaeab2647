import { describe, expect, it } from 'vitest';
import { type Mark, restrictions } from '@/core/round';
import { agreedWords, repairWords, targetWords } from './questionView';
import { questionKey } from './useQuestions';

const names = { a: 'Ana', b: 'Marek' };
const armbar: Mark = { kind: 'attempt', id: 't', atSeconds: 20, techniqueId: 'armbar', athlete: 'b', stage: 'locked' };

describe('questions in words', () => {
  it('have words for everything that can be agreed', () => {
    for (const one of restrictions) expect(agreedWords(one, names)).toMatch(/^(Ana|Marek|the round) was /);
  });
  it('say what a repair would do', () => {
    const repair = { before: armbar, after: { ...armbar, athlete: 'a' as const } };
    expect(repairWords({ code: 'other-athlete', ...repair }, names, 0)).toBe('Was it Ana’s?');
    expect(
      repairWords({ code: 'into-round', before: armbar, after: { ...armbar, atSeconds: 65 } }, names, 5),
    ).toContain('Move it to 1:00');
    for (const code of ['drop-earlier', 'end-at-start', 'escaped', 'ask-about-it'] as const)
      expect(repairWords({ code, ...repair }, names, 0)).toMatch(/\?$/);
    expect(targetWords(armbar, names, 5, (id) => id)).toBe('Marek: armbar at 0:15');
  });
  it('are known again when they were waved away', () => {
    expect(questionKey({ kind: 'led-to', markId: 'e', toId: 'f' })).toBe('e f');
    expect(questionKey({ kind: 'agreed', markId: 'e', restriction: 'from-knees' })).toBe('agreed e');
  });
});
