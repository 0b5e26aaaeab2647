import type { Metadata } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { GlobalStyle } from '@/ui/tokens/GlobalStyle';
import { NonceMeta, StyleRegistry } from '@/ui/tokens/StyleRegistry';

export const metadata: Metadata = { title: { default: 'Unhurried Owl', template: '%s · Unhurried Owl' } };
// Every page carries its own nonce and shows what only a signed-in coach may see.
export const dynamic = 'force-dynamic';

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en">
      <head>
        <NonceMeta nonce={nonce} />
      </head>
      <body>
        <StyleRegistry nonce={nonce}>
          <GlobalStyle />
          {children}
        </StyleRegistry>
      </body>
    </html>
  );
}
