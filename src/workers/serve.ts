import { expose, type Endpoint } from 'comlink'

/** What a worker says once it listens: what is sent to it before, while its code still loads, is lost. */
export const READY = 'ready'

/**
 * Offers jobs to the page, and tells it that they can be asked for.
 * @param here the worker itself, or one end of a channel
 */
export function serve(jobs: object, here?: Endpoint): void {
  expose(jobs, here)
  if (here) here.postMessage(READY)
  else self.postMessage(READY)
}
