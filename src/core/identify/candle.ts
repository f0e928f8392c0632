import { type Observation } from './types'

/**
 * Signs that a candle leaves by itself, and how often each is reported where one is used: its wax is smelt, its soot
 * rises and blackens what is left. From memory of teaching practice.
 */
const SIGNS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  smell: { paraffin: 0.25 },
  smoke: { 'black-sooty': 0.4, dark: 0.3 },
  residue: { 'fluffy-black': 0.4 },
  'residue-colour': { black: 0.5 },
}

/** How often a home burn is made over a candle; from memory. */
const CANDLE_SHARE = 0.15

export interface CandleReading {
  /** What was seen, without what the candle did. */
  rest: Observation[]
  /** Natural log of how likely a candle was there and left those signs; and of how likely none was. */
  logCandle: number
  logNone: number
}

/**
 * The same report read as if a candle had left its own signs in it. Only a smell of wax gives rise to the thought.
 * @returns undefined where nothing smelt of wax
 */
export function readAsCandle(observations: readonly Observation[]): CandleReading | undefined {
  if (!observations.some(({ feature, states }) => feature === 'smell' && states.includes('paraffin')))
    return undefined
  let log = Math.log(CANDLE_SHARE)
  const rest: Observation[] = []
  for (const observation of observations) {
    const signs = SIGNS[observation.feature] ?? {}
    const states = observation.states.filter((state) => signs[state] === undefined)
    for (const state of observation.states) log += Math.log(signs[state] ?? 1)
    if (states.length > 0) rest.push({ ...observation, states })
  }
  return { rest, logCandle: log, logNone: Math.log(1 - CANDLE_SHARE) }
}
