import { z } from 'zod';
import { storableText } from '@/core/marks';
import { piecesShape, reelShape } from '@/data/reels/reels';

export const reelInput = z.object({
  name: storableText().trim().min(1, 'Give the reel a name.').max(120, 'Use at most 120 characters.'),
  content: reelShape,
});

/** Moments for a reel that is kept; without its id they begin a new one under the id that the page gave. */
export const intoReelInput = z.object({
  reelId: z.uuid().optional(),
  name: reelInput.shape.name,
  pieces: piecesShape.min(1, 'Choose a moment first.').readonly(),
});

export const remoteCommands = ['play', 'next', 'previous', 'again', 'slower', 'faster'] as const;
/** What a phone can press for a reel that is shown. */
export type RemoteCommand = (typeof remoteCommands)[number];

export const clipAsk = z.object({ captions: z.enum(['burned', 'beside']), isNamed: z.boolean() });
