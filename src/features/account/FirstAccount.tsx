'use client';

import { useActionState } from 'react';
import { createFirstAccount } from '@/server/accounts/accountActions';
import { PlainField, PlainForm, PlainPage } from '@/ui/plain/Plain';

export function FirstAccount() {
  const [outcome, action, pending] = useActionState(createFirstAccount, undefined);
  const messages = outcome?.ok === false ? outcome.messages : {};
  return (
    <PlainPage title="Welcome">
      <p className="plain-line">
        Nobody is here yet. Make the head coach’s account; assistants are added later in Settings.
      </p>
      <PlainForm action={action} problem={messages['']} isSending={pending} send="Create the account">
        <PlainField
          label="Your name"
          name="displayName"
          autoComplete="name"
          autoFocus
          required
          problem={messages.displayName}
        />
        <PlainField
          label="Sign-in name"
          name="signInName"
          autoComplete="username"
          hint="3 to 40 letters, digits, dots or dashes"
          required
          problem={messages.signInName}
        />
        <PlainField
          label="Password"
          name="password"
          type="password"
          autoComplete="new-password"
          hint="At least 10 characters; a short sentence is easiest to keep"
          required
          problem={messages.password}
        />
      </PlainForm>
    </PlainPage>
  );
}
