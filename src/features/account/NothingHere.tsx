'use client';

import { ActionLink, Empty, Page } from '@/ui/layout/Page';

/**
 * What a page shows when its round, student or class is gone. Pages draw it themselves: the framework's own not-found answer is a bare
 * document that starts anew in the browser, and the strict style policy refuses what it starts with.
 */
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
