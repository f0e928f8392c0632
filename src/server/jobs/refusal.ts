/** Why heavy work was not done. */
export type WhyNot = 'busy' | 'long' | 'large' | 'stopped'

const WORDS: Readonly<Record<WhyNot, string>> = {
  busy: 'The program is busy. Please try again in a moment.',
  long: 'This takes too long: something in it is far larger than usual, or never ends.',
  large: 'This needs more memory than there is: something in it is far larger than usual.',
  stopped: 'Stopped.',
}

/** Heavy work that was not done, and why. */
export class HeavyRefusal extends Error {
  constructor(readonly why: WhyNot) {
    super(WORDS[why])
    this.name = 'HeavyRefusal'
  }
}

/** Whether an error says so: pages and workers are bundled apart, each with a class of its own. */
export const isHeavyRefusal = (error: unknown): error is HeavyRefusal =>
  error instanceof Error && error.name === 'HeavyRefusal'

/** What the pool and its threads throw, as a refusal; undefined where it is another error. */
export function refusalOf(error: unknown): HeavyRefusal | undefined {
  if (isHeavyRefusal(error)) return error
  if (!(error instanceof Error)) return undefined
  const code = 'code' in error ? error.code : undefined
  if (code === 'ERR_WORKER_OUT_OF_MEMORY' || /heap limit|memory limit|Array buffer allocation/i.test(error.message))
    return new HeavyRefusal('large')
  if (error.name === 'AbortError') return new HeavyRefusal('stopped')
  return /queue is at limit/i.test(error.message) ? new HeavyRefusal('busy') : undefined
}
