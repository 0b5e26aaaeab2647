'use client';

import { useActionState } from 'react';
import { ForgetKept } from '@/offline/ForgetKept';
import { signIn } from '@/server/accounts/accountActions';
import { PlainField, PlainPage } from '@/ui/plain/Plain';

export function SignIn() {
  const [outcome, action, pending] = useActionState(signIn, undefined);
  const messages = outcome?.ok === false ? outcome.messages : {};
  return (
    <PlainPage title="Unhurried Owl">
      <ForgetKept />
      <p className="plain-line">What happened on the mat, and what to train next.</p>
      <form action={action}>
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
        {messages[''] ? (
          <div className="plain-notice" role="alert">
            {messages['']}
          </div>
        ) : null}
        <button type="submit" className="plain-lead" disabled={pending}>
          {pending ? 'Signing in …' : 'Sign in'}
        </button>
      </form>
    </PlainPage>
  );
}
