import { readdirSync, readFileSync } from 'node:fs'

/** A number of many measurements of it: its median, and where the middle four fifths of them lie. */
export interface Spread {
  median: number
  low: number
  high: number
}

export function spreadOf(values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b)
  const at = (quantile: number) => sorted[Math.round(quantile * (sorted.length - 1))] ?? Number.NaN
  return { median: at(0.5), low: at(0.1), high: at(0.9) }
}

/** Rounds that are measured, and those before them that warm both ways. */
const [ROUNDS, WARM] = [30, 8]

/** What a call took, what its peer took, ms of processor time, and how many times the one is the other. */
export interface Compared {
  own: Spread
  peer: Spread
  ratio: Spread
}

/**
 * Measures a call against its peer, one after the other, both warm: a busy machine slows both alike.
 * @param clock ms of processor time since some moment
 */
export async function compare(
  call: () => unknown,
  peer: () => unknown,
  { rounds = ROUNDS, warm = WARM, clock = ownProcessorMs } = {},
): Promise<Compared> {
  const [own, other]: [number[], number[]] = [[], []]
  for (let i = 0; i < rounds + warm; i++) {
    const [a, b] = [await cost(call, clock), await cost(peer, clock)]
    if (i < warm) continue
    own.push(a)
    other.push(b)
  }
  const ratio = spreadOf(own.map((ms, i) => ms / (other[i] ?? Number.NaN)))
  return { own: spreadOf(own), peer: spreadOf(other), ratio }
}

/** What a call takes, ms of processor time; a short one is done so often that the clock can tell it. */
export async function cost(call: () => unknown, clock = ownProcessorMs): Promise<number> {
  const since = clock()
  for (let times = 1; ; times++) {
    await call()
    const spent = clock() - since
    if (spent >= SHORTEST_MS || clock !== ownProcessorMs) return spent / times
  }
}

/** Less than this the clock cannot tell well, ms. */
const SHORTEST_MS = 3

/** Of this process and all its threads. */
export function ownProcessorMs(): number {
  const { user, system } = process.cpuUsage()
  return (user + system) / 1000
}

/** Of another process and all its threads, as the kernel counts it. */
export function processorMsOf(pid: number): number {
  let ns = 0
  for (const thread of readdirSync(`/proc/${pid}/task`)) {
    try {
      ns += Number(readFileSync(`/proc/${pid}/task/${thread}/schedstat`, 'utf8').split(' ')[0])
    } catch {
      // It ended meanwhile.
    }
  }
  return ns / 1e6
}

/** Memory of another process that lies in the machine's own, MB. */
export function memoryMbOf(pid: number): number {
  const kb = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]
  return Number(kb) / 1024
}
