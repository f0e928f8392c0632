import { type ThreadCount } from '@/core/loupe/count'
import { type Shadow } from '@/core/loupe/disc'
import { type Line } from '@/core/loupe/overlay'
import { type Shot } from '@/demo/standins/camera'

/** A piece of a picture, ready to be laid on a canvas. */
export interface View {
  bitmap: ImageBitmap
  /** Where it lies in the picture, pixels. */
  left: number
  top: number
  width: number
  height: number
}

/** What can be done to a picture, each away from the page. */
export type Job =
  | { kind: 'open'; file: Blob }
  | { kind: 'near'; file: Blob; sidePx: number }
  | { kind: 'count'; file: Blob; pixelsPerCm: number }
  | { kind: 'shadow'; file: Blob }
  | { kind: 'shoot'; shot: Shot }

export interface Answers {
  open: View
  near: View
  /** What was counted, its lines in the picture, and the middle of it from near. */
  count: { count: ThreadCount; lines: [Line[], Line[]]; view: View }
  shadow: Shadow
  shoot: { file: Blob; pixelsPerCm: number }
}

/** What the worker says. */
export type Said = { progress: number } | { done: unknown } | { failed: string }

export interface Running<K extends Job['kind']> {
  answer: Promise<Answers[K]>
  cancel: () => void
}

/** The person stopped it. */
export class Cancelled extends Error {}

/** Runs a job in a worker of its own; to cancel it ends the worker. */
export function runJob<K extends Job['kind']>(
  job: Extract<Job, { kind: K }>,
  onProgress: (share: number) => void = () => {},
): Running<K> {
  const worker = new Worker(new URL('./pictureWorker.ts', import.meta.url), { type: 'module' })
  let stop = () => {}
  const answer = new Promise<Answers[K]>((resolve, reject) => {
    stop = () => reject(new Cancelled())
    worker.onmessage = ({ data }: MessageEvent<Said>) => {
      if ('progress' in data) onProgress(data.progress)
      else if ('done' in data) resolve(data.done as Answers[K])
      else reject(new Error(data.failed))
    }
    worker.onerror = () => reject(new Error('This browser could not work on the picture.'))
    worker.postMessage(job)
  }).finally(() => worker.terminate())
  return { answer, cancel: () => stop() }
}
