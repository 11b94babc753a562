import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import type { NextConfig } from 'next';

const common = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  {
    key: 'Permissions-Policy',
    value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
  },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Cross-Origin-Embedder-Policy', value: 'require-corp' },
  { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
];
// A worker started from a network address takes its policy from its own script's response.
const scriptPolicy =
  "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'; base-uri 'none'; frame-ancestors 'none'";

/** Changes whenever the computation or a package does: what an older one found is then found anew. */
function coreHash(): string {
  const hash = createHash('sha256');
  const files = readdirSync('src/core', { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile())
    .map((f) => `${f.parentPath}/${f.name}`)
    .sort();
  for (const file of [...files, 'package-lock.json']) hash.update(file).update(readFileSync(file));
  return hash.digest('hex').slice(0, 16);
}

const config: NextConfig = {
  // Under `next dev` the code changes without a new start, so that nothing found is kept.
  env: process.env.NODE_ENV === 'production' ? { NEXT_PUBLIC_CORE_HASH: coreHash() } : {},
  agentRules: false,
  turbopack: {},
  // `npm test` checks the types in a step of its own.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  reactStrictMode: true,
  typedRoutes: true,
  devIndicators: false,
  async redirects() {
    return [{ source: '/parts', destination: '/build/catalogue', permanent: false }];
  },
  async headers() {
    return [
      { source: '/:path*', headers: common },
      {
        source: '/_next/static/:path*',
        headers: [{ key: 'Content-Security-Policy', value: scriptPolicy }],
      },
      {
        source: '/sw.js',
        headers: [
          { key: 'Content-Security-Policy', value: "default-src 'self'" },
          { key: 'Cache-Control', value: 'no-cache' },
        ],
      },
      {
        source: '/api/:path*',
        headers: [
          { key: 'Content-Security-Policy', value: "default-src 'none'; frame-ancestors 'none'" },
        ],
      },
    ];
  },
};
export default config;
