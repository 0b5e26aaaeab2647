import { z } from 'zod';
import { cutShape } from '@/data/footage/cutShape';

/** The cuts of a file as they are sent and kept. */
export const cutsInput = z.array(cutShape).max(200);
export type KeptCut = z.output<typeof cutShape>;

/** Kept; or somebody else changed the cuts meanwhile, and these are theirs; or they cannot be kept. */
export type KeepCutsOutcome =
  | { readonly status: 'kept'; readonly version: number }
  | { readonly status: 'changed'; readonly version: number; readonly cuts: readonly KeptCut[] }
  | { readonly status: 'refused' };
