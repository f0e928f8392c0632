import config from './jest.config.mjs'

/** The tests that guard a folder: its own, and the reference tests that were named. */
export default { ...config, testMatch: JSON.parse(process.env.MUTANTS_TESTS ?? '[]') }
