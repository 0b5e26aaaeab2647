/** A foreseen outcome as a value: either `ok` with the value, or not, with the problem. No wording lives in a problem. */
export type Result<Value, Problem> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly problem: Problem };

export const succeed = <Value>(value: Value): Result<Value, never> => ({ ok: true, value });
export const fail = <Problem>(problem: Problem): Result<never, Problem> => ({ ok: false, problem });
