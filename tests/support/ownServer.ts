import { spawn, type ChildProcess } from 'node:child_process'
import { createServer } from 'node:net'

/** The built program with a notebook of its own, on a port of its own. */
export interface OwnServer {
  url: string
  pid: number | undefined
  /** Ends it, and waits until it is gone. SIGTERM unless another signal is given. */
  stop: (signal?: NodeJS.Signals) => Promise<void>
}

/** A start takes about two seconds; a machine that does other work meanwhile is slow, not wrong. */
const LONGEST_START_MS = 150_000

/** A port that nobody listens on at this moment. */
function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() =>
        typeof address === 'object' && address ? resolve(address.port) : reject(new Error('no port')),
      )
    })
  })
}

/**
 * Starts the built program with the notebook of that folder, and waits until it answers.
 * @throws Error where it does not within some minutes
 */
export async function startServer(
  home: string,
  port?: number,
  more: Record<string, string> = {},
): Promise<OwnServer> {
  const at = port ?? (await freePort())
  const url = `http://127.0.0.1:${at}`
  const child = spawn(process.execPath, ['scripts/front.mjs', '-H', '127.0.0.1', '-p', String(at)], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      ROUGH_SWATCH_HOME: home,
      ROUGH_SWATCH_KIT: 'shown',
      NEXT_TELEMETRY_DISABLED: '1',
      ...more,
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  await untilItAnswers(url, child)
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()))
  return {
    url,
    pid: child.pid,
    stop: (signal = 'SIGTERM') => {
      child.kill(signal)
      return ended
    },
  }
}

async function untilItAnswers(url: string, child: ChildProcess): Promise<void> {
  const since = Date.now()
  for (;;) {
    const answer = await fetch(`${url}/settings`, { signal: AbortSignal.timeout(5000) }).catch(() => undefined)
    // A shared one answers with its door.
    if (answer?.ok || answer?.status === 401) return
    if (child.exitCode !== null || Date.now() - since > LONGEST_START_MS) throw new Error('the server did not start')
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}
