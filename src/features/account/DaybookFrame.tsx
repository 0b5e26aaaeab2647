'use client';

import Form from 'next/form';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { TakeTables } from '@/forms/TakeTables';
import { Masthead } from '@/ui/layout/Masthead';
import { color, space } from '@/ui/tokens/tokens';
import { SignedIn } from './SignedIn';

const SearchInput = styled.input`
  width: 210px; height: 30px; border: 0; border-bottom: 1px solid ${color.strongRule}; background: ${color.raised}; padding: 0 ${space(2)}; font: inherit; color: ${color.ink};
`;

const places = [
  { href: '/footage', label: 'Footage' },
  { href: '/review', label: 'Review', within: ['/rounds'] },
  { href: '/students', label: 'Students' },
  { href: '/academy', label: 'Academy' },
  { href: '/classes', label: 'Classes' },
  { href: '/reels', label: 'Reels' },
  { href: '/library', label: 'Library' },
  { href: '/settings', label: 'Settings' },
];

export interface DaybookFrameProps {
  readonly coachName: string;
  /** Answers of students that no coach has taken yet. */
  readonly answersWaiting: number;
  /** Somebody else made the password up. */
  readonly hasFirstPassword: boolean;
  readonly children: ReactNode;
}

export function DaybookFrame({ coachName, answersWaiting, hasFirstPassword, children }: DaybookFrameProps) {
  const end = (
    <>
      <Form action="/search" role="search">
        <SearchInput
          name="q"
          type="search"
          aria-label="Search everything"
          placeholder="Ask: ana flat since march"
          maxLength={200}
          autoComplete="off"
        />
      </Form>
      {answersWaiting > 0 ? (
        <Link href="/answers">{answersWaiting === 1 ? 'one answer' : `${answersWaiting} answers`}</Link>
      ) : null}
      <SignedIn name={coachName} firstPasswordHref={hasFirstPassword ? '/settings#password' : undefined} />
    </>
  );
  return (
    <div data-light="daybook">
      <Masthead places={places} end={end} />
      {children}
      <TakeTables />
    </div>
  );
}
