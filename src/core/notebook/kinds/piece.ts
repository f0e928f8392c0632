import { z } from 'zod'
import { clothCalled } from '../../cloths/catalogue'
import { fibreById } from '../../fibres/catalogue'
import { CONSTRUCTIONS, WASH_STATES } from '../../vocabulary/cloth'
import { ClaimSchema } from '../schemas/claim'
import { BodySchema, LookSchema, OpacitySchema } from '../schemas/cloth'
import { nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/**
 * A piece of cloth as the person keeps it. What follows from its readings and observations is derived, never stored.
 */
export const PieceSchema = z.strictObject({
  name: nameText,
  called: optionalText(80),
  construction: z.enum(CONSTRUCTIONS).nullable().default(null),
  widthMm: z
    .number()
    .gt(0, 'a width is more than zero')
    .lte(10_000, 'that is wider than any cloth')
    .nullable()
    .default(null),
  lengthMm: z
    .number()
    .gt(0, 'a length is more than zero')
    .lte(200_000, 'that is longer than any piece of cloth')
    .nullable()
    .default(null),
  place: optionalText(80),
  source: optionalText(120),
  notes: optionalText(2000),
  washed: z.enum(WASH_STATES).default('unknown'),
  body: BodySchema.nullable().default(null),
  opacity: OpacitySchema.nullable().default(null),
  stretchWidthPercent: z
    .number()
    .min(0, 'stretch is not negative')
    .max(300, 'that is more than any cloth stretches')
    .nullable()
    .default(null),
  claim: ClaimSchema.default([]),
  /** Taken in the hand to find out what it is, and not put on a shelf yet. */
  inHand: z.boolean().default(false),
  look: LookSchema.default({ warp: '#cfc3ac', weft: '#c7b99e', accent: null, colouring: 'plain' }),
})

export type Piece = z.infer<typeof PieceSchema>

export type PieceInput = z.input<typeof PieceSchema>

export const pieceKind = defineKind({
  id: 'piece',
  words: { one: 'a piece', many: 'pieces' },
  version: 1,
  schema: PieceSchema,
  steps: [],
  references: {},
  title: ({ name }) => name,
  searched: ({ name, called, place, source, notes, claim }) => {
    const cloth = clothCalled(called)
    const names = cloth ? [cloth.name.uk, cloth.name.us, ...cloth.also] : []
    const fibres = claim.flatMap(({ fibre }) => [fibreById(fibre).name.uk, fibreById(fibre).name.us])
    return [name, called, place, source, notes, ...names, ...fibres]
  },
})
