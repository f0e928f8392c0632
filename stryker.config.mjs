/**
 * StrykerJS: changes one small thing at a time, and sees whether a test notices. `scripts/mutants.mjs` says where.
 * @type {import('@stryker-mutator/api/core').PartialStrykerOptions}
 */
export default {
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  coverageAnalysis: 'perTest',
  // A change of words alone is no change of a rule.
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'ArrayDeclaration', 'Regex'] },
  // Every test of a folder that many use would take hours: its own and the reference tests are what guards it.
  jest: { configFile: 'jest.mutants.mjs', enableFindRelatedTests: false },
  concurrency: 2,
  timeoutMS: 20_000,
  tempDirName: 'test-results/mutants',
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: false },
  jsonReporter: { fileName: 'test-results/mutants.json' },
  ignorePatterns: ['.next', '.notebooks', 'docs/screenshots', '.shots', 'test-results'],
}
