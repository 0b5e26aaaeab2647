import type { CommentaryTie, Cue, TimedTextRemark } from '@/core/commentary';
import type { Athlete } from '@/core/round';

/** What the coach did with a proposal. */
export type Decision = 'accepted' | 'dropped';

/** A commentary that is being gone through; plain data, so that a closed page can go on with it. */
export interface CommentaryWork {
  readonly fileName: string;
  readonly cues: readonly Cue[];
  readonly remarks: readonly TimedTextRemark[];
  readonly tie: CommentaryTie;
  /** The athlete who talks; undefined for a third person. */
  readonly speaks?: Athlete;
  /** Whom "you" means; undefined for the audience, or for whoever was called by name. */
  readonly you?: Athlete;
  /** By place in the list of proposals. */
  readonly decisions: Readonly<Record<number, Decision>>;
  /** Place of the card that is looked at; before anybody chose one, less than 0: the first that is open. */
  readonly selected: number;
  /** What was done, newest last. */
  readonly steps: readonly CommentaryStep[];
}

export const NOT_CHOSEN = -1;

export interface CommentaryStep {
  readonly places: readonly number[];
  /** Marks were made with it. */
  readonly added: boolean;
  /** What stood before the talk was moved or given to another speaker; absent for decisions. */
  readonly before?: Pick<CommentaryWork, 'tie' | 'speaks' | 'you' | 'decisions' | 'selected'>;
}

export type CommentaryAction =
  | { readonly kind: 'move'; readonly to: number }
  | {
      readonly kind: 'decide';
      readonly places: readonly number[];
      readonly decision: Decision;
      readonly open: readonly number[];
    }
  | { readonly kind: 'take-back' }
  | { readonly kind: 'shift'; readonly seconds: number }
  | { readonly kind: 'pause'; readonly atSeconds: number; readonly seconds: number }
  | { readonly kind: 'speaks' | 'you'; readonly athlete: Athlete | undefined };

/** The commentary after an action. Pure; a decided proposal keeps its place in the list. */
export function reduceCommentary(work: CommentaryWork, action: CommentaryAction): CommentaryWork {
  switch (action.kind) {
    case 'move':
      return { ...work, selected: action.to };
    case 'decide': {
      const decisions = { ...work.decisions };
      for (const place of action.places) decisions[place] = action.decision;
      const step = { places: action.places, added: action.decision === 'accepted' };
      const left = action.open.filter((place) => !action.places.includes(place));
      // The open ones come in the order in which they stand: the next is the one behind what was decided.
      const at = action.open.indexOf(work.selected);
      const next = action.open.slice(at + 1).find((place) => left.includes(place)) ?? left[0] ?? work.selected;
      return { ...work, decisions, selected: next, steps: [...work.steps, step] };
    }
    case 'take-back': {
      const step = work.steps.at(-1);
      if (!step) return work;
      const steps = work.steps.slice(0, -1);
      if (step.before) return { ...work, ...step.before, steps };
      const decisions = { ...work.decisions };
      for (const place of step.places) delete decisions[place];
      return { ...work, decisions, selected: step.places[0] ?? work.selected, steps };
    }
    case 'shift':
      return moved(work, { tie: { ...work.tie, offsetSeconds: work.tie.offsetSeconds + action.seconds } });
    case 'pause': {
      const rest = work.tie.pauses.filter((pause) => pause.atSeconds !== action.atSeconds);
      const known = work.tie.pauses.find((pause) => pause.atSeconds === action.atSeconds)?.seconds ?? 0;
      const seconds = Math.max(0, known + action.seconds);
      const pauses = seconds > 0 ? [...rest, { ...action, seconds }].map(plainPause) : rest;
      return moved(work, { tie: { ...work.tie, pauses } });
    }
    case 'speaks':
      // Whoever talks changes every proposal, so what was decided no longer names the same ones.
      return moved(work, { speaks: action.athlete, decisions: {}, selected: NOT_CHOSEN });
    case 'you':
      return moved(work, { you: action.athlete, decisions: {}, selected: NOT_CHOSEN });
  }
}

/** A change of how all of it is read, with what stood before it. */
function moved(work: CommentaryWork, change: Partial<CommentaryWork>): CommentaryWork {
  const { tie, speaks, you, decisions, selected } = work;
  const step = { places: [], added: false, before: { tie, speaks, you, decisions, selected } };
  return { ...work, ...change, steps: [...work.steps, step] };
}

const plainPause = ({ atSeconds, seconds }: { atSeconds: number; seconds: number }) => ({ atSeconds, seconds });
