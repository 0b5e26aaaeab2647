import type { PointsRules, RuleSet } from '@/core/scoring';
import type { RuleSetInput } from '@/server/settings/ruleSetInput';

type Penalty = PointsRules['penalties'][number];

/** The fields of the form: what is typed stays text until it is kept. */
export interface RuleSetFields {
  readonly id: string;
  readonly name: string;
  readonly uniform: RuleSet['uniform'];
  readonly hasPoints: boolean;
  readonly points: Readonly<Record<keyof PointsRules['points'], string>>;
  readonly pastGuard: string;
  readonly guardPull: string;
  readonly hold: string;
  readonly pointlessPercent: string;
  readonly bodyTriangleCounts: boolean;
  readonly penalties: readonly Penalty[];
  readonly hasOvertime: boolean;
  readonly turnsEach: string;
  readonly turnSeconds: string;
  readonly equalWithin: string;
}

export const pointLabels: Readonly<Record<keyof PointsRules['points'], string>> = {
  takedown: 'Takedown',
  sweep: 'Sweep',
  pass: 'Guard pass',
  'knee-on-belly': 'Knee on belly',
  mount: 'Mount',
  back: 'Back with hooks',
};
export const penaltyLabels: Readonly<Record<Penalty, string>> = {
  warning: 'a warning',
  advantage: 'an advantage to the other',
  'two-points': 'two points to the other',
};

const usual = { takedown: 2, sweep: 2, pass: 3, 'knee-on-belly': 2, mount: 4, back: 4 };
const written = (value: number | undefined): string => (value === undefined ? '' : String(value));

export function fieldsOf({ id, name, uniform, points, overtime }: RuleSet): RuleSetFields {
  const given = points?.points ?? usual;
  return {
    id,
    name,
    uniform,
    hasPoints: points !== undefined,
    points: Object.fromEntries(
      Object.entries(given).map(([what, value]) => [what, String(value)]),
    ) as RuleSetFields['points'],
    pastGuard: written(points?.pastGuardPoints),
    guardPull: written(points?.guardPullPoints),
    hold: String(points?.holdSeconds ?? 3),
    pointlessPercent: String(Math.round((points?.pointlessRatio ?? 0) * 100)),
    bodyTriangleCounts: points?.bodyTriangleCounts ?? false,
    penalties: points?.penalties ?? [],
    hasOvertime: overtime !== undefined,
    turnsEach: String(overtime?.turnsEach ?? 3),
    turnSeconds: String(overtime?.turnSeconds ?? 120),
    equalWithin: String(overtime?.equalWithinSeconds ?? 0),
  };
}

// An empty field is no number, so that the check names it.
const read = (text: string): number =>
  text.trim() === '' ? Number.NaN : Number(text.replace(',', '.').replace('−', '-'));
const readOptional = (text: string): number | undefined => (text.trim() === '' ? undefined : read(text));

export function inputOf(fields: RuleSetFields): RuleSetInput {
  const { id, name, uniform } = fields;
  const points = Object.fromEntries(
    Object.entries(fields.points).map(([what, text]) => [what, read(text)]),
  ) as PointsRules['points'];
  return {
    ...{ id, name, uniform },
    points: fields.hasPoints
      ? {
          points,
          pastGuardPoints: readOptional(fields.pastGuard),
          guardPullPoints: readOptional(fields.guardPull),
          holdSeconds: read(fields.hold),
          pointlessRatio: read(fields.pointlessPercent) / 100,
          bodyTriangleCounts: fields.bodyTriangleCounts,
          penalties: [...fields.penalties],
        }
      : undefined,
    overtime: fields.hasOvertime
      ? {
          turnsEach: read(fields.turnsEach),
          turnSeconds: read(fields.turnSeconds),
          equalWithinSeconds: read(fields.equalWithin),
        }
      : undefined,
  };
}

/** What a rule set says, in a line. */
export function ruleSetWords({ points, overtime }: RuleSet): string {
  const parts = [
    points &&
      `pass ${points.points.pass}, mount ${points.points.mount}, back ${points.points.back}, sweep ${points.points.sweep}, held ${points.holdSeconds} s`,
    points && points.pointlessRatio > 0 && `nothing in the first ${Math.round(points.pointlessRatio * 100)} %`,
    overtime && `overtime: ${overtime.turnsEach} turns each of ${overtime.turnSeconds} s`,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join('; ') : 'nothing is counted';
}
