import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { type MessagePort } from 'node:worker_threads'
import { Piscina } from 'piscina'
import type * as tasks from './tasks'

type Tasks = typeof tasks

/** Two cores: one for the work, and one for the pages. */
const MOST_WORKERS = 2
/** So many may wait; the next is told to come again. */
const MOST_WAITING = 16
/** A worker that has nothing to do ends after so long, ms. */
const IDLE_MS = 60_000

/** There is more heavy work waiting than will be done in reasonable time. */
export class TooBusyError extends Error {
  constructor() {
    super('There is more to reckon than can be done at once. Try again in a moment.')
    this.name = 'TooBusyError'
  }
}

// A development server reloads modules; the workers stay.
const kept = globalThis as { roughSwatchPool?: Piscina }

/** What the build bundled; in development and in tests the source itself. The bundler of the pages follows neither. */
function workerFile(): string {
  const dist = process.env.ROUGH_SWATCH_DIST ?? '.next'
  const bundled = join(/* turbopackIgnore: true */ process.cwd(), dist, 'heavy/index.mjs')
  if (process.env.NODE_ENV === 'production' && existsSync(bundled)) return bundled
  return join(/* turbopackIgnore: true */ process.cwd(), 'src/server/heavy/worker.cjs')
}

function pool(): Piscina {
  kept.roughSwatchPool ??= new Piscina({
    filename: workerFile(),
    maxThreads: MOST_WORKERS,
    minThreads: 0,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
  })
  return kept.roughSwatchPool
}

/**
 * Runs a heavy task in a worker thread, so that the pages stay quick meanwhile.
 * @param signal ends it before its time, and the worker with it
 * @param handedOver what of the task goes over to the worker altogether
 * @throws TooBusyError where too many wait already
 */
export async function runHeavy<Name extends keyof Tasks>(
  name: Name,
  task: Parameters<Tasks[Name]>[0],
  signal?: AbortSignal,
  handedOver: readonly MessagePort[] = [],
): Promise<Awaited<ReturnType<Tasks[Name]>>> {
  const workers = pool()
  if (workers.queueSize >= MOST_WAITING) throw new TooBusyError()
  return workers.run(task, { name, transferList: [...handedOver], ...(signal ? { signal } : {}) }) as Promise<
    Awaited<ReturnType<Tasks[Name]>>
  >
}

/** Ends the workers. */
export async function endHeavy(): Promise<void> {
  await kept.roughSwatchPool?.destroy()
  kept.roughSwatchPool = undefined
}
