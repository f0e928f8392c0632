import { spawnSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { root, run } from './lib.mjs'

/** Debian’s Chromium without a window takes two thirds of the time of the one with windows; either will do. */
const { chromium: PACKAGES } = JSON.parse(readFileSync(join(root, 'scripts', 'debian.json'), 'utf8'))

/** Where Debian’s Chromium is; CHROMIUM names another. Undefined where there is none. */
export function chromiumPath() {
  const { CHROMIUM } = process.env
  if (CHROMIUM) return existsSync(CHROMIUM) ? CHROMIUM : undefined
  return PACKAGES.map((name) => `/usr/bin/${name}`).find((path) => existsSync(path))
}

/** Installs it where it is missing and may be installed. @returns its path, or undefined where there is none still */
export function ensureChromium() {
  const found = chromiumPath()
  // The one with windows does too, but the other is worth seven seconds.
  if (found?.endsWith(PACKAGES[0]) || (found && process.env.CHROMIUM)) return found
  const mayInstall = process.getuid?.() === 0 && spawnSync('which', ['apt-get']).status === 0
  if (mayInstall) PACKAGES.some(installed)
  const now = chromiumPath()
  if (!now)
    console.error(
      '\nThe browser tests need Chromium. Install Debian’s package (apt-get install chromium-headless-shell, or ' +
        'chromium), or set CHROMIUM to where it is.',
    )
  return now
}

function installed(name) {
  if (chromiumPath()?.endsWith(name)) return true
  console.log(`Installing Debian’s ${name}…`)
  const options = { DEBIAN_FRONTEND: 'noninteractive' }
  if (run('apt-get', ['update', '-qq'], options) !== 0 && chromiumPath()) return true
  return run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], options) === 0
}

// Run by itself it only fetches: beside work that waits for nothing.
if (process.argv[1] === fileURLToPath(import.meta.url)) ensureChromium()
