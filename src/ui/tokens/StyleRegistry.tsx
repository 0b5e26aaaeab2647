'use client';

import { useServerInsertedHTML } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';

/** Sends the styles of the first page with its HTML, under the page's nonce. */
export function StyleRegistry({
  nonce: given,
  children,
}: {
  readonly nonce: string | undefined;
  readonly children: ReactNode;
}) {
  // The document keeps the policy of its first response: later navigations bring other nonces that it would refuse.
  const [nonce] = useState(given);
  const [sheet] = useState(() => (typeof window === 'undefined' ? new ServerStyleSheet({ nonce }) : undefined));
  useServerInsertedHTML(() => {
    if (!sheet) return null;
    const styles = sheet.getStyleElement();
    sheet.instance.clearTag();
    return styles;
  });
  if (!sheet) return <StyleSheetManager nonce={nonce}>{children}</StyleSheetManager>;
  return <StyleSheetManager sheet={sheet.instance}>{children}</StyleSheetManager>;
}

/** Where the interface's libraries look for the nonce of the document. */
export function NonceMeta({ nonce: given }: { readonly nonce: string | undefined }) {
  const [nonce] = useState(given);
  return nonce ? <meta property="csp-nonce" content={nonce} nonce={nonce} suppressHydrationWarning /> : null;
}
