import { clothCalled } from '../cloths/catalogue'
import { foretellOpacity, lightnessOf, type ForetoldOpacity, type OpacityClues } from '../measure/opacity'
import { type Quantity } from '../units/quantity'
import { usualOpenShare } from '../weave/openness'
import { type KeptMeasurement } from './measurements'
import { threadCountOf } from './threads'
import { type Piece } from './kinds/piece'
import { type PropertySheet } from './sheet'

/** What shows through a piece, foretold without holding it up; null where not even its weight can be guessed. */
export function opacityForetold(
  piece: Piece,
  measurements: readonly KeptMeasurement[],
  sheet: Pick<PropertySheet, 'weightNow'>,
): ForetoldOpacity | null {
  return listingOpacity({
    called: piece.called,
    gsm: sheet.weightNow?.gsm,
    filament: null,
    lightness: (lightnessOf(piece.look.warp) + lightnessOf(piece.look.weft)) / 2,
    threads: threadCountOf(measurements) ?? undefined,
  })
}

/** What is said of a cloth that is only a listing on a screen. */
export interface ForetoldListing extends Pick<OpacityClues, 'threads' | 'filament' | 'lightness'> {
  /** Free text; a known name gives the weave, and a weight where none is said. */
  called: string
  gsm?: Quantity
}

/** What shows through a cloth that one cannot hold up; null where not even its weight can be guessed. */
export function listingOpacity({ called, gsm: said, ...clues }: ForetoldListing): ForetoldOpacity | null {
  const named = clothCalled(called)
  const gsm =
    said ?? (named && { value: Math.sqrt(named.gsm[0] * named.gsm[1]), sd: (named.gsm[1] - named.gsm[0]) / 4 })
  return gsm
    ? foretellOpacity({
        gsm: gsm.value,
        gsmUncertainty: gsm.sd,
        openShare: usualOpenShare(named?.interlacing ?? 'plain'),
        ...clues,
      })
    : null
}

/** How often the foretelling came true, over pieces that were foretold and then held up. */
export interface ForetellingRecord {
  checked: number
  right: number
  /** Mean probability that was given to what was then seen. */
  meanProbability: number
}

/** @param foretold of each piece foretold and then held up: whether it came true, and how surely it was said */
export function foretellingRecord(foretold: readonly { right: boolean; probability: number }[]): ForetellingRecord {
  const sum = foretold.reduce((all, { probability }) => all + probability, 0)
  return {
    checked: foretold.length,
    right: foretold.filter(({ right }) => right).length,
    meanProbability: foretold.length === 0 ? 0 : sum / foretold.length,
  }
}
