import { z } from 'zod';
import { isStorableText, UNSTORABLE_TEXT } from '../kernel';

/** Any text from outside: what the database could not keep is refused with words. Every schema of an input begins its texts here. */
export const storableText = () =>
  z.string().refine(isStorableText, { error: UNSTORABLE_TEXT, params: { code: 'unstorable-text' } });
