import { z } from 'zod';
import { storableText } from '@/data/storableText';

export const signInInput = z.object({
  signInName: storableText().trim().toLowerCase().min(1, 'Write your sign-in name.').max(80),
  password: storableText().min(1, 'Write your password.').max(500),
});

export const newAccountInput = z.object({
  displayName: storableText().trim().min(1, 'Write the name that colleagues will see.').max(80),
  signInName: storableText()
    .trim()
    .toLowerCase()
    .regex(/^[a-z0-9._-]{3,40}$/, 'Use 3 to 40 letters, digits, dots or dashes.'),
  password: storableText().min(10, 'Use at least 10 characters; a short sentence is easiest to keep.').max(500),
});

/** What a form gets back: messages per field, or one for the whole. */
export interface FormOutcome {
  readonly fieldErrors?: Record<string, string[]>;
  readonly message?: string;
  readonly done?: boolean;
}
