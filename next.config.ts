import type { NextConfig } from 'next'

const config: NextConfig = {
  compiler: { styledComponents: true },
  poweredByHeader: false,
  // `npm test` checks the types; the demo need not wait for them again.
  typescript: { ignoreBuildErrors: true },
  // Pictures of specimens come through a server action.
  experimental: { serverActions: { bodySizeLimit: '9mb' } },
  // libsql loads a native library by name at run time, which a bundler cannot follow.
  serverExternalPackages: ['libsql'],
  distDir: process.env.ROUGH_SWATCH_DIST ?? '.next',
}

export default config
