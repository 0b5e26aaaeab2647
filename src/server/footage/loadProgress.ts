import { canShowOriginal, proxyReasons } from '@/core/footage';
import { pool } from '@/data/client';
import type { Footage } from '@/data/footage/footage';
import { type FootageWork, listWorkOf } from '@/data/footage/work';
import { findServableFootage } from './findServableFootage';

/** What can be looked at now, and what is still being made. */
export interface Looking {
  /** The file as it came; false when browsers cannot show it at all. */
  readonly original: boolean;
  /** The copy for looking is there. */
  readonly copy: boolean;
  readonly copyFrameRate?: { readonly numerator: number; readonly denominator: number };
  readonly copyWanted: boolean;
}

export interface FootageProgress {
  readonly looking: Looking;
  readonly work: readonly FootageWork[];
}

export function lookingOf(footage: Footage): Looking {
  const facts = footage.picture && { ...footage, ...footage.picture };
  return {
    // Files from before pictures were measured were taken only when browsers could show them.
    original: facts ? canShowOriginal(facts) : true,
    copy: footage.proxy !== undefined,
    copyFrameRate: footage.proxy?.frameRate,
    copyWanted: facts ? proxyReasons(facts).length > 0 : false,
  };
}

export async function loadProgress(footageId: string): Promise<FootageProgress | undefined> {
  const footage = await findServableFootage(footageId);
  return footage && { looking: lookingOf(footage), work: await listWorkOf(pool(), [footage.id]) };
}
