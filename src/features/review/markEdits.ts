import {
  type AttemptEnd,
  attemptEnds,
  linksOf,
  type Mark,
  type Punishment,
  punishments,
  stages,
  swapAthletes,
  tapCauses,
  verdicts,
} from '@/core/round';
import { type Belt, belts, findTechnique } from '@/core/vocabulary';

/** The next of some values, after the last one none. */
const nextOf = <Value>(values: readonly Value[], now: Value | undefined): Value | undefined =>
  now === undefined ? values[0] : values[values.indexOf(now) + 1];

/** The error with the next verdict on its punishment; other marks stay as they are. */
export function withNextPunishment(mark: Mark): Mark {
  return mark.kind === 'error' ? { ...mark, punished: nextOf<Punishment>(punishments, mark.punished) } : mark;
}

/** The error with the next belt from which an opponent would punish it. */
export function withNextPunisher(mark: Mark): Mark {
  return mark.kind === 'error' ? { ...mark, punishedFrom: nextOf<Belt>(belts, mark.punishedFrom) } : mark;
}

/** The attempt one stage further, from finished back to entry; a finished one also ends so. */
export function withNextStage(mark: Mark): Mark {
  if (mark.kind !== 'attempt') return mark;
  const stage = nextOf(stages, mark.stage) ?? stages[0];
  const end = stage === 'finished' ? 'finished' : mark.end === 'finished' ? undefined : mark.end;
  return { ...mark, stage, end };
}

/** The finished submission with the next reason for the tap; only "technique" counts in rates. */
export function withNextTapCause(mark: Mark): Mark {
  if (mark.kind !== 'attempt' || mark.stage !== 'finished') return mark;
  if (findTechnique(mark.techniqueId)?.class !== 'submissions') return mark;
  return { ...mark, tapCause: nextOf(tapCauses.slice(1), mark.tapCause === 'technique' ? undefined : mark.tapCause) };
}

/** The mark with the next reason why it is no error: bait, on purpose, as agreed, nothing to fault, then none. Errors, chances and attempts have one. */
export function withNextVerdict(mark: Mark): Mark {
  if (mark.kind !== 'error' && mark.kind !== 'chance' && mark.kind !== 'attempt') return mark;
  return { ...mark, verdict: nextOf(verdicts, mark.verdict) };
}

/** The mark to be asked about, or not any more. */
export function withQuestion(mark: Mark): Mark {
  const { unsure, ...rest } = mark;
  return unsure ? (rest as Mark) : { ...mark, unsure: true };
}

/** The judgement that a second pass gives with one key, by its number from 1; undefined for a number without one. */
export function withJudgement(mark: Mark, number: number): Mark | undefined {
  if (mark.kind === 'error') {
    const punished = punishments[number - 1];
    return punished && { ...mark, punished };
  }
  const end: AttemptEnd | undefined = attemptEnds[number - 1];
  if (mark.kind !== 'attempt' || !end) return undefined;
  return end === 'finished' ? { ...mark, stage: 'finished', end } : { ...mark, end };
}

/** The attempt or stoppage ending at a moment; undefined when that lies before its start. */
export function withEndAt(mark: Mark, seconds: number): Mark | undefined {
  if ((mark.kind !== 'attempt' && mark.kind !== 'stoppage') || seconds < mark.atSeconds) return undefined;
  return { ...mark, endSeconds: seconds };
}

/** The mark with a link to a later mark added, or taken away when it was there. */
export function withLink(mark: Mark, targetId: string): Mark {
  const links = linksOf(mark);
  const ledTo = links.includes(targetId) ? links.filter((id) => id !== targetId) : [...links, targetId];
  return { ...mark, ledTo } as Mark;
}

/** A new mark like another at a moment: its length kept, without links and without what was drawn. */
export function copyAt(mark: Mark, atSeconds: number, id: string): Mark {
  const { drawing: _, ...rest } = mark;
  const shifted: Record<string, unknown> = { ...rest, id, atSeconds };
  if ('endSeconds' in mark && mark.endSeconds !== undefined)
    shifted.endSeconds = atSeconds + (mark.endSeconds - mark.atSeconds);
  if (mark.ledTo) shifted.ledTo = [];
  return shifted as unknown as Mark;
}

/** The same for the other athlete at the same moment; undefined for what belongs to both or to none. */
export function copyForOther(mark: Mark, id: string): Mark | undefined {
  if (!('athlete' in mark) || !mark.athlete || mark.kind === 'turn') return undefined;
  return swapAthletes(copyAt(mark, mark.atSeconds, id));
}

/** The same on the athlete's other side; undefined for what has no side. */
export function copyForOtherSide(mark: Mark, id: string): Mark | undefined {
  if (!('side' in mark) || (mark.side !== 'left' && mark.side !== 'right')) return undefined;
  return { ...copyAt(mark, mark.atSeconds, id), side: mark.side === 'left' ? 'right' : 'left' } as Mark;
}
