import type { z } from 'zod';
import type { Refused } from '@/core/kernel';

/** The first message of each field of a failed check, by its path without the first `skip` steps: the place of an argument is no part of a form. */
export function refusalOf(error: z.ZodError, skip = 0): Refused {
  const messages: Record<string, string> = {};
  for (const issue of error.issues) messages[issue.path.slice(skip).join('.')] ??= issue.message;
  return { ok: false, messages };
}
