/* eslint-disable @typescript-eslint/no-require-imports -- piscina wants one file with every task on it */
// Runs the tasks from their source: a worker thread is no part of what the bundler made.
require('tsx/cjs/api').register()

// The task says when it is begun: its limit of time runs from there.
for (const [name, run] of Object.entries(require('./tasks.ts')))
  module.exports[name] = ({ task, begun }) => {
    begun.postMessage('begun')
    return run(task)
  }
