import { fibreById } from '../fibres/catalogue'
import { type Fibre } from '../fibres/types'
import { blendRules, type BlendRule, type BlendShare } from './blendRules'
import { type Feature, type StateWeights } from './features'
import { type Component } from './types'
import { weightsOf } from './weights'
import { floatAt } from '../lists/items'

/**
 * Probability of each report of one feature, given what the cloth is made of, in the order of `feature.states`; sums
 * to 1.
 * A mixture's reports are the parents' own, weighted by share and by how loudly each shows, then bent by
 * the blend rules, then dulled by plain slips.
 */
export function reportProbabilities(feature: Feature, components: readonly Component[]): Float64Array {
  const mixed = plainMixture(feature, components)
  for (const rule of blendRules) {
    if (rule.feature !== feature.id) continue
    const bend = bendOf(rule, components)
    if (!bend) continue
    const bent = normalised(feature, rule.weights[bend.share])
    for (let state = 0; state < mixed.length; state++)
      mixed[state] = (1 - bend.reach) * floatAt(mixed, state) + bend.reach * floatAt(bent, state)
  }
  return dulled(feature, mixed)
}

/** Probability of each report of a material that is told by its own row alone. */
export function rowProbabilities(feature: Feature, weights: StateWeights): Float64Array {
  return dulled(feature, normalised(feature, weights))
}

/** Plain slips, spread over all states. */
function dulled({ slip }: Feature, row: Float64Array): Float64Array {
  for (let state = 0; state < row.length; state++) row[state] = (1 - slip) * floatAt(row, state) + slip / row.length
  return row
}

/** Probability that a person names more than one state: seldom of one family, often of two. */
export function severalProbability({ several }: Feature, components: readonly Component[]): number {
  if (!several) return 0
  const families = new Set(components.map(({ fibre }) => fibreById(fibre).family))
  if (families.size > 1) return several.mixed
  const [family] = families
  return (family && several.aloneIn?.[family]) ?? several.alone
}

function plainMixture(feature: Feature, components: readonly Component[]): Float64Array {
  const mixed = new Float64Array(feature.states.length)
  let total = 0
  for (const { fibre, weight } of components) {
    const loudness = weight * (feature.salience[fibre] ?? feature.salience[fibreById(fibre).family] ?? 1)
    const row = normalised(feature, weightsOf(feature)[fibre])
    for (let state = 0; state < mixed.length; state++)
      mixed[state] = floatAt(mixed, state) + loudness * floatAt(row, state)
    total += loudness
  }
  for (let state = 0; state < mixed.length; state++) mixed[state] = floatAt(mixed, state) / total
  return mixed
}

function normalised(feature: Feature, weights: StateWeights): Float64Array {
  const row = Float64Array.from(feature.states, ({ id }) => weights[id] ?? 0)
  const sum = row.reduce((a, b) => a + b, 0)
  return row.map((weight) => weight / sum)
}

/** How far a rule bends the reports of a mixture, and by which of its rows; undefined where it says nothing of it. */
function bendOf(rule: BlendRule, components: readonly Component[]): { share: BlendShare; reach: number } | undefined {
  return rule.of === 'melting' ? meltBend(rule, components) : proteinBend(rule, components)
}

/** By how much of the cloth melts; it reaches as far as the rule speaks of what does not. */
function meltBend(rule: BlendRule, components: readonly Component[]) {
  const melting = weightOf(components, ({ thermoplastic }) => thermoplastic)
  if (melting === 0 || melting > ALL_OF_IT) return undefined
  const spokenOf = weightOf(components, ({ thermoplastic, family }) => !thermoplastic && rule.with.includes(family))
  if (spokenOf === 0) return undefined
  return { share: shareOf(melting), reach: (rule.strength * spokenOf) / (1 - melting) }
}

/** By how much hair there is beside cellulose; it reaches as far as there is nothing else. */
function proteinBend(rule: BlendRule, components: readonly Component[]) {
  const protein = weightOf(components, ({ family }) => family === 'protein')
  const other = weightOf(components, ({ family }) => rule.with.includes(family))
  if (protein === 0 || other === 0) return undefined
  const both = protein + other
  return { share: shareOf(protein / both), reach: rule.strength * both }
}

const ALL_OF_IT = 0.999

function shareOf(part: number): BlendShare {
  if (part < 0.15) return 'trace'
  if (part < 0.4) return 'minor'
  return part <= 0.6 ? 'even' : 'main'
}

function weightOf(components: readonly Component[], test: (fibre: Fibre) => boolean): number {
  return components.reduce((sum, { fibre, weight }) => sum + (test(fibreById(fibre)) ? weight : 0), 0)
}
