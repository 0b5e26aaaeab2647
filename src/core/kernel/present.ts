/**
 * A value that the code around it promises to be there: an item of a list within its length, an entry that was put in before. Throws where the promise is
 * broken, at once and here, and not somewhere later as "undefined".
 */
export function present<Value>(value: Value | undefined | null): Value {
  if (value === undefined || value === null) throw new RangeError('present: a value that should be there is not');
  return value;
}
