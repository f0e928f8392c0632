import fc from 'fast-check'
import { namedCloths } from '../../cloths/catalogue'
import { offerFrom, type Described } from '../../fabric/offer'
import { type Need } from '../../notebook/schemas/need'
import { BODIES, COLOURED_HOWS, CONSTRUCTIONS, OPACITIES } from '../../vocabulary/cloth'
import { AVOIDS, CARES, DETAILS, FASTNESSES, GARMENTS, PRINT_WISHES, ROLES, SEASONS } from '../../vocabulary/choosing'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { matchScore } from '../match'
import { byRank, rankOffers } from '../rank'
import { bestOfColumns } from './bestOfColumns'
import { scoreColumns } from './scoreColumns'
import { offerColumnsOf } from './stashColumns'

const names = namedCloths.map(({ name }) => name.uk)
const gsm = fc.oneof(fc.integer({ min: 10, max: 700 }), fc.constantFrom(60, 70, 90, 180, 260, 300))
const anyFabric: fc.Arbitrary<Described> = fc.record(
  {
    called: fc.oneof(fc.constantFrom(...names), fc.constant('nobody knows')),
    gsm,
    gsmUncertainty: fc.double({ min: 0.1, max: 40, noNaN: true }),
    fibres: fc.uniqueArray(fc.constantFrom(...FIBRE_IDS), { maxLength: 3 }),
    construction: fc.constantFrom(...CONSTRUCTIONS),
    stretchPercent: fc.record({ width: fc.integer({ min: 0, max: 120 }), length: fc.integer({ min: 0, max: 60 }) }),
    body: fc.constantFrom(...BODIES),
    opacity: fc.constantFrom(...OPACITIES),
    washed: fc.boolean(),
    nap: fc.boolean(),
    recoveryPercent: fc.integer({ min: 0, max: 100 }),
    coloured: fc.constantFrom(...COLOURED_HOWS),
    repeatMm: fc.constantFrom(0, 20, 90, 300),
  },
  { requiredKeys: [] },
)
const anyNeed: fc.Arbitrary<Need> = fc.record(
  {
    garment: fc.constantFrom(...GARMENTS),
    role: fc.constantFrom(...ROLES),
    details: fc.uniqueArray(fc.constantFrom(...DETAILS), { maxLength: 6 }),
    season: fc.constantFrom(...SEASONS),
    pile: fc.constantFrom('no', 'yes', 'with-nap-layout'),
    called: fc.uniqueArray(fc.constantFrom(...names), { maxLength: 3 }),
    fibres: fc.uniqueArray(fc.constantFrom(...FIBRE_IDS), { maxLength: 2 }),
    avoid: fc.uniqueArray(fc.constantFrom(...AVOIDS), { maxLength: 4 }),
    care: fc.constantFrom(...CARES),
    creases: fc.constantFrom('any', 'few'),
    recoveryPercent: fc.integer({ min: 0, max: 100 }),
    print: fc.constantFrom(...PRINT_WISHES),
    fastness: fc.uniqueArray(fc.constantFrom(...FASTNESSES), { maxLength: 2 }),
  },
  { requiredKeys: [] },
)

it('one pass over columns gives each cloth the score and certainty that it has by itself', () => {
  fc.assert(
    fc.property(anyNeed, fc.array(anyFabric, { minLength: 1, maxLength: 40 }), (need, fabrics) => {
      const cloths = fabrics.map((fabric, index) => ({ id: String(index), offer: offerFrom(fabric) }))
      const { scores, certainties } = scoreColumns(need, offerColumnsOf(cloths))
      cloths.forEach(({ offer }, index) => {
        const alone = matchScore(need, offer)
        expect(Math.abs(scores[index]! - alone.score)).toBeLessThan(1e-12)
        expect(Math.abs(certainties[index]! - alone.certainty)).toBeLessThan(1e-12)
      })
    }),
    { numRuns: 300 },
  )
})

it('keeps the same best in the same order as ranking all of them, also where many are equal or few asked for', () => {
  const few = fc.constantFrom(0, 1, 3, 39, 40, 400)
  // Drawn from a handful, most of them are equal, and only their ids tell them apart.
  const handful = fc.array(anyFabric, { minLength: 1, maxLength: 3 })
  fc.assert(
    fc.property(anyNeed, handful, fc.array(fc.nat(2), { maxLength: 40 }), few, (need, fabrics, drawn, most) => {
      const cloths = drawn.map((which, index) => ({
        id: String(97 - index).padStart(3, '0'),
        kind: which % fabrics.length,
        offer: offerFrom(fabrics[which % fabrics.length]!),
      }))
      const alone = rankOffers(need, cloths).sort(byRank).slice(0, most)
      const best = bestOfColumns(need, offerColumnsOf(cloths), most)
      // Unlike fabrics that score the same but for a rounding may stand either way; like ones stand by their ids.
      expect(best.map(({ score }) => score.toFixed(9))).toEqual(alone.map(({ score }) => score.toFixed(9)))
      const kindOf = new Map(cloths.map(({ id, kind }) => [id, kind]))
      for (const kind of [0, 1, 2]) {
        const own = best.filter(({ id }) => kindOf.get(id) === kind).map(({ id }) => id)
        expect(own).toEqual(own.toSorted())
      }
    }),
    { numRuns: 60 },
  )
})
