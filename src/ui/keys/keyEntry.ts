/** What of a key press decides which command it gives. */
export interface KeyPress {
  readonly key: string;
  readonly shiftKey: boolean;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
}

/** A command of a page with its key, how that key is written, and what it does. */
export interface KeyEntry<Command extends string> {
  readonly command: Command;
  readonly shown: string;
  readonly does: string;
  readonly matches: (press: KeyPress) => boolean;
}

/** Keys that belong together, as the sheet of keys shows them. */
export interface KeyGroup<Command extends string> {
  readonly title: string;
  readonly entries: readonly KeyEntry<Command>[];
}

export const plain = (key: string) => (press: KeyPress) =>
  press.key.toLowerCase() === key && !press.ctrlKey && !press.metaKey && !press.shiftKey;
export const shifted = (key: string) => (press: KeyPress) =>
  press.key.toLowerCase() === key && press.shiftKey && !press.ctrlKey;
/** A sign that some keyboards write with Shift. */
export const sign =
  (...keys: readonly string[]) =>
  (press: KeyPress) =>
    keys.includes(press.key) && !press.ctrlKey && !press.metaKey;

export const undoKey = (press: KeyPress): boolean => press.key.toLowerCase() === 'z' && !press.shiftKey;
export const redoKey = (press: KeyPress): boolean =>
  (press.key.toLowerCase() === 'z' && press.shiftKey) || (press.key.toLowerCase() === 'y' && press.ctrlKey);

/** The command of a key press; undefined when the key does nothing here. */
export const commandOf = <Command extends string>(
  entries: readonly KeyEntry<Command>[],
  press: KeyPress,
): Command | undefined => entries.find((entry) => entry.matches(press))?.command;
