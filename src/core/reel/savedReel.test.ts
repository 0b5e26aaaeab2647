import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_FREEZES, MOST_PIECES, secondsOfPiece } from '../clip';
import {
  captionOf,
  clipPieceOf,
  editReel,
  newPiece,
  piecesNotIn,
  type ReelEdit,
  type SavedReel,
  spanOfPiece,
} from './savedReel';

const round = { startSeconds: 10, endSeconds: 310, footageId: 'f' };
const piece = (id: string, atSeconds = 100) => newPiece({ id, roundId: 'r', atSeconds });
const reel: SavedReel = { pieces: ['x', 'y', 'z'].map((id) => piece(id)), isRanked: false };
const order = ({ pieces }: SavedReel) => pieces.map((one) => one.id).join('');
const edited = (...edits: ReelEdit[]) => edits.reduce(editReel, reel);

describe('a saved reel', () => {
  it('is put in order, thinned out and added to', () => {
    expect(order(edited({ edit: 'move', at: 2, by: -1 }))).toBe('xzy');
    expect(order(edited({ edit: 'move', at: 0, by: -1 }))).toBe('xyz');
    expect(order(edited({ edit: 'drop', at: 1 }, { edit: 'add', pieces: [piece('q')] }))).toBe('xzq');
    const many = Array.from({ length: 250 }, (_, at) => piece(String(at)));
    expect(edited({ edit: 'add', pieces: many }).pieces).toHaveLength(MOST_PIECES);
  });
  it('knows which moments it does not have yet', () => {
    const there = edited({ edit: 'add', pieces: [{ ...piece('m', 40), markId: 'm1' }] });
    const more = [
      { ...piece('n', 41), markId: 'm1' },
      { ...piece('o', 41), markId: 'm2' },
      ...[piece('p', 100.02), piece('q', 101), { ...piece('s', 101), roundId: 'other' }, piece('t', 101)],
    ];
    expect(piecesNotIn(there, more).map((one) => one.id)).toEqual(['o', 'q', 's']);
  });
  it('begins, ends and stops where the picture is', () => {
    const [first] = edited(
      { edit: 'begin-here', at: 0, seconds: 96 },
      { edit: 'end-here', at: 0, seconds: 104 },
      { edit: 'stop-here', at: 0, seconds: 102 },
      { edit: 'stop-here', at: 0, seconds: 100 },
      { edit: 'stop-here', at: 0, seconds: 100.01 },
      { edit: 'stop-for', at: 0, freeze: 0, forSeconds: 3 },
    ).pieces;
    expect(first).toMatchObject({ beforeSeconds: 4, afterSeconds: 4 });
    expect(first!.freezes).toEqual([
      { fromMoment: 0, forSeconds: 3 },
      { fromMoment: 2, forSeconds: 2 },
    ]);
    expect(spanOfPiece(first!, round)).toEqual({ startSeconds: 96, endSeconds: 104 });
    const clip = clipPieceOf(
      { pieces: [first!], isRanked: false },
      0,
      round,
      [{ kind: 'label', at: [0, 0], text: 'x' }],
      [],
    )!;
    expect(secondsOfPiece(clip)).toBe(13);
    expect(clip.freezes.map((one) => one.drawing.length)).toEqual([1, 0]);
    const own = [{ kind: 'ring' as const, centre: [0.5, 0.5] as [number, number], radius: 0.1 }];
    const drawn = editReel({ pieces: [first!], isRanked: false }, { edit: 'draw', at: 0, freeze: 1, drawing: own });
    expect(clipPieceOf(drawn, 0, round, [], [])?.freezes.map((one) => one.drawing)).toEqual([[], own]);
    expect(
      editReel({ pieces: [first!], isRanked: false }, { edit: 'go-on', at: 0, freeze: 0 }).pieces[0]!.freezes,
    ).toHaveLength(1);
  });
  it('counts down to one where it is ranked, each with its reason', () => {
    const ranked = edited(
      { edit: 'rank', isRanked: true },
      { edit: 'change', at: 2, change: { caption: 'the armbar' } },
    );
    expect([0, 1, 2].map((at) => captionOf(ranked, at))).toEqual(['3.', '2.', '1. the armbar']);
    expect(captionOf({ ...ranked, isRanked: false }, 2)).toBe('the armbar');
  });
  it('stays inside its bounds whatever is done to it', () => {
    const seconds = fc.double({ min: -1000, max: 1000, noNaN: true });
    const at = fc.integer({ min: -1, max: 4 });
    const edit: fc.Arbitrary<ReelEdit> = fc.oneof(
      fc.record({
        edit: fc.constantFrom('begin-here' as const, 'end-here' as const, 'stop-here' as const),
        at,
        seconds,
      }),
      fc.record({ edit: fc.constant('stop-for' as const), at, freeze: at, forSeconds: seconds }),
      fc.record({
        edit: fc.constant('change' as const),
        at,
        change: fc.record({ speed: seconds, caption: fc.string({ maxLength: 900 }) }),
      }),
      fc.record({ edit: fc.constant('move' as const), at, by: fc.constantFrom(1 as const, -1 as const) }),
    );
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 30 }), (edits) => {
        for (const one of edits.reduce(editReel, reel).pieces) {
          const span = spanOfPiece(one, round);
          expect(span.startSeconds).toBeGreaterThanOrEqual(10);
          expect(span.endSeconds).toBeLessThanOrEqual(310);
          expect(span.endSeconds).toBeGreaterThan(span.startSeconds);
          expect(one.freezes.length).toBeLessThanOrEqual(MOST_FREEZES);
          expect(one.speed).toBeGreaterThanOrEqual(0.1);
          expect(one.caption.length).toBeLessThanOrEqual(300);
        }
      }),
    );
  });
});
