import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import type { Mark } from '../round';
import { buildVocabularyIndex, type CallContext, phraseMark, readCall } from './index';

/** The examples of docs/call-line.md: `text` → what it reads as, in the call line's own words. */
const page = readFileSync(path.resolve(import.meta.dirname, '../../../docs/call-line.md'), 'utf8');
const examples = [...page.matchAll(/^\| `([^`]+)` \| `([^`]+)` \|/gm)].map((match) => [match[1]!, match[2]!] as const);

const context: CallContext = {
  uniform: 'gi',
  state: { kind: 'position', positionId: 'half-guard', holder: 'b' },
  calledBy: { a: ['ana', 'a', 'white'], b: ['marek', 'm', 'blue'] },
  atSeconds: 100,
  roundStartSeconds: 10,
  marks: [
    { kind: 'error', id: 'flat', atSeconds: 90, errorId: 'err-half-flat', athlete: 'a', ledTo: [] },
    { kind: 'attempt', id: 'pass', atSeconds: 112, techniqueId: 'knee-slice', athlete: 'b', stage: 'finished' },
  ],
};
const index = buildVocabularyIndex();

describe('the page about the call line', () => {
  it('has an example for every part of a call', () => expect(examples.length).toBeGreaterThanOrEqual(25));

  it.each(examples)('%s', (text, reads) => {
    const { draft, understood, causeId } = readCall(text, index, context);
    expect(understood || text.startsWith('note')).toBe(true);
    const phrase = phraseMark({ ...draft, id: 'x' } as Mark, { a: 'Ana', b: 'Marek' });
    const links = [
      draft?.kind === 'error' && draft.ledTo.length > 0 ? '→ linked with the pass' : '',
      causeId ? '← linked with the error' : '',
      draft && draft.atSeconds !== 100 ? `at ${draft.atSeconds - 10} s` : '',
    ];
    expect([phrase, ...links].filter(Boolean).join(' ')).toBe(reads);
  });
});
