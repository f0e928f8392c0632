import { wrap, type Remote } from 'comlink'
import { READY } from '@/workers/serve'

/** The person stopped it. */
export class Cancelled extends Error {}

export interface Running<T> {
  answer: Promise<T>
  cancel: () => void
}

/**
 * Runs a job in a worker that is made for it and ends with it; to cancel the job ends the worker.
 * @param failed what is said where the browser could not run the worker at all
 */
export function runIn<Jobs, T>(worker: Worker, job: (jobs: Remote<Jobs>) => Promise<T>, failed: string): Running<T> {
  let stop = () => {}
  const stopped = new Promise<never>((_, reject) => {
    stop = () => reject(new Cancelled())
    worker.onerror = () => reject(new Error(failed))
  })
  const isReady = new Promise<void>((resolve) => {
    worker.addEventListener('message', ({ data }) => {
      if (data === READY) resolve()
    })
  })
  const answer = Promise.race([isReady.then(() => job(wrap<Jobs>(worker))), stopped]).finally(() =>
    worker.terminate(),
  )
  return { answer, cancel: () => stop() }
}
