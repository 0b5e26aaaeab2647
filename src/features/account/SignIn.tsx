'use client';

import { useActionState } from 'react';
import { styled } from 'styled-components';
import { ForgetKept } from '@/offline/ForgetKept';
import { signIn } from '@/server/accounts/accountActions';
import { Owl } from '@/ui/layout/Owl';
import { Notice } from '@/ui/layout/Page';
import { Button, Form, TextField } from '@/ui/primitives';
import { color, font, space } from '@/ui/tokens/tokens';

export const Gate = styled.main`
  min-height: 100vh; display: grid; grid-template-columns: 1fr minmax(340px, 440px) 1fr; grid-template-rows: 1fr auto 1.4fr; background: ${color.ground};
  > div { grid-area: 2 / 2; display: flex; flex-direction: column; gap: ${space(6)}; }
  .title { display: flex; align-items: flex-end; gap: ${space(4)}; border-bottom: 3px double ${color.strongRule}; padding-bottom: ${space(3)}; }
  .title h1 { font-size: 34px; font-style: italic; font-weight: 500; }
  .line { font-family: ${font.serif}; font-size: 19px; color: ${color.quiet}; }
  form { display: flex; flex-direction: column; gap: ${space(4)}; }
  form button { align-self: flex-start; min-width: 120px; }
`;

export function SignIn() {
  const [outcome, action, pending] = useActionState(signIn, {});
  return (
    <Gate data-light="daybook">
      <ForgetKept />
      <div>
        <div className="title">
          <Owl size={56} />
          <h1>Unhurried Owl</h1>
        </div>
        <p className="line">What happened on the mat, and what to train next.</p>
        <Form action={action} validationErrors={outcome.fieldErrors}>
          <TextField label="Sign-in name" name="signInName" autoComplete="username" autoFocus isRequired />
          <TextField label="Password" name="password" type="password" autoComplete="current-password" isRequired />
          {outcome.message ? <Notice role="alert">{outcome.message}</Notice> : null}
          <Button type="submit" look="lead" isPending={pending}>
            {pending ? 'Signing in …' : 'Sign in'}
          </Button>
        </Form>
      </div>
    </Gate>
  );
}
