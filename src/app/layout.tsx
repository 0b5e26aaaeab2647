import '@fontsource-variable/alegreya';
import '@fontsource-variable/alegreya/wght-italic.css';
import '@fontsource-variable/source-sans-3';
import type { Metadata } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { plainCss } from '@/ui/plain/plainCss';
import { globalCss } from '@/ui/tokens/globalCss';
import { NonceMeta, NonceProvider, PlainStyle } from '@/ui/tokens/Nonce';

export const metadata: Metadata = { title: { default: 'Unhurried Owl', template: '%s · Unhurried Owl' } };
// Every page carries its own nonce and shows what only a signed-in coach may see.
export const dynamic = 'force-dynamic';

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en">
      <head>
        <NonceMeta nonce={nonce} />
        <PlainStyle nonce={nonce} text={globalCss + plainCss} />
      </head>
      <body>
        <NonceProvider nonce={nonce}>{children}</NonceProvider>
      </body>
    </html>
  );
}
