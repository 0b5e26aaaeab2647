'use client';

import { Notice, Page } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

interface ErrorPageProps {
  /** Its digest is the reference under which the log tells what happened. */
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

export default function ErrorPage({ error, reset }: ErrorPageProps) {
  return (
    <div data-light="daybook">
      <Page title="Something went wrong">
        <Notice role="alert">
          This page could not be shown; the server or its database may be away. Nothing that was kept is lost. Wait a
          moment, then try again.{error.digest ? ` The log tells more under ${error.digest}.` : ''}
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
