/** A value that changes, and whoever wants to know of it. */
export interface Store<Value> {
  readonly get: () => Value;
  readonly subscribe: (listener: () => void) => () => void;
}

export interface WritableStore<Value> extends Store<Value> {
  /** Puts another value in place; the same one tells nobody. */
  readonly set: (value: Value) => void;
}

export function createStore<Value>(first: Value): WritableStore<Value> {
  let value = first;
  const listeners = new Set<() => void>();
  return {
    get: () => value,
    set: (next) => {
      if (Object.is(next, value)) return;
      value = next;
      for (const listener of [...listeners]) listener();
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
}
