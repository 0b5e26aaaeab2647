import {
  type BodyPart,
  type Drill,
  type DrillGame,
  type DrillStage,
  drillStages,
  type OwnCourse,
} from '@/core/vocabulary';

/** A drill's course as it is typed: minutes and seconds as text, ways on as lines. */
export interface CourseDraft {
  readonly start: string;
  readonly cue: string;
  readonly branches: string;
  readonly constraint: string;
  /** Parts of its minutes by stage; all empty: the academy's usual ones. */
  readonly parts: Readonly<Record<DrillStage, string>>;
  readonly leastMinutes: string;
  readonly mostMinutes: string;
  readonly sided: boolean;
  readonly lowestBelt: OwnCourse['lowestBelt'];
  readonly under16: boolean;
  readonly targetErrorIds: readonly string[];
  readonly needs: readonly string[];
  readonly loads: readonly BodyPart[];
  readonly counterpart: string;
  readonly easier: string;
  readonly harder: string;
  readonly isPlayed: boolean;
  readonly game: Omit<DrillGame, 'seconds'> & { readonly seconds: string };
}

const freshGame: DrillGame = {
  ...{ start: '', learnerWins: '', partnerWins: '', restart: '', seconds: 60, change: 'winner-stays' },
};

const byStage = <Value>(of: (stage: DrillStage) => Value) =>
  Object.fromEntries(drillStages.map((stage) => [stage, of(stage)])) as Record<DrillStage, Value>;

/** What stands in the fields when a drill is opened. */
export const draftOf = (drill: Drill): CourseDraft => {
  const game = drill.game ?? freshGame;
  return {
    ...{ start: drill.start, cue: drill.cue, constraint: drill.constraint },
    branches: drill.branches.map(({ when, answer }) => `${when}: ${answer}`).join('\n'),
    parts: byStage((stage) => (drill.parts ? String(drill.parts[stage]) : '')),
    ...{ leastMinutes: String(drill.leastMinutes), mostMinutes: String(drill.mostMinutes) },
    ...{ sided: drill.sided, lowestBelt: drill.lowestBelt, under16: drill.under16 },
    ...{ targetErrorIds: drill.targetErrorIds, needs: drill.needs, loads: drill.loads },
    ...{ counterpart: drill.counterpart, easier: drill.easier, harder: drill.harder },
    ...{ isPlayed: drill.game !== undefined, game: { ...game, seconds: String(game.seconds) } },
  };
};

const wholeNumber = (text: string): number => (/^\s*\d+\s*$/.test(text) ? Number(text) : Number.NaN);

/** "they frame: switch hips" one a line → ways on; a line without a colon is a way on whose answer is missing. */
export const branchesOf = (text: string): OwnCourse['branches'] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line) => {
      const at = line.indexOf(':');
      return at < 0
        ? { when: line, answer: '' }
        : { when: line.slice(0, at).trim(), answer: line.slice(at + 1).trim() };
    });

/** What is sent; the server says what is wrong with it. */
export const courseOf = (draft: CourseDraft): OwnCourse => ({
  ...{ cue: draft.cue, constraint: draft.constraint, branches: branchesOf(draft.branches) },
  parts: drillStages.some((stage) => draft.parts[stage].trim() !== '')
    ? byStage((stage) => wholeNumber(draft.parts[stage]))
    : undefined,
  ...{ leastMinutes: wholeNumber(draft.leastMinutes), mostMinutes: wholeNumber(draft.mostMinutes) },
  ...{ sided: draft.sided, lowestBelt: draft.lowestBelt, under16: draft.under16 },
  ...{ targetErrorIds: draft.targetErrorIds, needs: draft.needs, loads: draft.loads },
  ...{ counterpart: draft.counterpart, easier: draft.easier, harder: draft.harder },
  game: draft.isPlayed ? { ...draft.game, seconds: wholeNumber(draft.game.seconds) } : undefined,
});
