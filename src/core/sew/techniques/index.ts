import { hems } from './hems'
import { seams } from './seams'
import { type Technique } from './types'
import { ways } from './ways'

export { type DrawingStroke, type StrokeKind, type Technique, type TechniqueStep } from './types'

/** Seams, hems and ways of working, each drawn. */
export const techniques: readonly Technique[] = [...seams, ...hems, ...ways]

const known = new Map(techniques.map((technique) => [technique.id, technique]))

/** The technique of that id, where it is drawn. */
export const techniqueOf = (id: string): Technique | undefined => known.get(id)
