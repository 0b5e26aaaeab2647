'use client';

import { useActionState } from 'react';
import { ForgetKept } from '@/offline/ForgetKept';
import { signIn } from '@/server/accounts/accountActions';
import { PlainField, PlainPage } from '@/ui/plain/Plain';

export function SignIn() {
  const [outcome, action, pending] = useActionState(signIn, {});
  const { fieldErrors = {} } = outcome;
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
          problem={fieldErrors.signInName?.[0]}
        />
        <PlainField
          label="Password"
          name="password"
          type="password"
          autoComplete="current-password"
          required
          problem={fieldErrors.password?.[0]}
        />
        {outcome.message ? (
          <div className="plain-notice" role="alert">
            {outcome.message}
          </div>
        ) : null}
        <button type="submit" className="plain-lead" disabled={pending}>
          {pending ? 'Signing in …' : 'Sign in'}
        </button>
      </form>
    </PlainPage>
  );
}
