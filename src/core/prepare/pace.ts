/** How long a step took, beside how long it was planned to; minutes of hands. */
export interface Took {
  planned: number
  minutes: number
}

/** As many steps as planned are believed beforehand: two or three steps say little. */
const BELIEVED = 4
/** Nobody is taken for faster or slower than this. */
const [FASTEST, SLOWEST] = [0.6, 1.8]

/**
 * How much longer, or shorter, somebody takes than is planned: the mean of the ratios in logarithms, drawn towards one
 * by as many steps as are believed beforehand, and bounded. Our own model.
 * @returns a factor on minutes of hands; 1 where nothing is known
 */
export function paceOf(took: readonly Took[]): number {
  const ratios = took.filter(({ planned, minutes }) => planned > 0 && minutes > 0)
  const sum = ratios.reduce((all, { planned, minutes }) => all + bounded(Math.log(minutes / planned)), 0)
  return Math.exp(sum / (ratios.length + BELIEVED))
}

/** One step that was forgotten at the watch does not move all. */
const bounded = (log: number) => Math.min(Math.log(SLOWEST), Math.max(Math.log(FASTEST), log))

/** Minutes at that pace, in steps of five. */
export function atPace(minutes: number, pace: number): number {
  return pace === 1 || minutes === 0 ? minutes : Math.max(5, Math.round((minutes * pace) / 5) * 5)
}
