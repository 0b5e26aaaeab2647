'use client';

import { ActionLink, Empty, Page } from '@/ui/layout/Page';

export function NothingHere() {
  return (
    <div data-light="daybook">
      <Page title="Nothing here">
        <Empty>
          <p>This page is not there, or what it showed was deleted.</p>
          <ActionLink data-look="lead" href="/footage">
            To Footage
          </ActionLink>
        </Empty>
      </Page>
    </div>
  );
}
