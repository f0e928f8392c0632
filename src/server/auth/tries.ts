import { mustHave } from '@/core/lists/items'

/** So many wrong tries are free; each one after them doubles the wait. */
const FREE = 5
/** So many of all together: whoever guesses may have many addresses. */
const FREE_TOGETHER = 60
const FIRST_WAIT_MS = 2000
const LONGEST_WAIT_MS = 10 * 60 * 1000
/** Tries are forgotten after so long without one, ms. */
const FORGOTTEN_MS = 30 * 60 * 1000
/** More addresses are not told apart: the one that has not tried for longest makes room. */
const MOST_ADDRESSES = 1000

interface Count {
  wrong: number
  last: number
}

/** Who tries: by the address that the network tells, and whether they are of the house. */
export interface Trier {
  address: string
  /** On this machine, or let in before: others' guessing does not keep them waiting. */
  isOfTheHouse: boolean
}

/** How often the passphrase was said wrongly: by address, and by all together. */
export class Tries {
  private readonly counts = new Map<string, Count>()
  private readonly together: Count = { wrong: 0, last: 0 }

  /** How long the next try has to wait, ms; 0 where it may be made. @param now ms since 1970 */
  waitMs({ address, isOfTheHouse }: Trier, now: number): number {
    const own = waitOf(this.counts.get(placeOf(address)), FREE, now)
    return isOfTheHouse ? own : Math.max(own, waitOf(this.together, FREE_TOGETHER, now))
  }

  /** A try is counted before it is looked at: many at once are many. */
  begin({ address }: Trier, now: number): void {
    const place = placeOf(address)
    const own = this.counts.get(place) ?? { wrong: 0, last: 0 }
    this.counts.delete(place)
    this.counts.set(place, raised(own, now))
    Object.assign(this.together, raised(this.together, now))
    if (this.counts.size > MOST_ADDRESSES) this.counts.delete(mustHave(this.counts.keys().next().value))
  }

  right({ address }: Trier): void {
    const own = this.counts.get(placeOf(address))
    this.counts.delete(placeOf(address))
    this.together.wrong = Math.max(0, this.together.wrong - (own?.wrong ?? 0))
  }
}

function raised({ wrong, last }: Count, now: number): Count {
  return { wrong: (now - last > FORGOTTEN_MS ? 0 : wrong) + 1, last: now }
}

function waitOf(count: Count | undefined, free: number, now: number): number {
  if (!count || now - count.last > FORGOTTEN_MS || count.wrong < free) return 0
  return Math.max(0, count.last + Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (count.wrong - free)) - now)
}

/** Addresses of one house are one: of version 6 the first half, which is the network's (RFC 4291). */
function placeOf(address: string): string {
  const plain = address.replace(/^::ffff:/i, '')
  return plain.includes(':') ? plain.split(':').slice(0, 4).join(':') : plain
}

/** Whether an address is of this very machine. */
export const isLoopback = (address: string) => /^(?:::ffff:)?127\.|^::1$/i.test(address)

const kept = globalThis as { roughSwatchTries?: Tries }
export const tries = (): Tries => (kept.roughSwatchTries ??= new Tries())
