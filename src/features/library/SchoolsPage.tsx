'use client';

import { schools } from '@/core/vocabulary';
import { ActionLink, Page, Section } from '@/ui/layout/Page';
import { SchoolChoices } from './SchoolChoices';

export function SchoolsPage() {
  return (
    <Page
      title="Where coaches differ"
      aside="Choose what this academy teaches. Cues and drills follow; none of the other sides is an error."
      actions={<ActionLink href="/library">To the library</ActionLink>}
    >
      <Section>
        <h2>{schools.length} points</h2>
        <div className="note">
          Where you choose something else than usual, the cue gets its second half from your choice.
        </div>
        <div className="matter">
          <SchoolChoices schools={schools} withEntries />
        </div>
      </Section>
    </Page>
  );
}
