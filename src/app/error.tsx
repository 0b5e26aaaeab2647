'use client';

import { Notice, Page } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <div data-light="daybook">
      <Page title="Something went wrong">
        <Notice role="alert">
          This page could not be shown; the server or its database may be away. Nothing that was kept is lost. Wait a
          moment, then try again.
        </Notice>
        <div>
          <Button look="lead" onPress={reset}>
            Try again
          </Button>
        </div>
      </Page>
    </div>
  );
}
