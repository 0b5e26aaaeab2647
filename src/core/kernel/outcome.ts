/** What is wrong with what was sent, by the dotted path of its field; under '' what is wrong with it as a whole. */
export type Messages = Readonly<Record<string, string>>;

/** A use case that was not done: nothing has changed, and the words say what to do. */
export interface Refused {
  readonly ok: false;
  readonly messages: Messages;
}

/** The one answer of every use case: done, with what came of it, or refused with words. */
export type Outcome<Value extends object = object> = (Value & { readonly ok: true }) | Refused;

export const refuse = (message: string, field = ''): Refused => ({ ok: false, messages: { [field]: message } });

/** The words of a refusal where there is one place for them. */
export const messageOf = ({ messages }: Refused): string => messages[''] ?? Object.values(messages)[0] ?? '';
