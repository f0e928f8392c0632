import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { MessageChannel, type MessagePort } from 'node:worker_threads'
import { Piscina } from 'piscina'
import { HeavyRefusal, refusalOf } from './refusal'

/**
 * What the worker threads can do, by its name. Filled by `tasks/register.ts`: the pool knows how work is done, and not
 * what.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- filled where the tasks are
export interface Jobs {}

/** Two cores: one for the work, and one for the pages. */
const MOST_WORKERS = 2
/** So many may wait; the next is told to come again. */
const MOST_WAITING = 16
/** A worker that has nothing to do ends after so long, ms. */
const IDLE_MS = 60_000

/** The most that a worker may hold, MiB: what takes more is refused. */
const MOST_MIB = 768
/** What is new in it is swept once it is so much, MiB. */
const YOUNG_MIB = 16
/** The longest that work may take once it is begun, seconds; what is not named here takes as long as it takes. */
const SECONDS: Partial<Record<keyof Jobs, number>> = {
  ...{ readOutlines: 15, readCalendar: 10, takeTable: 60, countPicture: 30, cleanPicture: 30, coloursOf: 15 },
  ...{ layCloth: 90, planTogether: 60, rankCloths: 120, printCards: 120, printBook: 120, printLay: 60 },
}

/** What a page waits for: it comes later rather than not at all. */
const PATIENT: readonly (keyof Jobs)[] = ['planTogether', 'rankCloths', 'lookPiecesOver', 'checkRecords', 'coloursOf']
const PATIENCE_MS = 30_000
const STEP_MS = 100

type JobTask<Name extends keyof Jobs> = Jobs[Name] extends (task: infer Task) => unknown ? Task : never
type JobAnswer<Name extends keyof Jobs> = Jobs[Name] extends (task: never) => infer Answer ? Awaited<Answer> : never

// A development server reloads modules; the workers stay.
const kept = globalThis as { roughSwatchPool?: Piscina }

/** What the build bundled; in development and in tests the source itself. The bundler of the pages follows neither. */
function workerFile(): string {
  const dist = process.env.ROUGH_SWATCH_DIST ?? '.next'
  const bundled = join(/* turbopackIgnore: true */ process.cwd(), dist, 'heavy/index.mjs')
  if (process.env.NODE_ENV === 'production' && existsSync(bundled)) return bundled
  return join(/* turbopackIgnore: true */ process.cwd(), 'src/server/tasks/worker.cjs')
}

function pool(): Piscina {
  kept.roughSwatchPool ??= new Piscina({
    filename: workerFile(),
    maxThreads: MOST_WORKERS,
    minThreads: 0,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MIB, maxYoungGenerationSizeMb: YOUNG_MIB },
  })
  return kept.roughSwatchPool
}

/**
 * Runs a heavy task in a worker thread, so that the pages stay quick meanwhile. Work that takes too long or too much
 * memory is ended, and its worker with it.
 * @param signal ends it before its time: a client that went away, a person who stopped it
 * @param handedOver what of the task goes over to the worker altogether
 * @throws HeavyRefusal where too many wait already, it takes too long or too much, or is stopped
 */
export async function runJob<Name extends keyof Jobs>(
  name: Name,
  task: JobTask<Name>,
  signal?: AbortSignal,
  handedOver: readonly MessagePort[] = [],
): Promise<JobAnswer<Name>> {
  const workers = pool()
  const until = Date.now() + (PATIENT.includes(name) ? PATIENCE_MS : 0)
  while (workers.queueSize >= MOST_WAITING) {
    if (signal?.aborted) throw new HeavyRefusal('stopped')
    if (Date.now() >= until) throw new HeavyRefusal('busy')
    await new Promise((resolve) => setTimeout(resolve, STEP_MS))
  }
  const clock = timeLimit(SECONDS[name])
  const ends = [clock.signal, ...(signal ? [signal] : [])]
  try {
    return (await workers.run(
      { task, begun: clock.begun },
      { name, transferList: [...handedOver, clock.begun], signal: AbortSignal.any(ends) },
    )) as JobAnswer<Name>
  } catch (error) {
    if (clock.signal.aborted) throw new HeavyRefusal('long')
    throw refusalOf(error) ?? error
  } finally {
    clock.end()
  }
}

/** A limit of time that runs from when the work is begun: waiting for a free worker does not count. */
function timeLimit(seconds: number | undefined) {
  const { port1, port2 } = new MessageChannel()
  const over = new AbortController()
  let timer: NodeJS.Timeout | undefined
  port1.once('message', () => {
    if (seconds !== undefined) timer = setTimeout(() => over.abort(), seconds * 1000)
  })
  port1.unref()
  const end = () => {
    clearTimeout(timer)
    port1.close()
  }
  return { signal: over.signal, begun: port2, end }
}

/** Ends the workers. */
export async function endHeavy(): Promise<void> {
  await kept.roughSwatchPool?.destroy()
  kept.roughSwatchPool = undefined
}
