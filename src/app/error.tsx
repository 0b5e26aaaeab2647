'use client';

import { PlainPage } from '@/ui/plain/Plain';

interface ErrorPageProps {
  /** Its digest is the reference under which the log tells what happened. */
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

/** It stands in for any page, and so it carries next to nothing. */
export default function ErrorPage({ error, reset }: ErrorPageProps) {
  return (
    <PlainPage title="Something went wrong">
      <div className="plain-notice" role="alert">
        This page could not be shown; the server or its database may be away. Nothing that was kept is lost. Wait a
        moment, then try again.{error.digest ? ` The log tells more under ${error.digest}.` : ''}
      </div>
      <button type="button" className="plain-lead" onClick={reset}>
        Try again
      </button>
    </PlainPage>
  );
}
