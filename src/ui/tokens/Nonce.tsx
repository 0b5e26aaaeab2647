'use client';

import { createContext, type ReactNode, useState } from 'react';

export const NonceContext = createContext<string | undefined>(undefined);

interface NonceProps {
  readonly nonce: string | undefined;
}

// The document keeps the policy of its first response: later navigations bring other nonces that it would refuse.
const useFirst = (nonce: string | undefined) => useState(nonce)[0];

/** Hands the nonce of the document to whoever writes styles into it. */
export const NonceProvider = ({ nonce, children }: NonceProps & { readonly children: ReactNode }) => (
  <NonceContext.Provider value={useFirst(nonce)}>{children}</NonceContext.Provider>
);

/** Where the interface's libraries look for the nonce of the document. */
export function NonceMeta({ nonce: given }: NonceProps) {
  const nonce = useFirst(given);
  return nonce ? <meta property="csp-nonce" content={nonce} nonce={nonce} suppressHydrationWarning /> : null;
}

/** Styles that are plain text, under the nonce of the document. */
export function PlainStyle({ nonce: given, text }: NonceProps & { readonly text: string }) {
  const nonce = useFirst(given);
  // biome-ignore lint/security/noDangerouslySetInnerHtml: our own text, and no page's content
  return <style nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: text }} />;
}
