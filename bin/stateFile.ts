import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';
import type { z } from 'zod';

/** What one start leaves for the next command to find. Only its owner may read it: it holds secrets. */
export interface StateFile<Value> {
  readonly read: () => Value | undefined;
  readonly write: (value: Value) => void;
  readonly remove: () => void;
}

/** Keeps a value in a file that is there whole or not at all, also after a power cut: written beside, synced, renamed. What cannot be read counts as absent. */
export function stateFile<Value>(file: string, shape: z.ZodType<Value>): StateFile<Value> {
  const sync = (name: string, flags: string, bytes?: string) => {
    const handle = openSync(name, flags, 0o600);
    if (bytes !== undefined) writeSync(handle, bytes);
    fsyncSync(handle);
    closeSync(handle);
  };
  return {
    read: () => {
      if (!existsSync(file)) return undefined;
      try {
        return shape.safeParse(JSON.parse(readFileSync(file, 'utf8'))).data;
      } catch {
        return undefined;
      }
    },
    write: (value) => {
      mkdirSync(path.dirname(file), { recursive: true });
      const beside = `${file}.${process.pid}.new`;
      sync(beside, 'w', JSON.stringify(value));
      renameSync(beside, file);
      sync(path.dirname(file), 'r');
    },
    remove: () => rmSync(file, { force: true }),
  };
}
