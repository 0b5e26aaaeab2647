import type { MarkDraft } from '../callline';

/** A mark that has no moment yet. */
export type DraftPart = MarkDraft extends infer Draft
  ? Draft extends unknown
    ? Omit<Draft, 'atSeconds'>
    : never
  : never;
