/** Where a line of a long ledger lies, and how it tells its height. */
export interface LinePlace {
  readonly index: number;
  readonly of: number;
  readonly top: number;
  readonly measure: (element: Element | null) => void;
}
