import type { NextConfig } from 'next';
import { PHASE_PRODUCTION_BUILD } from 'next/constants';

const config: NextConfig = {
  compiler: { styledComponents: true },
  serverExternalPackages: [
    'graphile-worker',
    '@tus/server',
    '@tus/file-store',
    '@node-rs/argon2',
    '@aws-sdk/client-s3',
    'highs',
    'pg',
  ],
  poweredByHeader: false,
  reactStrictMode: true,
  experimental: { serverActions: { bodySizeLimit: '1mb' } },
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'x-content-type-options', value: 'nosniff' },
        { key: 'referrer-policy', value: 'same-origin' },
        { key: 'x-frame-options', value: 'DENY' },
        { key: 'permissions-policy', value: 'camera=(), microphone=(self), geolocation=()' },
        { key: 'cross-origin-opener-policy', value: 'same-origin' },
      ],
    },
    // A student's link: told to nobody when they follow a link on it, kept by nothing on the way, found by no search.
    {
      source: '/:kind(s|api/shared)/:path*',
      headers: [
        { key: 'referrer-policy', value: 'no-referrer' },
        { key: 'x-robots-tag', value: 'noindex, nofollow, noarchive' },
      ],
    },
    { source: '/s/:path*', headers: [{ key: 'cache-control', value: 'private, no-store' }] },
    // Nothing under /api is a page: whatever it holds, no browser may run or show it as one.
    {
      source: '/api/:path*',
      headers: [{ key: 'content-security-policy', value: "default-src 'none'; frame-ancestors 'none'; sandbox" }],
    },
  ],
};

/** A service worker must be one script at the root of the application; the framework bundles none. */
async function bundleKeeper(): Promise<void> {
  const { build } = await import('vite');
  await build({
    configFile: false,
    publicDir: false,
    logLevel: 'error',
    build: {
      outDir: 'public',
      emptyOutDir: false,
      lib: { entry: 'src/offline/keeper.ts', formats: ['iife'], name: 'keeper', fileName: () => 'keeper.js' },
    },
  });
}

export default async function configure(phase: string): Promise<NextConfig> {
  if (phase === PHASE_PRODUCTION_BUILD) await bundleKeeper();
  return config;
}
