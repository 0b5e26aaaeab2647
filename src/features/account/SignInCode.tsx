'use client';

import { useActionState } from 'react';
import { leaveHalf, signInWithCode } from '@/server/accounts/codeActions';
import { PlainField, PlainForm, PlainPage } from '@/ui/plain/Plain';

/** The second step at the door, for accounts that ask for a code. */
export function SignInCode() {
  const [outcome, action, pending] = useActionState(signInWithCode, undefined);
  const messages = outcome?.ok === false ? outcome.messages : {};
  return (
    <PlainPage title="Unhurried Owl">
      <p className="plain-line">Your password is right. Now the code that your authenticator shows.</p>
      <PlainForm action={action} problem={messages['']} isSending={pending} send={pending ? 'Looking …' : 'Go in'}>
        <PlainField
          label="Code"
          name="code"
          inputMode="text"
          autoComplete="one-time-code"
          autoFocus
          required
          maxLength={40}
          hint="Six digits; without the phone, one of your recovery codes"
          problem={messages.code}
        />
      </PlainForm>
      <form action={leaveHalf}>
        <button type="submit" className="plain-quiet">
          Back to name and password
        </button>
      </form>
    </PlainPage>
  );
}
