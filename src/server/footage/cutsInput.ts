import { z } from 'zod';
import { cutShape } from '@/data/footage/cutShape';

/** The cuts of a file as they are sent and kept. */
export const cutsInput = z.array(cutShape).max(200);
export type KeptCut = z.output<typeof cutShape>;

/** The version that is kept now; and what somebody else made of the cuts meanwhile, in place of what was sent. */
export interface KeptCuts {
  readonly version: number;
  readonly newer?: readonly KeptCut[];
}
