import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = join(dirname(fileURLToPath(import.meta.url)), '..')
export const bin = (name) => join(root, 'node_modules', '.bin', name)

/** Runs a command with its output shown; answers its exit code. */
export function run(command, args, env = {}) {
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  })
  return status ?? 1
}

/** The same beside other work. @returns a promise of its exit code */
export function runBeside(command, args) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit' })
    child.on('error', () => done(1))
    child.on('exit', (code) => done(code ?? 1))
  })
}

/** Runs a command, and ends with a plain message where it fails. */
export function must(what, command, args, env) {
  if (run(command, args, env) !== 0) {
    console.error(`\n${what} failed; see above.`)
    process.exit(1)
  }
}

/** Installs from the lock file what is missing; a stamp in node_modules says which lock file it was. */
export function ensureInstalled() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
  const stamp = join(root, 'node_modules', '.rough-swatch-lock')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  console.log('Installing what the lock file names…')
  must('Installing', 'npm', ['ci', '--include=dev', '--no-audit', '--no-fund'])
  writeFileSync(stamp, lock)
}

/** Builds the program unless a build of these very sources is there. */
export function ensureBuilt() {
  const stamp = join(root, '.next', 'rough-swatch-sources')
  const sources = sourceHash()
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === sources) return
  console.log('Building…')
  must('Building', process.execPath, [join(root, 'scripts', 'build.mjs')])
  writeFileSync(stamp, sources)
}

function sourceHash() {
  const hash = createHash('sha256')
  const visit = (path) => {
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) visit(join(path, name))
      return
    }
    if (/\.test\.tsx?$/.test(path)) return
    hash.update(path.slice(root.length)).update(readFileSync(path))
  }
  for (const name of ['src', 'next.config.ts', 'package-lock.json', 'tsconfig.json']) visit(join(root, name))
  return hash.digest('hex')
}

/** Serves the built program on the loopback address until it is stopped. */
export function serve({ home, port }) {
  mkdirSync(home, { recursive: true })
  // More than one name, by comma: the first is listened on, all are answered to.
  const host = (process.env.ROUGH_SWATCH_HOST ?? '').split(',')[0].trim() || '127.0.0.1'
  console.log(`\nRough Swatch is at http://${host}:${port}/\nNotebook: ${home}\nStop it with Ctrl+C.\n`)
  const child = spawn(process.execPath, ['scripts/front.mjs', '-H', host, '-p', String(port)], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NODE_ENV: 'production', ROUGH_SWATCH_HOME: home, NEXT_TELEMETRY_DISABLED: '1' },
  })
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
  child.on('exit', (code) => process.exit(code ?? 0))
}

export const port = () => Number(process.env.PORT || 4170)
