/** @type {import('jest').Config} */
export default {
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/tests/reference/**/*.test.ts'],
  transform: {
    '^.+\\.(tsx?|m?js)$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  // These ship as modules only.
  transformIgnorePatterns: [
    '/node_modules/(?!(kysely|uuid|clipper2-ts|earcut|svgpath|svg-parser|d3-contour|d3-array|internmap|colorjs\\.io|ts-fsrs|ical\\.js|polylabel|tinyqueue|syllable|flesch-kincaid)/)',
  ],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  setupFiles: ['<rootDir>/tests/support/dom.ts'],
  modulePathIgnorePatterns: ['<rootDir>/.next', '<rootDir>/.notebooks'],
  // Looked up in the sandbox each time, these cost more than what they do.
  sandboxInjectedGlobals: [
    'Math',
    'Number',
    'Object',
    'Array',
    'JSON',
    'Float64Array',
    'Float32Array',
    'Int32Array',
    'Uint32Array',
    'Uint16Array',
    'Int16Array',
    'Uint8Array',
    'Uint8ClampedArray',
  ],
  maxWorkers: 2,
  // A busy machine is slow, not wrong.
  testTimeout: 60_000,
}
