import { wrap, type Remote } from 'comlink'
import { type LayJobs } from '@/workers/lay'

/** A job of laying out under way in a worker of its own. */
export interface Job {
  /** Ends the worker, and the job with it. */
  end: () => void
}

/**
 * Starts a job in a worker of its own, which ends with it.
 * @param onEnd takes what went wrong in words, or nothing
 */
export function startJob(work: (jobs: Remote<LayJobs>) => Promise<unknown>, onEnd: (trouble?: string) => void): Job {
  const worker = new Worker(new URL('../../../workers/lay.ts', import.meta.url), { type: 'module' })
  let isOver = false
  const over = (trouble?: string) => {
    if (isOver) return
    isOver = true
    worker.terminate()
    onEnd(trouble)
  }
  worker.onerror = () => over('This browser could not lay it out.')
  work(wrap<LayJobs>(worker)).then(
    () => over(),
    (error: unknown) => over(error instanceof Error ? error.message : 'It could not be laid out.'),
  )
  return {
    end: () => {
      isOver = true
      worker.terminate()
    },
  }
}
