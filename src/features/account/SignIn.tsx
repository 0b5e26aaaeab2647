'use client';

import { useActionState } from 'react';
import { ForgetKept } from '@/offline/ForgetKept';
import { signIn } from '@/server/accounts/accountActions';
import { PlainField, PlainForm, PlainPage } from '@/ui/plain/Plain';

export function SignIn() {
  const [outcome, action, pending] = useActionState(signIn, undefined);
  const messages = outcome?.ok === false ? outcome.messages : {};
  return (
    <PlainPage title="Unhurried Owl">
      <ForgetKept />
      <p className="plain-line">What happened on the mat, and what to train next.</p>
      <PlainForm action={action} problem={messages['']} isSending={pending} send={pending ? 'Signing in …' : 'Sign in'}>
        <PlainField
          label="Sign-in name"
          name="signInName"
          autoComplete="username"
          autoFocus
          required
          problem={messages.signInName}
        />
        <PlainField
          label="Password"
          name="password"
          type="password"
          autoComplete="current-password"
          required
          problem={messages.password}
        />
      </PlainForm>
    </PlainPage>
  );
}
