import { z } from 'zod'
import { ROLES } from '../../vocabulary/choosing'
import { LAYERS } from '../../vocabulary/laying'
import { OnBorderSchema, PlacementSchema } from '../schemas/laid'
import { listOf, optionalText } from '../schemas/text'
import { defineKind } from './define'

const id = z.string().min(1).max(64)
const length = z.number().min(0).max(200_000)

/** How the pieces of a pattern were laid on a cloth. */
export const LaySchema = z.strictObject({
  patternId: id,
  projectId: id.nullable().default(null),
  /** The piece of the stash; null where a shop’s cloth of this width was meant. */
  pieceId: id.nullable().default(null),
  /** Which fabric of the pattern it lays; null where nobody wrote that down. */
  role: z.enum(ROLES).nullable().default(null),
  size: optionalText(24),
  layers: z.enum(LAYERS),
  widthMm: z.number().gt(0).max(10_000),
  /** Of the cloth that there is; null where it was asked how much is needed. */
  lengthMm: length.nullable().default(null),
  usedLengthMm: length,
  density: z.number().min(0).max(1),
  placements: listOf(PlacementSchema, 400),
  onBorder: OnBorderSchema.nullable().default(null),
  /** ISO 8601 of when it was cut; null while it is only planned. */
  cutAt: z.iso.datetime().nullable().default(null),
})

export type KeptLay = z.infer<typeof LaySchema>

export const layKind = defineKind({
  id: 'lay',
  words: { one: 'a layout', many: 'layouts' },
  version: 3,
  schema: LaySchema,
  // What the later forms have more of has a usual value.
  steps: [(data) => data, (data) => data],
  references: {
    patternId: { to: 'pattern', whenRemoved: 'remove' },
    projectId: { to: 'project', whenRemoved: 'clear' },
    pieceId: { to: 'piece', whenRemoved: 'clear' },
  },
  title: ({ size }) => `Layout${size ? `, size ${size}` : ''}`,
  searched: () => [],
})
