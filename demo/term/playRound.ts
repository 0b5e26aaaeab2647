import { type AttemptMark, type ErrorMark, type Mark, opponentOf, type PositionMark } from '../../src/core/marks';
import { placeOfRole, placeOnTop, type RoundState, roleIn, stateAfterAttempt } from '../../src/core/round';
import {
  type Belt,
  type CatalogueError,
  errors,
  findPosition,
  findTechnique,
  type PositionFamily,
  techniqueIsOf,
} from '../../src/core/vocabulary';
import type { Draws } from './draws';
import { drifts, type Moves, moves, strengthsIn } from './moves';

type Slot = 'a' | 'b';
type Standing = Extract<RoundState, { kind: 'position' }>;

/** Somebody in a made-up round: how well they do, and what they do more than others. */
export interface Player {
  readonly belt: Belt;
  readonly weightKg: number;
  readonly favourites: readonly string[];
  readonly leftShare: number;
  readonly lingers?: PositionFamily;
  /** How often they make an error that is a habit of theirs, a minute or of a try. */
  readonly rateOf: (errorId: string) => number | undefined;
}
export interface RoundPlan {
  readonly startSeconds: number;
  readonly endSeconds: number;
  readonly uniform: 'gi' | 'no-gi';
  readonly players: Readonly<Record<Slot, Player>>;
  readonly idOf: (place: number) => string;
}

/** How high a belt stands, and how many errors a minute (or of how many chances) it lets one expect: house estimates for the demo only. */
const heights: Readonly<Record<Belt, number>> = { white: 0, blue: 1, purple: 2, brown: 3, black: 4 };
const ERRORS_A_MINUTE: Readonly<Record<Belt, number>> = {
  white: 0.045,
  blue: 0.03,
  purple: 0.018,
  brown: 0.01,
  black: 0.005,
};
const ERRORS_A_CHANCE: Readonly<Record<Belt, number>> = {
  white: 0.02,
  blue: 0.013,
  purple: 0.008,
  brown: 0.005,
  black: 0.003,
};
/** Errors of the last so many seconds are what a success is owed to. */
const CAUSE_SECONDS = 20;
const REST_AFTER_TAP = 12;
const LATE_TO_LET_GO = 0.03;
/** Between two tries in one place passes less than a stay takes. */
const BETWEEN_TRIES = 0.55;

/** Plays a round over the graph of positions and gives its marks as a careful coach would have made them. */
export function playRound(plan: RoundPlan, draws: Draws): Mark[] {
  const round = new Course(plan, draws);
  while (round.goesOn()) round.dwell();
  return round.marks.sort((one, other) => one.atSeconds - other.atSeconds);
}

class Course {
  readonly marks: Mark[] = [];
  private at: number;
  private state: Standing = { kind: 'position', positionId: 'standing-neutral' };
  private lastErrors: { [slot in Slot]: number[] } = { a: [], b: [] };

  constructor(
    private readonly plan: RoundPlan,
    private readonly draws: Draws,
  ) {
    this.at = plan.startSeconds;
    this.markPosition();
  }

  goesOn(): boolean {
    return this.at < this.plan.endSeconds - 4;
  }

  /** A stay in one position, what goes wrong and right in it, and how it ends. */
  dwell(): void {
    const { draws } = this;
    const family = this.family();
    const from = this.at;
    const until = Math.min(this.plan.endSeconds - 2, from + Math.max(4, draws.gamma(2, 2 / this.usualSeconds(family))));
    for (const slot of ['a', 'b'] as const) this.err(slot, from, until);
    this.doWell(from, until);
    this.at = until;
    if (!this.goesOn()) return;
    const level = this.state.holder === undefined;
    const over: Slot = this.over() ?? draws.one(['a', 'b']);
    const isOver = draws.chance(level ? 0.5 : 0.55 + 0.05 * this.edge(over));
    const actor = isOver ? over : opponentOf(over);
    const choices = level || actor === over ? moves[family].over : moves[family].under;
    if (Object.keys(choices).length === 0 || draws.chance(0.15)) this.drift(family);
    else this.tryMove(actor, choices, family);
  }

