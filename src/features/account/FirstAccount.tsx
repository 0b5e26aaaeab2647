'use client';

import { useActionState } from 'react';
import { createFirstAccount } from '@/server/accounts/accountActions';
import { PlainField, PlainPage } from '@/ui/plain/Plain';

export function FirstAccount() {
  const [outcome, action, pending] = useActionState(createFirstAccount, {});
  const { fieldErrors = {} } = outcome;
  return (
    <PlainPage title="Welcome">
      <p className="plain-line">
        Nobody is here yet. Make the head coach’s account; assistants are added later in Settings.
      </p>
      <form action={action}>
        <PlainField
          label="Your name"
          name="displayName"
          autoComplete="name"
          autoFocus
          required
          problem={fieldErrors.displayName?.[0]}
        />
        <PlainField
          label="Sign-in name"
          name="signInName"
          autoComplete="username"
          hint="3 to 40 letters, digits, dots or dashes"
          required
          problem={fieldErrors.signInName?.[0]}
        />
        <PlainField
          label="Password"
          name="password"
          type="password"
          autoComplete="new-password"
          hint="At least 10 characters; a short sentence is easiest to keep"
          required
          problem={fieldErrors.password?.[0]}
        />
        {outcome.message ? (
          <div className="plain-notice" role="alert">
            {outcome.message}
          </div>
        ) : null}
        <button type="submit" className="plain-lead" disabled={pending}>
          Create the account
        </button>
      </form>
    </PlainPage>
  );
}
