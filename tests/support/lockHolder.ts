import { spawn } from 'node:child_process'

const HOLDER = `
  const Database = require('libsql')
  const [file, times, mostMs, restMs] = [process.argv[1], ...process.argv.slice(2).map(Number)]
  const db = new Database(file, { timeout: 5000 })
  const rest = (ms) => Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms)
  for (let held = 0; held < times; ) {
    try {
      db.exec('begin immediate')
      if (held++ === 0) process.stdout.write('held')
      rest(mostMs * Math.random())
      db.exec('commit')
    } catch {}
    rest(restMs * Math.random())
  }
`

/**
 * Another program that takes the write lock of a notebook again and again.
 * @param times how often; it ends by itself afterwards
 * @param mostMs how long it holds it at the most
 * @param restMs how long it rests between at the most
 */
export function holdLock(file: string, times: number, mostMs: number, restMs: number) {
  const child = spawn(process.execPath, ['-e', HOLDER, file, String(times), String(mostMs), String(restMs)], {
    cwd: process.cwd(),
  })
  return {
    /** It holds the lock for the first time. */
    holds: new Promise<void>((resolve) => child.stdout.once('data', () => resolve())),
    /** It has ended. */
    done: new Promise<void>((resolve) => child.once('exit', () => resolve())),
    end: () => child.kill('SIGKILL'),
  }
}