  private usualSeconds(family: PositionFamily): number {
    const { a, b } = this.plan.players;
    const lingers = a.lingers === family || b.lingers === family;
    return moves[family].seconds * BETWEEN_TRIES * (lingers ? 2 : 1);
  }
  private family(): PositionFamily {
    return findPosition(this.state.positionId)?.family ?? 'standing';
  }
  /** Who is on top or attacks. */
  private over(): Slot | undefined {
    return (['a', 'b'] as const).find(
      (slot) => placeOfRole(roleIn(this.state.positionId, this.state.holder, slot)) === 'over',
    );
  }
  /** How much better than the other somebody may be expected to do, in steps of a belt. */
  private edge(slot: Slot): number {
    const { [slot]: own, [opponentOf(slot)]: other } = this.plan.players;
    return heights[own.belt] - heights[other.belt] + (own.weightKg - other.weightKg) / 20;
  }

  private push(mark: Omit<Mark, 'id'>): string {
    const id = this.plan.idOf(this.marks.length);
    this.marks.push({ ...mark, atSeconds: Math.round(mark.atSeconds * 10) / 10, id } as Mark);
    return id;
  }
  private markPosition(): string {
    const { positionId, holder } = this.state;
    const mark: Omit<PositionMark, 'id'> = {
      kind: 'position',
      atSeconds: this.at,
      positionId,
      ...(holder ? { holder } : {}),
    };
    return this.push(mark);
  }
  private goTo(state: RoundState): string {
    if (state.kind === 'position') this.state = state;
    this.lastErrors = { a: [], b: [] };
    this.at += 1;
    return this.markPosition();
  }

  private err(slot: Slot, from: number, until: number): void {
    const { draws } = this;
    const player = this.plan.players[slot];
    const role = roleIn(this.state.positionId, this.state.holder, slot);
    const family = this.family();
    for (const error of errors) {
      const { exposure } = error;
      if (exposure.kind !== 'time-in' || exposure.family !== family) continue;
      if (exposure.role !== 'neutral' && placeOfRole(exposure.role) !== placeOfRole(role)) continue;
      const rate = player.rateOf(error.id) ?? ERRORS_A_MINUTE[player.belt];
      for (let count = draws.poisson((rate * (until - from)) / 60); count > 0; count -= 1)
        this.markError(error, slot, draws.between(from + 1, until - 0.5));
    }
  }
  private markError(error: CatalogueError, slot: Slot, atSeconds: number): void {
    const mark: Omit<ErrorMark, 'id'> = {
      kind: 'error',
      atSeconds,
      errorId: error.id,
      athlete: slot,
      punished: 'no',
      ledTo: [],
    };
    this.push(mark);
    this.lastErrors[slot].push(this.marks.length - 1);
  }

  private doWell(from: number, until: number): void {
    const family = this.family();
    const over = this.over();
    for (const slot of ['a', 'b'] as const) {
      const goods = strengthsIn[family]?.[over === undefined || slot === over ? 'over' : 'under'] ?? [];
      if (goods.length === 0 || this.lastErrors[slot].length > 0) continue;
      if (this.draws.chance(0.06 + 0.03 * heights[this.plan.players[slot].belt]))
        this.push({
          kind: 'strength',
          atSeconds: this.draws.between(from + 1, until),
          strengthId: this.draws.one(goods),
          athlete: slot,
        } as Omit<Mark, 'id'>);
    }
  }

  /** Somebody gets on without a technique that has a name. */
  private drift(family: PositionFamily): void {
    const ways = drifts[family] ?? [];
    const over = this.over();
    if (ways.length === 0) return;
    const to = this.draws.weighted(Object.fromEntries(ways.map((way) => [way.to, way.weight])));
    if (to === this.state.positionId) return;
    const betterRole = findPosition(to)?.betterRole;
    this.goTo(
      over === undefined || betterRole === undefined ? { kind: 'position', positionId: to } : placeOnTop(to, over),
    );
  }

