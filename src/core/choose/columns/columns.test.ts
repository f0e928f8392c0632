import fc from 'fast-check'
import { namedCloths } from '../../cloths/catalogue'
import { offerFrom, type Described } from '../../fabric/offer'
import { type Need } from '../../notebook/schemas/need'
import { BODIES, COLOURED_HOWS, CONSTRUCTIONS, OPACITIES } from '../../vocabulary/cloth'
import { AVOIDS, CARES, DETAILS, FASTNESSES, GARMENTS, PRINT_WISHES, ROLES, SEASONS } from '../../vocabulary/choosing'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { matchScore } from '../match'
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
