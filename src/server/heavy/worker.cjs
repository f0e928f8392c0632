/* eslint-disable @typescript-eslint/no-require-imports -- piscina wants one file with every task on it */
// Runs the tasks from their source: a worker thread is no part of what the bundler made.
require('tsx/cjs/api').register()
module.exports = require('./tasks.ts')