  private tryMove(actor: Slot, choices: Moves, family: PositionFamily): void {
    const { draws, plan } = this;
    const player = plan.players[actor];
    const allowed = Object.entries(choices).filter(([id]) => {
      const technique = findTechnique(id);
      return technique && (technique.uniform === 'both' || technique.uniform === plan.uniform);
    });
    if (allowed.length === 0) {
      this.drift(family);
      return;
    }
    const techniqueId = draws.weighted(
      Object.fromEntries(allowed.map(([id, weight]) => [id, player.favourites.includes(id) ? weight * 3 : weight])),
    );
    const technique = findTechnique(techniqueId);
    const other = opponentOf(actor);
    const owed = this.causesOf(other);
    const own = this.slip(actor, 'attempts-of', techniqueId);
    const given = this.slip(other, 'attempts-against', techniqueId);
    const isSubmission = technique?.class === 'submissions';
    const ease =
      (isSubmission ? -1.6 : technique?.class === 'guard-pulls' ? 2.5 : -0.5) +
      0.55 * this.edge(actor) +
      (owed.length > 0 ? 1 : 0) +
      (given === undefined ? 0 : 1) -
      (own === undefined ? 0 : 1.2);
    const works = draws.chance(1 / (1 + Math.exp(-ease)));
    const side = draws.chance(player.leftShare) ? 'left' : 'right';
    const stage = works ? 'finished' : draws.weighted({ entry: 5, control: 4, ...(isSubmission ? { locked: 1 } : {}) });
    const end = works ? 'finished' : draws.weighted({ escaped: 5, abandoned: 4 });
    const attempt: Omit<AttemptMark, 'id'> = {
      kind: 'attempt',
      atSeconds: this.at,
      techniqueId,
      athlete: actor,
      stage,
      end,
      side,
    } as Omit<AttemptMark, 'id'>;
    const attemptId = this.push(attempt);
    const causes = given === undefined ? owed : [...owed, given];
    if (!works) {
      if (own !== undefined) this.punish(own, 'partly', [attemptId]);
      this.at += 2;
      return;
    }
    if (isSubmission) {
      if (draws.chance(LATE_TO_LET_GO))
        this.push({
          kind: 'hazard',
          atSeconds: this.at + 0.3,
          hazard: 'late to let go',
          athlete: actor,
          duringId: techniqueId,
        } as Omit<Mark, 'id'>);
      for (const cause of causes) this.punish(cause, 'yes', [attemptId]);
      this.restAfterTap();
      return;
    }
    const after = stateAfterAttempt({ ...attempt, id: attemptId } as AttemptMark);
    if (!after) return;
    const positionId = this.goTo(after);
    for (const cause of causes) this.punish(cause, 'yes', [attemptId, positionId]);
  }

  /** Errors of the last seconds that let the other succeed: two at the most, the latest. */
  private causesOf(slot: Slot): number[] {
    return this.lastErrors[slot]
      .filter((place) => this.at - (this.marks[place]?.atSeconds ?? 0) <= CAUSE_SECONDS)
      .slice(-2);
  }
  /** An error in making an attempt, or in meeting one. */
  private slip(slot: Slot, kind: 'attempts-of' | 'attempts-against', techniqueId: string): number | undefined {
    const player = this.plan.players[slot];
    for (const error of errors) {
      if (error.exposure.kind !== kind || !techniqueIsOf(techniqueId, error.exposure.of)) continue;
      const chance = player.rateOf(error.id) ?? ERRORS_A_CHANCE[player.belt];
      if (!this.draws.chance(chance)) continue;
      this.markError(error, slot, this.at - 0.4);
      return this.marks.length - 1;
    }
    return undefined;
  }
  private punish(place: number, punished: 'yes' | 'partly', ledTo: string[]): void {
    const mark = this.marks[place];
    if (mark?.kind === 'error') this.marks[place] = { ...mark, punished, ledTo };
  }

  private restAfterTap(): void {
    const endSeconds = Math.round(Math.min(this.plan.endSeconds, this.at + REST_AFTER_TAP) * 10) / 10;
    this.push({ kind: 'stoppage', atSeconds: this.at + 0.5, endSeconds, reason: 'tap' } as Omit<Mark, 'id'>);
    this.at = endSeconds;
    if (!this.goesOn()) return;
    this.state = { kind: 'position', positionId: 'standing-neutral' };
    this.lastErrors = { a: [], b: [] };
    this.markPosition();
  }
}
