'use client';

import { Page } from '@/ui/layout/Page';
import { PasswordSection } from './CoachesSection';
import { CodesSection, type CodesState } from './CodesSection';
import { type SessionLine, SessionsSection } from './SessionsSection';

/** What a helper at the mat can change of their account. */
export function AccountPage({
  sessions,
  codes,
}: {
  readonly sessions: readonly SessionLine[];
  readonly codes: CodesState;
}) {
  return (
    <Page title="Your account">
      <PasswordSection />
      <CodesSection {...codes} />
      <SessionsSection sessions={sessions} />
    </Page>
  );
}
