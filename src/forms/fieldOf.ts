/** What every field of a form has: what stands in it, who is told of a change, and what is wrong with it. */
export interface FieldOf<Value> {
  readonly value: Value;
  readonly onChange: (value: Value) => void;
  readonly problem?: string;
}
