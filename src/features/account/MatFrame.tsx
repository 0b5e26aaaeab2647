'use client';

import type { ReactNode } from 'react';
import { Masthead } from '@/ui/layout/Masthead';
import { SignedIn } from './SignedIn';

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
  return (
    <div data-light="daybook">
      <Masthead
        places={places}
        end={<SignedIn name={name} firstPasswordHref={hasFirstPassword ? '/account#password' : undefined} />}
      />
      {children}
    </div>
  );
}
