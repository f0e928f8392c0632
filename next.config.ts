import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { NextConfig } from 'next'
import { redirectsOfMovedPages } from './src/redirects'

/** What is remembered of pieces was made with the core as it stands: its hash is their version. */
function hashOfCore(): string {
  const core = join(__dirname, 'src/core')
  const files = readdirSync(core, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .sort()
  const hash = createHash('sha256')
  for (const name of files) hash.update(name).update(readFileSync(join(core, name)))
  return hash.digest('base64url').slice(0, 16)
}

/** Sent with every answer; the policy of a page's contents is the proxy's, since its nonce changes. */
const HEADERS = Object.entries({
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'same-origin',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  // The camera for the loupe, the serial port for a scale; nothing else, and for no other site.
  'Permissions-Policy': 'camera=(self), serial=(self), microphone=(), geolocation=(), payment=(), usb=(), midi=()',
}).map(([key, value]) => ({ key, value }))

/** The library of controls brings its words in 34 languages. */
const OTHER_LANGUAGE = /\/private\/intl\/(?:.*\/)?(?!en-US)[a-z]{2}-[A-Z]{2}\.mjs$/

const config: NextConfig = {
  turbopack: {
    rules: { '*.mjs': [{ condition: { path: OTHER_LANGUAGE }, loaders: ['./scripts/englishOnly.cjs'], as: '*.js' }] },
  },
  compiler: { styledComponents: true },
  env: { ROUGH_SWATCH_TABLES: hashOfCore() },
  poweredByHeader: false,
  // The title comes with the page for every reader, never after it: a refreshed page had none for a moment.
  htmlLimitedBots: /.*/,
  // `npm test` checks the types; the demo need not wait for them again.
  typescript: { ignoreBuildErrors: true },
  // Pictures of specimens come through a server action.
  experimental: {
    serverActions: { bodySizeLimit: '9mb' },
    // A notebook with its pictures that is taken in; behind a proxy file Next cuts bodies at 10 MB. Each route has a
    // narrower limit of its own.
    proxyClientMaxBodySize: '251mb',
  },
  // No picture goes through the optimiser, so that its route answers nothing.
  images: { unoptimized: true },
  redirects: () => Promise.resolve(redirectsOfMovedPages()),
  headers: () => Promise.resolve([{ source: '/:path*', headers: HEADERS }]),
  // libsql loads a native library by name at run time, and piscina its worker, which a bundler cannot follow.
  serverExternalPackages: ['libsql', 'piscina'],
  distDir: process.env.ROUGH_SWATCH_DIST ?? '.next',
}

export default config
