import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  serverExternalPackages: ['graphile-worker', '@tus/server', '@tus/file-store', '@node-rs/argon2', 'highs', 'pg'],
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
        { key: 'permissions-policy', value: 'camera=(), microphone=(), geolocation=()' },
        { key: 'cross-origin-opener-policy', value: 'same-origin' },
      ],
    },
  ],
};

export default config;
