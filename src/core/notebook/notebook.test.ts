import { kept, weighed } from '../../../tests/support/kept'
import { seen } from '../../../tests/support/seen'
import { NeedSchema } from './schemas/need'
import { ClaimSchema } from './schemas/claim'
import { LookSchema } from './schemas/cloth'
import { ObservationSchema } from './schemas/observation'
import { PieceSchema } from './kinds/piece'
import { ReadingSchema } from './schemas/weighing'
import { propertySheet } from './sheet'

const piece = PieceSchema.parse({ name: 'Green lobby curtain' })
const wool = seen({
  approach: 'curls-away',
  melting: 'none',
  'after-removal': 'dies-at-once',
  smell: 'hair-feather',
  residue: 'crushable-bead',
  crush: 'crumbles',
})
const reading = { grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100 }
const weighedTwice = kept(
  [weighed(3.2, 100, 100, { resolutionGrams: 0.1 }), weighed(3.2, 100, 100, { resolutionGrams: 0.1 })],
  'unknown',
)

const paths = (result: { success: boolean; error?: { issues: { path: PropertyKey[] }[] } }) =>
  result.error?.issues.map(({ path }) => path.join('.'))

describe('records', () => {
  it('refuse with a path what is not in the vocabulary', () => {
    expect(paths(ObservationSchema.safeParse({ feature: 'taste', states: ['salty'] }))).toEqual(['feature'])
    expect(paths(ObservationSchema.safeParse({ feature: 'smell', states: ['paper', 'roses'] }))).toEqual(['states.1'])
    expect(paths(ObservationSchema.safeParse({ feature: 'crush', states: ['powders', 'resists'] }))).toEqual([
      'states.1',
    ])
    expect(paths(ObservationSchema.safeParse({ feature: 'smell', states: ['paper', 'paper'] }))).toEqual(['states.1'])
    expect(ObservationSchema.parse({ feature: 'smell', states: ['paper', 'vinegar'] }).part).toBe('whole')
  })

  it('refuse a claim of more than all, or twice the same', () => {
    expect(
      ClaimSchema.safeParse([
        { fibre: 'wool', percent: 80 },
        { fibre: 'silk', percent: 40 },
      ]).success,
    ).toBe(false)
    expect(
      paths(
        ClaimSchema.safeParse([
          { fibre: 'wool', percent: 40 },
          { fibre: 'wool', percent: 40 },
        ]),
      ),
    ).toEqual(['1.fibre'])
    expect(ClaimSchema.safeParse([{ fibre: 'wool', percent: 40 }]).success).toBe(true)
  })

  it('refuse impossible sizes and spans', () => {
    expect(ReadingSchema.safeParse({ ...reading, grams: 0 }).success).toBe(false)
    expect(PieceSchema.safeParse({ ...piece, widthMm: -3 }).success).toBe(false)
    expect(PieceSchema.safeParse({ ...piece, name: '   ' }).success).toBe(false)
    expect(NeedSchema.safeParse({ gsm: [300, 100] }).success).toBe(false)
    expect(LookSchema.safeParse({ warp: 'red', weft: '#ffffff', accent: null, colouring: 'plain' }).success).toBe(
      false,
    )
  })
})

describe('the property sheet', () => {
  it('derives weight and belief from what was noted', () => {
    const sheet = propertySheet({ piece, measurements: weighedTwice, observations: wool })
    expect(sheet.measured.weigh?.gsm).toBeCloseTo(320, 9)
    expect(sheet.belief?.verdict.level).toBe('family')
    // A flame cannot part wool from hair: a family is no fibre.
    expect(sheet.fibres).toEqual({ ids: ['wool'], how: 'leaning' })
  })

  it('knows nothing where nothing was noted', () => {
    expect(propertySheet({ piece, measurements: [], observations: [] })).toMatchObject({
      measured: { weigh: null },
      weightNow: null,
      belief: null,
      fibres: null,
      earlier: [],
    })
  })

  it('believes a label until a test speaks against it', () => {
    const labelled = (fibre: 'wool' | 'cotton') =>
      propertySheet({
        piece: { ...piece, claim: [{ fibre, percent: 100 }] },
        measurements: [],
        observations: wool,
      }).fibres
    expect(labelled('wool')).toEqual({ ids: ['wool'], how: 'said' })
    expect(labelled('cotton')).toEqual({ ids: ['wool'], how: 'leaning' })
  })
})
