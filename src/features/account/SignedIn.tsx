'use client';

import Link from 'next/link';
import { signOut } from '@/server/accounts/accountActions';
import { Button } from '@/ui/primitives';

export interface SignedInProps {
  readonly name: string;
  /** Where the password is changed, while it is one that somebody else made up. */
  readonly firstPasswordHref?: string;
}

/** Who is signed in, at the end of the masthead, and the way out. */
export const SignedIn = ({ name, firstPasswordHref }: SignedInProps) => (
  <>
    {firstPasswordHref ? <Link href={firstPasswordHref}>Make your own password</Link> : null}
    <span className="whose">{name}</span>
    <form action={signOut}>
      <Button look="plain" type="submit">
        Sign out
      </Button>
    </form>
  </>
);
