import { z } from 'zod';
import { storableText } from '@/core/marks';

/** Rounds that were kept under the wrong person, and the name of whose they are. */
export const moveRoundsInput = z.object({
  fromId: z.uuid(),
  roundIds: z.array(z.uuid()).min(1, 'Choose the rounds first.').max(400, 'Choose at most 400 rounds at once.'),
  name: storableText().trim().min(1, 'Write whose they are.').max(80, 'Use at most 80 characters.'),
  /** Of the person who is made when nobody has this name yet. */
  newId: z.uuid(),
});
