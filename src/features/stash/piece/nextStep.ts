import { type WorthMeasuring } from '@/core/choose/worthMeasuring'
import { type OfferProperty } from '@/core/choose/fit/types'
import { type MeasurementKindId } from '@/core/notebook/measurements'
import { capitalise, countNoun } from '@/core/units/format'
import { propertyWords } from '../../shared/choose/words'
import { type PieceData } from './types'
import { mustHave } from '@/core/lists/items'

/** Which measurement tells of what the choosing asks. */
const MEASURED_BY: Partial<Record<OfferProperty, MeasurementKindId>> = {
  weight: 'weigh',
  'stretch-width': 'stretch',
  'stretch-length': 'stretch',
  body: 'drape',
  opacity: 'opacity',
  season: 'weigh',
}

/** The one thing to do next with a piece: what it is, why, and where. */
export type NextStep =
  { do: 'burn'; says: string; why: string } | { do: 'go'; says: string; why: string; href: string }

/**
 * What is worth doing next: to go on with a burn that was left,
 * to find out what nobody knows, then to measure what would move a score, then to choose.
 */
export function nextStepOf({
  piece,
  belief,
  tests,
  worth,
  material,
  unfinished,
}: Pick<PieceData, 'piece' | 'belief' | 'tests' | 'worth' | 'material' | 'unfinished'>): NextStep {
  if (unfinished) {
    const why = `You stopped after ${countNoun(unfinished.answers, 'answer')}.`
    return { do: 'go', says: unfinished.says, why, href: `/identify/burn/${unfinished.id}` }
  }
  if (material && !material.mayBurn && !worth.some(isMeasurable)) {
    const why = `Don’t burn ${capitalise(material.name)} to identify it.`
    return { do: 'go', says: 'Show sewing advice', why, href: `/stash/${piece.id}/sew` }
  }
  if (tests.length === 0 && piece.claim.length === 0 && (material?.mayBurn ?? true))
    return { do: 'burn', says: 'Start burn test', why: 'Its fibre is not known yet.' }
  if (belief?.claim?.verdict === 'contradicted')
    return { do: 'burn', says: 'Burn another sample', why: 'The test does not fit its label.' }
  const first = worth.find(isMeasurable)
  if (!first) {
    const why = 'No other measurement would change which patterns it suits.'
    return { do: 'go', says: 'Find patterns', why, href: `/stash/${piece.id}/patterns` }
  }
  const what = propertyWords(first.property)
  const scores = first.patterns === 1 ? 'one score' : `${first.patterns} scores`
  const most = Math.round(first.mostGain * 100)
  return {
    do: 'go',
    says: `Measure ${what}`,
    why: `Knowing its ${what} would change ${scores}; that of ${first.of} by up to ${most} points out of 100.`,
    href: `/identify/measure/${mustHave(MEASURED_BY[first.property])}?piece=${piece.id}`,
  }
}

/** What else would be worth measuring, in a sentence; empty where nothing. */
export function afterThat(worth: readonly WorthMeasuring[]): string {
  const others = worth.filter(isMeasurable).slice(1)
  const said = others.map(
    ({ property, of, mostGain }) =>
      `${propertyWords(property)} (up to ${Math.round(mostGain * 100)} points for ${of})`,
  )
  return said.length > 0 ? `After that: ${said.join('; ')}.` : ''
}

function isMeasurable({ property }: WorthMeasuring): boolean {
  return MEASURED_BY[property] !== undefined
}
