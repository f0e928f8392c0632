import { z } from 'zod'
import { clothCalled } from '../../cloths/catalogue'
import { fibreById } from '../../fibres/catalogue'
import { CONSTRUCTIONS, WASH_STATES } from '../../vocabulary/cloth'
import { SIZE_HOWS, SORTINGS, THING_WORDS, THINGS } from '../../vocabulary/stash'
import { VOCABULARIES, wordFor } from '../../vocabulary/words'
import { ClaimSchema } from '../schemas/claim'
import { BodySchema, ColourSchema, LookSchema, OpacitySchema } from '../schemas/cloth'
import { BorderSchema, PolygonSchema } from '../schemas/laid'
import { CareSchema, DaySchema, OutlineSchema, PhotographSchema, PriceSchema, TagsSchema } from '../schemas/stash'
import { listOf, nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

const id = z.uuid()

/**
 * A piece of cloth as the person keeps it. What follows from its readings and observations is derived, never stored.
 */
export const PieceSchema = z.strictObject({
  name: nameText,
  called: optionalText(80),
  construction: z.enum(CONSTRUCTIONS).nullable().default(null),
  widthMm: z
    .number()
    .gt(0, 'Please enter a width above zero.')
    .lte(10_000, 'That is wider than any fabric.')
    .nullable()
    .default(null),
  lengthMm: z
    .number()
    .gt(0, 'Please enter a length above zero.')
    .lte(200_000, 'That is longer than any fabric.')
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
    .min(0, 'Please enter a stretch of zero or more.')
    .max(300, 'That is more than any fabric stretches.')
    .nullable()
    .default(null),
  claim: ClaimSchema.default([]),
  /** Taken in the hand to find out what it is, and not put on a shelf yet. */
  inHand: z.boolean().default(false),
  /** Length of cloth, offcut, or something made up already. */
  thing: z.enum(THINGS).default('cloth'),
  sizeHow: z.enum(SIZE_HOWS).default('measured'),
  /** Where it is no rectangle: an opened garment, an offcut. */
  outline: OutlineSchema.nullable().default(null),
  /** Stains, holes and worn places, which nothing is cut from: mm, in its outline's own place, or from its corner. */
  flaws: listOf(PolygonSchema, 40).default([]),
  border: BorderSchema.nullable().default(null),
  /** What was bought together with it, of one cloth. */
  lotId: id.nullable().default(null),
  /** The piece that it was cut from. */
  cutFromId: id.nullable().default(null),
  /** The heap that it was sorted out of. */
  heapId: id.nullable().default(null),
  sorting: z.enum(SORTINGS).nullable().default(null),
  /** The day on which it came. */
  got: DaySchema.nullable().default(null),
  price: PriceSchema.nullable().default(null),
  care: CareSchema.default([]),
  tags: TagsSchema.default([]),
  ideas: optionalText(1000),
  pictures: listOf(PhotographSchema, 12).default([]),
  /** What stands for it everywhere: how it is drawn, or its first picture. */
  face: z.enum(['drawing', 'picture']).default('drawing'),
  /** Its main colours, the broadest first. */
  colours: listOf(ColourSchema, 6).default([]),
  look: LookSchema.default({ warp: '#cfc3ac', weft: '#c7b99e', accent: null, colouring: 'plain' }),
})

export type Piece = z.infer<typeof PieceSchema>

export type PieceInput = z.input<typeof PieceSchema>

export const pieceKind = defineKind({
  id: 'piece',
  words: { one: 'a fabric', many: 'fabrics' },
  version: 4,
  schema: PieceSchema,
  // What the later forms have more of has a usual value.
  steps: [(data) => data, (data) => data, (data) => data],
  references: {
    lotId: { to: 'lot', whenRemoved: 'clear' },
    cutFromId: { to: 'piece', whenRemoved: 'clear' },
    heapId: { to: 'heap', whenRemoved: 'clear' },
  },
  title: ({ name }) => name,
  searched: ({ name, called, place, source, notes, ideas, tags, thing, claim }) => {
    const cloth = clothCalled(called)
    const names = cloth ? [cloth.name.uk, cloth.name.us, ...cloth.also] : []
    const fibres = claim.flatMap(({ fibre }) => [fibreById(fibre).name.uk, fibreById(fibre).name.us])
    const things = thing === 'cloth' ? [] : VOCABULARIES.map((words) => wordFor(THING_WORDS[thing], words))
    return [name, called, place, source, notes, ideas, ...tags, ...things, ...names, ...fibres]
  },
})
