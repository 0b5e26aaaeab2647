'use client';

import { useServerInsertedHTML } from 'next/navigation';
import { type ReactNode, useContext, useState } from 'react';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';
import { NonceContext } from './Nonce';

/** Sends the styles of the first page with its HTML, under the page's nonce. */
export function StyleRegistry({ children }: { readonly children: ReactNode }) {
  const nonce = useContext(NonceContext);
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
