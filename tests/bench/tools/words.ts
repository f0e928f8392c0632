import { type Compared, type Spread } from './processor'
import { type Figure } from './report'

const shortly = (value: number) => (value < 10 ? value.toFixed(2) : value.toFixed(0))

/** A ratio with its spread. */
export function timesOf({ median, low, high }: Spread): string {
  return `${shortly(median)} × (${shortly(low)}–${shortly(high)})`
}

/** Processor time in the unit that suits it. @param ms of processor time */
export function timeOf(ms: number): string {
  if (ms >= 1000) return `${shortly(ms / 1000)} s`
  return ms >= 1 ? `${shortly(ms)} ms` : `${shortly(ms * 1000)} µs`
}

/** A comparison as a figure. @param most how many times the peer it may be at most */
export function ratioFigure(what: string, against: string, { own, peer, ratio }: Compared, most?: number): Figure {
  return {
    what,
    against,
    figure: timesOf(ratio),
    ...(most !== undefined && { aim: `${most} ×`, isMet: ratio.median <= most }),
    note: `${timeOf(own.median)} against ${timeOf(peer.median)}`,
  }
}
