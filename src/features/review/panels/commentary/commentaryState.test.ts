import { describe, expect, it } from 'vitest';
import { buildVocabularyIndex } from '@/core/callline';
import { parseTimedText, readCommentary } from '@/core/commentary';
import type { Mark } from '@/core/round';
import { type CommentaryWork, reduceCommentary } from './commentaryState';
import { fileProblemText, namesNobody, openPlaces, proposalLines, remarkSentence, tieWords } from './commentaryView';

const parsed = parseTimedText(
  '[0:02] ana half guard\n[0:10] ana goes for the scissor sweep\n[0:20] marek elbows flared\n[5:00] marek armbar',
);
const cues = 'cues' in parsed ? parsed.cues : [];
const proposals = readCommentary(cues, buildVocabularyIndex(), {
  uniform: 'gi',
  calledBy: { a: ['ana'], b: ['marek'] },
});
const span = { startSeconds: 3, endSeconds: 123 };
const work: CommentaryWork = {
  fileName: 'talk.txt',
  cues,
  remarks: [],
  tie: { offsetSeconds: 3, pauses: [] },
  decisions: {},
  selected: 0,
  steps: [],
};
const lines = (state: CommentaryWork, marks: readonly Mark[] = []) => proposalLines(state, proposals, span, marks);

describe('going through a commentary', () => {
  it('lays the proposals on the footage and knows which can be decided', () => {
    // The round begins three seconds into the file, and so does the talk.
    expect(lines(work).map((line) => line.draft.atSeconds)).toEqual(proposals.map((one) => one.draft.atSeconds + 3));
    expect(openPlaces(lines(work))).toEqual([0, 1, 2]);
    const marked: Mark = { kind: 'position', id: 'p', atSeconds: 6, positionId: 'half-guard', holder: 'b' };
    expect(lines(work, [marked])[0]!.marked).toBe(true);
    expect(openPlaces(lines(work, [marked]))).toEqual([1, 2]);
  });

  it('decides, moves on, and takes the last decision back', () => {
    const open = openPlaces(lines(work));
    const first = reduceCommentary(work, { kind: 'decide', places: [0], decision: 'accepted', open });
    expect(first).toMatchObject({ selected: 1, decisions: { 0: 'accepted' } });
    const second = reduceCommentary(first, { kind: 'decide', places: [1, 2], decision: 'dropped', open: [1, 2] });
    expect(openPlaces(lines(second))).toEqual([]);
    const back = reduceCommentary(second, { kind: 'take-back' });
    expect(back).toMatchObject({ selected: 1, decisions: { 0: 'accepted' }, steps: { length: 1 } });
    expect(reduceCommentary(work, { kind: 'take-back' })).toBe(work);
  });

  it('shifts, stands still and starts anew when somebody else speaks', () => {
    const later = reduceCommentary(work, { kind: 'shift', seconds: 2 });
    expect(lines(later)[0]!.draft.atSeconds).toBeCloseTo(lines(work)[0]!.draft.atSeconds + 2, 9);
    const stood = [1, 1, -2].reduce<CommentaryWork>(
      (state, by) => reduceCommentary(state, { kind: 'pause', atSeconds: 10, seconds: 5 * by }),
      work,
    );
    expect(stood.tie.pauses).toEqual([]);
    const paused = reduceCommentary(work, { kind: 'pause', atSeconds: 10, seconds: 5 });
    expect(lines(paused)[2]!.draft.atSeconds).toBeCloseTo(lines(work)[2]!.draft.atSeconds - 5, 9);
    expect(tieWords(paused)).toContain('stood for 5 s');
    const decided = reduceCommentary(work, { kind: 'decide', places: [0], decision: 'dropped', open: [0] });
    expect(reduceCommentary(decided, { kind: 'speaks', athlete: 'a' })).toMatchObject({ speaks: 'a', decisions: {} });
  });

  it('takes back a moved talk and another speaker, too, with what was decided before', () => {
    const decided = reduceCommentary(work, { kind: 'decide', places: [0], decision: 'dropped', open: [0] });
    const changes = [
      { kind: 'shift', seconds: 2 },
      { kind: 'pause', atSeconds: 10, seconds: 5 },
      { kind: 'speaks', athlete: 'b' },
    ] as const;
    const changed = changes.reduce<CommentaryWork>(reduceCommentary, decided);
    expect(changed.decisions).toEqual({});
    const back = changes.reduce((state) => reduceCommentary(state, { kind: 'take-back' }), changed);
    expect(back).toEqual({ ...decided, speaks: undefined });
  });

  it('says what is wrong with a file and what to do', () => {
    for (const code of ['binary', 'empty', 'no-times'] as const)
      expect(fileProblemText({ code }, 'film.mp4')).toMatch(/“film\.mp4”.*(Choose|Add)/);
    expect(fileProblemText({ code: 'too-large', mostBytes: 5_000_000 }, 'x')).toContain('5 MB');
    expect(remarkSentence([])).toBeUndefined();
    expect(
      remarkSentence([
        { code: 'without-time', line: 4, text: 'x' },
        { code: 'out-of-order', line: 9 },
        { code: 'out-of-order', line: 12 },
        { code: 'ends-before-start', line: 2 },
        { code: 'guessed-encoding', encoding: 'Windows Latin 1' },
      ]),
    ).toBe(
      '1 line without a time was left aside (first: line 4); 1 line ends before the beginning (first: line 2), so the start is used; 2 times ran backwards (first: line 9); the order was mended; the letters were read as Windows Latin 1.',
    );
    expect(namesNobody(lines(work))).toBe(false);
  });
});
