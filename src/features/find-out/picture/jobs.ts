import { proxy, wrap, type Remote } from 'comlink'
import { type PictureJobs } from '@/workers/picture'

export type { Counted, View } from '@/workers/picture'

/** The person stopped it. */
export class Cancelled extends Error {}

export interface Running<T> {
  answer: Promise<T>
  cancel: () => void
}

/** Runs a job on a picture in a worker of its own; to cancel it ends the worker. */
export function runJob<T>(
  job: (jobs: Remote<PictureJobs>, onProgress: (share: number) => void) => Promise<T>,
  onProgress: (share: number) => void,
): Running<T> {
  const worker = new Worker(new URL('../../../workers/picture.ts', import.meta.url), { type: 'module' })
  let stop = () => {}
  const stopped = new Promise<never>((_, reject) => {
    stop = () => reject(new Cancelled())
    worker.onerror = () => reject(new Error('This browser could not work on the picture.'))
  })
  const answer = Promise.race([job(wrap<PictureJobs>(worker), proxy(onProgress)), stopped]).finally(() =>
    worker.terminate(),
  )
  return { answer, cancel: () => stop() }
}
