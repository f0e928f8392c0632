import { proxy, type Remote } from 'comlink'
import { type PictureJobs } from '@/workers/picture'
import { runIn, type Running } from '../runIn'

export type { Counted, PictureView } from '@/workers/picture'
export { Cancelled, type Running } from '../runIn'

/** Runs a job on a picture in a worker of its own; to cancel it ends the worker. */
export function runPictureJob<T>(
  job: (jobs: Remote<PictureJobs>, onProgress: (share: number) => void) => Promise<T>,
  onProgress: (share: number) => void,
): Running<T> {
  const worker = new Worker(new URL('../../../workers/picture.ts', import.meta.url), { type: 'module' })
  return runIn<PictureJobs, T>(
    worker,
    (jobs) => job(jobs, proxy(onProgress)),
    'This browser could not work on the photo.',
  )
}
