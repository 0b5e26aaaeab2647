'use client';

import { Page } from '@/ui/layout/Page';
import { PasswordSection } from './CoachesSection';
import { type SessionLine, SessionsSection } from './SessionsSection';

/** What a helper at the mat can change of their account. */
export function AccountPage({ sessions }: { readonly sessions: readonly SessionLine[] }) {
  return (
    <Page title="Your account">
      <PasswordSection />
      <SessionsSection sessions={sessions} />
    </Page>
  );
}
