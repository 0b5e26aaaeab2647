/** A linear expression: coefficient by variable name. */
export type Terms = readonly (readonly [coefficient: number, variable: string])[];

export interface Constraint {
  readonly name: string;
  readonly terms: Terms;
  readonly relation: '<=' | '>=' | '=';
  readonly bound: number;
}

/** A mixed-integer linear program. Variables are ≥ 0 unless bounded otherwise; names are letters, digits and `_`. */
export interface LinearModel {
  readonly direction: 'maximize' | 'minimize';
  readonly objective: Terms;
  readonly constraints: readonly Constraint[];
  readonly upperBounds?: readonly (readonly [variable: string, bound: number])[];
  readonly integers: readonly string[];
  readonly binaries: readonly string[];
}

export interface LinearSolution {
  readonly status: 'optimal' | 'infeasible' | 'stopped';
  readonly objective: number;
  /** Relative distance to the best possible, 0 when proved optimal. */
  readonly gap: number;
  readonly values: ReadonlyMap<string, number>;
}

/** The door to a solver; the core builds models and reads solutions but never solves. */
export type Solve = (model: LinearModel) => LinearSolution;

const number = (value: number): string => (Object.is(value, -0) ? '0' : String(Number(value.toPrecision(12))));

function formatTerms(terms: Terms): string {
  if (terms.length === 0) return '0 zero';
  return terms
    .map(([coefficient, variable]) => `${coefficient < 0 ? '-' : '+'} ${number(Math.abs(coefficient))} ${variable}`)
    .join('\n ');
}

/** The model in CPLEX LP text, one term a line, which every common solver reads. */
export function formatLinearModel(model: LinearModel): string {
  const lines = [
    model.direction === 'maximize' ? 'Maximize' : 'Minimize',
    ` obj: ${formatTerms(model.objective)}`,
    'Subject To',
  ];
  for (const { name, terms, relation, bound } of model.constraints)
    lines.push(` ${name}: ${formatTerms(terms)} ${relation} ${number(bound)}`);
  if (model.upperBounds?.length) {
    lines.push('Bounds', ...model.upperBounds.map(([variable, bound]) => ` 0 <= ${variable} <= ${number(bound)}`));
  }
  if (model.integers.length > 0) lines.push('General', ...model.integers.map((name) => ` ${name}`));
  if (model.binaries.length > 0) lines.push('Binary', ...model.binaries.map((name) => ` ${name}`));
  return [...lines, 'End', ''].join('\n');
}
