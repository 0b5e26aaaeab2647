'use client';

import { useActionState } from 'react';
import { createFirstAccount } from '@/server/accounts/accountActions';
import { Owl } from '@/ui/layout/Owl';
import { Notice } from '@/ui/layout/Page';
import { Button, Form, TextField } from '@/ui/primitives';
import { Gate } from './SignIn';

export function FirstAccount() {
  const [outcome, action, pending] = useActionState(createFirstAccount, {});
  return (
    <Gate data-light="daybook">
      <div>
        <div className="title">
          <Owl size={56} />
          <h1>Welcome</h1>
        </div>
        <p className="line">
          Nobody is here yet. Make the head coach’s account; assistants are added later in Settings.
        </p>
        <Form action={action} validationErrors={outcome.fieldErrors}>
          <TextField label="Your name" name="displayName" autoComplete="name" autoFocus isRequired />
          <TextField
            label="Sign-in name"
            name="signInName"
            autoComplete="username"
            hint="3 to 40 letters, digits, dots or dashes"
            isRequired
          />
          <TextField
            label="Password"
            name="password"
            type="password"
            autoComplete="new-password"
            hint="At least 10 characters; a short sentence is easiest to keep"
            isRequired
          />
          {outcome.message ? <Notice role="alert">{outcome.message}</Notice> : null}
          <Button type="submit" look="lead" isPending={pending}>
            Create the account
          </Button>
        </Form>
      </div>
    </Gate>
  );
}
