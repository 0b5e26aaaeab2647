import { z } from 'zod';
import { storableText } from '@/core/marks';
import { reelShape } from '@/data/reels/reels';

export const reelInput = z.object({
  name: storableText().trim().min(1, 'Give the reel a name.').max(120, 'Use at most 120 characters.'),
  content: reelShape,
});

export const remoteCommands = ['play', 'next', 'previous', 'again', 'slower', 'faster'] as const;
/** What a phone can press for a reel that is shown. */
export type RemoteCommand = (typeof remoteCommands)[number];

export const clipAsk = z.object({ captions: z.enum(['burned', 'beside']), isNamed: z.boolean() });
