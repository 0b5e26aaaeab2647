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

export const newAccountInput = z
  .object({
    displayName: storableText().trim().min(1, 'Write the name that colleagues will see.').max(80),
    signInName: storableText()
      .trim()
      .toLowerCase()
      .regex(/^[a-z0-9._-]{3,40}$/, 'Use 3 to 40 letters, digits, dots or dashes.'),
    password: newPassword,
  })
  .superRefine(({ password, signInName, displayName }, context) => {
    const message = passwordProblem(password, [signInName, displayName]);
    if (message) context.addIssue({ code: 'custom', path: ['password'], message });
  });

export const passwordChangeInput = z.object({
  currentPassword: storableText().min(1, 'Write the password that you have now.').max(MOST_PASSWORD_CHARACTERS),
  password: newPassword,
});
