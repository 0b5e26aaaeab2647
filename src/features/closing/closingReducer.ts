import type { ReviewContent } from '@/server/reviews/closingInput';

export type WorkPoint = ReviewContent['points'][number];
export type Question = ReviewContent['questions'][number];

export type ClosingAction =
  | { readonly kind: 'restore'; readonly content: ReviewContent }
  | { readonly kind: 'good'; readonly good: Partial<ReviewContent['good']> }
  | { readonly kind: 'remark'; readonly text: string }
  | { readonly kind: 'point'; readonly at: number; readonly patch: Partial<WorkPoint> }
  | { readonly kind: 'move-point'; readonly at: number; readonly by: 1 | -1 }
  | { readonly kind: 'drop-point'; readonly at: number }
  | { readonly kind: 'take-point'; readonly point: WorkPoint }
  | { readonly kind: 'question'; readonly at: number; readonly text: string }
  | { readonly kind: 'drop-question'; readonly at: number }
  | { readonly kind: 'add-question' };

export const MOST_POINTS = 3;
const MOST_QUESTIONS = 20;

/** What a point is about, when that is an entry of the catalogue. */
export const entryOf = (point: WorkPoint): string | undefined => point.errorId ?? point.aboutId;

/** A point in the coach's own words, to be written. */
export const ownPoint: WorkPoint = {
  ...{ title: '', text: '', cue: '', instead: '', branch: '', homework: '', homeworkDue: '', markIds: [] },
};

/** A name for each point that stays while it is written. */
export function keysOf(points: readonly WorkPoint[]): string[] {
  let own = 0;
  return points.map((point) => {
    const entry = entryOf(point);
    if (entry) return entry;
    own += 1;
    return `own ${own}`;
  });
}

/** The review on the page after one change; a change that cannot be made leaves it as it is. */
export function closingReducer(content: ReviewContent, action: ClosingAction): ReviewContent {
  const { points, questions } = content;
  switch (action.kind) {
    case 'restore':
      return action.content;
    case 'good':
      return { ...content, good: { ...content.good, ...action.good } };
    case 'remark':
      return { ...content, remark: action.text };
    case 'point':
      return { ...content, points: points.map((one, at) => (at === action.at ? { ...one, ...action.patch } : one)) };
    case 'move-point': {
      const to = action.at + action.by;
      const moved = points[action.at];
      if (!moved || to < 0 || to >= points.length) return content;
      const rest = points.filter((_, at) => at !== action.at);
      return { ...content, points: [...rest.slice(0, to), moved, ...rest.slice(to)] };
    }
    case 'drop-point':
      return { ...content, points: points.filter((_, at) => at !== action.at) };
    case 'take-point': {
      const entry = entryOf(action.point);
      const isThere = entry !== undefined && points.some((one) => entryOf(one) === entry);
      return points.length >= MOST_POINTS || isThere ? content : { ...content, points: [...points, action.point] };
    }
    case 'question':
      return {
        ...content,
        questions: questions.map((one, at) => (at === action.at ? { ...one, text: action.text } : one)),
      };
    case 'drop-question':
      return { ...content, questions: questions.filter((_, at) => at !== action.at) };
    case 'add-question':
      return questions.length >= MOST_QUESTIONS
        ? content
        : { ...content, questions: [...questions, { text: '', choices: [] }] };
  }
}
