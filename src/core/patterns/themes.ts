import type { AttemptMade, RoundFigures } from '../figures';
import { standardIdOf } from '../vocabulary';
import type { Moment } from './habits';

/** What the words of a theme mean: techniques, and positions that they may be done from. */
export interface ThemeMeaning {
  readonly techniqueIds: readonly string[];
  readonly positionIds: readonly string[];
}

/** What became of the theme or technique of the day in the rounds after it. */
export interface ThemeFigures {
  readonly theme: string;
  readonly rounds: number;
  /** Rounds in which it was tried, or the position was reached. */
  readonly triedIn: number;
  readonly tries: number;
  readonly finished: number;
  /** In the position, where the theme is one. */
  readonly minutes?: number;
  /** The tries, in order of time. */
  readonly moments: readonly Moment[];
}

/** The theme or technique of the day against own attempts, theme by theme, most rounds first; themes whose words mean nothing are left out. */
export function themesOf(
  rounds: readonly RoundFigures[],
  meaningOf: (theme: string) => ThemeMeaning | undefined,
): ThemeFigures[] {
  const byTheme = new Map<string, RoundFigures[]>();
  for (const round of rounds) {
    const theme = round.theme?.trim().toLowerCase();
    if (theme) byTheme.set(theme, [...(byTheme.get(theme) ?? []), round]);
  }
  return [...byTheme]
    .flatMap(([theme, held]) => {
      const meaning = meaningOf(theme);
      return meaning ? [figuresOf(theme, held, meaning)] : [];
    })
    .sort((one, other) => other.rounds - one.rounds || (one.theme < other.theme ? -1 : 1));
}

function figuresOf(theme: string, rounds: readonly RoundFigures[], meaning: ThemeMeaning): ThemeFigures {
  const each = rounds.map((round) => ({ round, tries: triesIn(round, meaning), seconds: secondsIn(round, meaning) }));
  const tries = each.flatMap((one) => one.tries);
  const isPosition = meaning.techniqueIds.length === 0;
  return {
    theme,
    rounds: rounds.length,
    triedIn: each.filter((one) => one.tries.length > 0 || (isPosition && one.seconds > 0)).length,
    tries: tries.length,
    finished: tries.filter((one) => one.stage === 'finished').length,
    minutes: isPosition ? each.reduce((sum, one) => sum + one.seconds, 0) / 60 : undefined,
    moments: each.flatMap(({ round: { roundId, heldOn }, tries: made }) =>
      made.map(({ markId, atSeconds }) => ({ markId, atSeconds, roundId, heldOn })),
    ),
  };
}

const isAmong = (ids: readonly string[], id: string): boolean => ids.includes(id) || ids.includes(standardIdOf(id));

/** Own attempts at one of the techniques; where only a position is named, all that begin in it. */
function triesIn({ attempts, stays }: RoundFigures, { techniqueIds, positionIds }: ThemeMeaning): AttemptMade[] {
  const own = attempts.filter((one) => one.isOwn);
  if (techniqueIds.length > 0) return own.filter((one) => isAmong(techniqueIds, one.techniqueId));
  const there = stays.filter((stay) => isAmong(positionIds, stay.positionId));
  return own.filter(({ atSeconds }) =>
    there.some((stay) => stay.atSeconds <= atSeconds && atSeconds < stay.atSeconds + stay.seconds),
  );
}

const secondsIn = ({ stays }: RoundFigures, { positionIds }: ThemeMeaning): number =>
  stays.reduce((sum, stay) => sum + (isAmong(positionIds, stay.positionId) ? stay.seconds : 0), 0);
