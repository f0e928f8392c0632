/** So many wrong tries are free; each one after them doubles the wait. */
const FREE = 5
const FIRST_WAIT_MS = 2000
const LONGEST_WAIT_MS = 10 * 60 * 1000
/** Tries are forgotten after so long without one, ms. */
const FORGOTTEN_MS = 30 * 60 * 1000

/** How often the passphrase was said wrongly: for all together, since whoever guesses has many addresses. */
export class Tries {
  private wrong = 0
  private last = 0

  /** How long the next try has to wait, ms; 0 where it may be made. @param now ms since 1970 */
  waitMs(now: number): number {
    if (now - this.last > FORGOTTEN_MS) this.wrong = 0
    if (this.wrong < FREE) return 0
    const wait = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (this.wrong - FREE))
    return Math.max(0, this.last + wait - now)
  }

  /** A try is counted before it is looked at: many at once are many. */
  begin(now: number): void {
    this.wrong += 1
    this.last = now
  }

  right(): void {
    this.wrong = 0
  }
}

const kept = globalThis as { roughSwatchTries?: Tries }
export const tries = (): Tries => (kept.roughSwatchTries ??= new Tries())
