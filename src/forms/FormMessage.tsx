import type { Messages } from '@/core/kernel';
import { Notice } from '@/ui/layout/Page';

/** What is wrong with a form as a whole. */
export const FormMessage = ({ messages }: { readonly messages: Messages }) =>
  messages[''] ? <Notice role="alert">{messages['']}</Notice> : null;

/** At the top of a long form: what is wrong with it, wherever the field is. */
export function FormMessages({ messages, lead }: { readonly messages: Messages; readonly lead: string }) {
  const all = [...new Set(Object.values(messages))];
  return all.length > 0 ? <Notice role="alert">{messages[''] ?? `${lead}: ${all.join(' ')}`}</Notice> : null;
}
