import { z } from 'zod';
import { storableText } from '@/core/marks';
import { passwordProblem } from './passwordRules';

/** Longer ones only make work. */
const MOST_PASSWORD_CHARACTERS = 500;

export const signInInput = z.object({
  signInName: storableText().trim().toLowerCase().min(1, 'Write your sign-in name.').max(80),
  password: storableText().min(1, 'Write your password.').max(MOST_PASSWORD_CHARACTERS),
});

const newPassword = storableText().max(MOST_PASSWORD_CHARACTERS, 'Use at most 500 characters.');

const accountFields = {
  displayName: storableText().trim().min(1, 'Write the name that colleagues will see.').max(80),
  signInName: storableText()
    .trim()
    .toLowerCase()
    .regex(/^[a-z0-9._-]{3,40}$/, 'Use 3 to 40 letters, digits, dots or dashes.'),
  password: newPassword,
};
const refuseWeak = (
  { password, signInName, displayName }: { password: string; signInName: string; displayName: string },
  context: z.RefinementCtx,
): void => {
  const message = passwordProblem(password, [signInName, displayName]);
  if (message) context.addIssue({ code: 'custom', path: ['password'], message });
};

/** The first account, which leads the academy. */
export const newAccountInput = z.object(accountFields).superRefine(refuseWeak);

/** One that the head coach makes: an assistant, or a helper at the mat. */
export const furtherAccountInput = z
  .object({ ...accountFields, role: z.enum(['assistant', 'helper']).default('assistant') })
  .superRefine(refuseWeak);

export const passwordChangeInput = z.object({
  currentPassword: storableText().min(1, 'Write the password that you have now.').max(MOST_PASSWORD_CHARACTERS),
  password: newPassword,
});
