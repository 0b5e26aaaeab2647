'use client';

import type { ReactNode } from 'react';
import { signOut } from '@/server/accounts/accountActions';
import { Masthead } from '@/ui/layout/Masthead';
import { Button } from '@/ui/primitives';

const places = [
  { href: '/mat', label: 'At the mat' },
  { href: '/account', label: 'Your account' },
];

/** What a helper at the mat has round each page: their classes, their account, the way out. */
export function MatFrame({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  const end = (
    <>
      <span>{name}</span>
      <form action={signOut}>
        <Button look="plain" type="submit">
          Sign out
        </Button>
      </form>
    </>
  );
  return (
    <div data-light="daybook">
      <Masthead places={places} end={end} />
      {children}
    </div>
  );
}
