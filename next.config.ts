import type { NextConfig } from 'next'

const config: NextConfig = {
  compiler: { styledComponents: true },
  poweredByHeader: false,
  // libsql loads a native library by name at run time, which a bundler cannot follow.
  serverExternalPackages: ['libsql'],
  distDir: process.env.ROUGH_SWATCH_DIST ?? '.next',
}

export default config
