import { acetone } from './acetone'
import { afterglow } from './afterglow'
import { afterRemoval } from './afterRemoval'
import { approach } from './approach'
import { bleach } from './bleach'
import { crush } from './crush'
import { dryingTwist } from './dryingTwist'
import { flame } from './flame'
import { float } from './float'
import { ignition } from './ignition'
import { loupeFibre } from './loupeFibre'
import { lustre } from './lustre'
import { melting } from './melting'
import { residue } from './residue'
import { residueColour } from './residueColour'
import { scrunch } from './scrunch'
import { smell } from './smell'
import { smoke } from './smoke'
import { touch } from './touch'
import { type Feature } from './types'
import { waterDrop } from './waterDrop'
import { wetStrength } from './wetStrength'
import { yarnBreak } from './yarnBreak'
import { yarnType } from './yarnType'

/** The burn, in the order in which things happen at the flame. */
export const burnFeatures: readonly Feature[] = [
  approach,
  ignition,
  flame,
  melting,
  afterRemoval,
  afterglow,
  smoke,
  smell,
  residue,
  residueColour,
  crush,
]

/** Everything that needs no flame. */
export const otherFeatures: readonly Feature[] = [
  waterDrop,
  wetStrength,
  yarnBreak,
  yarnType,
  scrunch,
  lustre,
  touch,
  dryingTwist,
  loupeFibre,
  float,
  acetone,
  bleach,
]

export const features: readonly Feature[] = [...burnFeatures, ...otherFeatures]

const byId = new Map<string, Feature>(features.map((feature) => [feature.id, feature]))

/** The feature of that id, or undefined. */
export function findFeature(id: string): Feature | undefined {
  return byId.get(id)
}

/** @throws RangeError when the id is not in the vocabulary. */
export function featureById(id: string): Feature {
  const found = byId.get(id)
  if (!found) throw new RangeError(`featureById: nothing observable is called "${id}"`)
  return found
}

/** The words for one state; its id where it is unknown. */
export function stateLabel(featureId: string, stateId: string): string {
  return byId.get(featureId)?.states.find(({ id }) => id === stateId)?.label ?? stateId
}

export type { Feature, Guide, Hazard, State, StateWeights } from './types'
