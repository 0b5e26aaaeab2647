'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { signOut } from '@/server/accounts/accountActions';
import { Masthead } from '@/ui/layout/Masthead';
import { Button } from '@/ui/primitives';

const places = [
  { href: '/mat', label: 'At the mat' },
  { href: '/account', label: 'Your account' },
];

/** What a helper at the mat has round each page: their classes, their account, the way out. */
export function MatFrame({
  name,
  hasFirstPassword,
  children,
}: {
  readonly name: string;
  /** Somebody else made the password up. */
  readonly hasFirstPassword: boolean;
  readonly children: ReactNode;
}) {
  const end = (
    <>
      {hasFirstPassword ? <Link href="/account#password">Make your own password</Link> : null}
      <span className="whose">{name}</span>
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
