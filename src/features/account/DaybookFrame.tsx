'use client';

import type { ReactNode } from 'react';
import { signOut } from '@/server/accounts/accountActions';
import { Masthead } from '@/ui/layout/Masthead';
import { Button } from '@/ui/primitives';

const places = [
  { href: '/footage', label: 'Footage' },
  { href: '/review', label: 'Review', within: ['/rounds'] },
  { href: '/students', label: 'Students' },
  { href: '/classes', label: 'Classes' },
  { href: '/library', label: 'Library' },
  { href: '/settings', label: 'Settings' },
];

export function DaybookFrame({ coachName, children }: { readonly coachName: string; readonly children: ReactNode }) {
  const end = (
    <>
      <span>{coachName}</span>
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
