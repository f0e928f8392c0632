import { fibreById } from '../fibres/catalogue'
import { blendRules, type BlendRule, type MelterShare } from './blendRules'
import { type Feature, type Weights } from './features'
import { type Component } from './types'

/**
 * Probability of each report of one feature, given what the cloth is made of, in the order of `feature.states`; sums
 * to 1.
 * A mixture's reports are the parents' own, weighted by share and by how loudly each shows, then bent by
 * the blend rules where one parent melts and the other does not, then dulled by plain slips.
 */
export function reportProbabilities(feature: Feature, components: readonly Component[]): Float64Array {
  const mixed = plainMixture(feature, components)
  const melter = melterShare(components)
  for (const rule of blendRules) {
    if (rule.feature !== feature.id || melter === undefined) continue
    const reach = rule.strength * coverage(rule, components)
    if (reach === 0) continue
    const bent = normalised(feature, rule.weights[melter])
    for (let state = 0; state < mixed.length; state++)
      mixed[state] = (1 - reach) * mixed[state]! + reach * bent[state]!
  }
  const slip = feature.slip / mixed.length
  for (let state = 0; state < mixed.length; state++) mixed[state] = (1 - feature.slip) * mixed[state]! + slip
  return mixed
}

/** Probability that a person names more than one state: seldom of one family, often of two. */
export function severalProbability({ several }: Feature, components: readonly Component[]): number {
  if (!several) return 0
  const families = new Set(components.map(({ fibre }) => fibreById(fibre).family))
  if (families.size > 1) return several.mixed
  const [family] = families
  return several.aloneIn?.[family!] ?? several.alone
}

function plainMixture(feature: Feature, components: readonly Component[]): Float64Array {
  const mixed = new Float64Array(feature.states.length)
  let total = 0
  for (const { fibre, weight } of components) {
    const loudness = weight * (feature.salience[fibre] ?? feature.salience[fibreById(fibre).family] ?? 1)
    const row = normalised(feature, feature.weights[fibre])
    for (let state = 0; state < mixed.length; state++) mixed[state] = mixed[state]! + loudness * row[state]!
    total += loudness
  }
  for (let state = 0; state < mixed.length; state++) mixed[state] = mixed[state]! / total
  return mixed
}

function normalised(feature: Feature, weights: Weights): Float64Array {
  const row = Float64Array.from(feature.states, ({ id }) => weights[id] ?? 0)
  const sum = row.reduce((a, b) => a + b, 0)
  return row.map((weight) => weight / sum)
}

/** How much of the cloth melts, where some of it does and some does not; undefined where that is all or nothing. */
function melterShare(components: readonly Component[]): MelterShare | undefined {
  let melting = 0
  for (const { fibre, weight } of components) if (fibreById(fibre).thermoplastic) melting += weight
  if (melting === 0 || melting > 0.999) return undefined
  if (melting < 0.15) return 'trace'
  if (melting < 0.4) return 'minor'
  return melting <= 0.6 ? 'even' : 'main'
}

/** Share of the unmelting part that a rule speaks of. */
function coverage(rule: BlendRule, components: readonly Component[]): number {
  let spokenOf = 0
  let unmelting = 0
  for (const { fibre, weight } of components) {
    const { thermoplastic, family } = fibreById(fibre)
    if (thermoplastic) continue
    unmelting += weight
    if (rule.with.includes(family)) spokenOf += weight
  }
  return spokenOf / unmelting
}
