import { z } from 'zod';

export const signInInput = z.object({
  signInName: z.string().trim().toLowerCase().min(1, 'Write your sign-in name.').max(80),
  password: z.string().min(1, 'Write your password.').max(500),
});

export const newAccountInput = z.object({
  displayName: z.string().trim().min(1, 'Write the name that colleagues will see.').max(80),
  signInName: z
    .string()
    .trim()
    .toLowerCase()
    .regex(/^[a-z0-9._-]{3,40}$/, 'Use 3 to 40 letters, digits, dots or dashes.'),
  password: z.string().min(10, 'Use at least 10 characters; a short sentence is easiest to keep.').max(500),
});

/** What a form gets back: messages per field, or one for the whole. */
export interface FormOutcome {
  readonly fieldErrors?: Record<string, string[]>;
  readonly message?: string;
  readonly done?: boolean;
}
