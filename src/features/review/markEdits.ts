import { type Mark, type Punishment, punishments, stages } from '@/core/round';

/** The error with the next verdict; other marks stay as they are. */
export function withNextPunishment(mark: Mark): Mark {
  if (mark.kind !== 'error') return mark;
  const order: (Punishment | undefined)[] = [...punishments, undefined];
  return { ...mark, punished: order[(order.indexOf(mark.punished) + 1) % order.length] };
}

/** The attempt one stage further, from finished back to entry; a finished one also ends so. */
export function withNextStage(mark: Mark): Mark {
  if (mark.kind !== 'attempt') return mark;
  const stage = stages[(stages.indexOf(mark.stage) + 1) % stages.length]!;
  const end = stage === 'finished' ? 'finished' : mark.end === 'finished' ? undefined : mark.end;
  return { ...mark, stage, end };
}

/** The attempt or stoppage ending at a moment; undefined when that lies before its start. */
export function withEndAt(mark: Mark, seconds: number): Mark | undefined {
  if ((mark.kind !== 'attempt' && mark.kind !== 'stoppage') || seconds < mark.atSeconds) return undefined;
  return { ...mark, endSeconds: seconds };
}

/** The error with a link to a later mark added, or taken away when it was there. */
export function withLink(mark: Mark, targetId: string): Mark {
  if (mark.kind !== 'error') return mark;
  const ledTo = mark.ledTo.includes(targetId) ? mark.ledTo.filter((id) => id !== targetId) : [...mark.ledTo, targetId];
  return { ...mark, ledTo };
}
