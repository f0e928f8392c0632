import { PieceSchema, type PieceInput } from '../notebook/kinds/piece'
import { propertySheet } from '../notebook/sheet'
import { findSimilarPieces } from './similarPieces'
import { pieceSummaryOf, type PieceSummary } from './pieceSummary'

let made = 0
function gist(name: string, input: Partial<PieceInput>): PieceSummary {
  const piece = PieceSchema.parse({ name, ...input })
  const sheet = propertySheet({ piece, measurements: [], observations: [] })
  return pieceSummaryOf({ id: String(made++), createdAt: '', touchedAt: '' }, { piece, measurements: [] }, sheet, 0)
}
const cotton: Partial<PieceInput> = { claim: [{ fibre: 'cotton', percent: 100 }] }
const denim = gist('denim', { called: 'denim', ...cotton })
const others = [
  gist('other denim', { called: 'denim', ...cotton }),
  gist('drill', { called: 'drill', ...cotton }),
  gist('voile', { called: 'voile', claim: [{ fibre: 'polyester', percent: 100 }] }),
  gist('who knows', {}),
]

it('puts the same cloth first, what stands in for it next, and leaves out what does not', () => {
  const found = findSimilarPieces(denim, others, 'uk', 5)
  expect(found.map(({ name }) => name)).toEqual(['other denim', 'drill'])
  expect(found[0]!.reasons).toEqual(expect.arrayContaining(['also cotton', 'similar weight']))
  expect(found[0]!.score).toBeGreaterThan(found[1]!.score)
})

it('says nothing of a piece of which nothing is known but its colour, nor of itself, nor of what is given away', () => {
  expect(findSimilarPieces(others[3]!, others, 'uk', 5)).toEqual([])
  expect(findSimilarPieces(denim, [denim], 'uk', 5)).toEqual([])
  expect(findSimilarPieces(denim, [{ ...others[0]!, sorting: 'give-away' }], 'uk', 5)).toEqual([])
})

it('is the same both ways', () => {
  const [there] = findSimilarPieces(denim, [others[1]!], 'uk', 1)
  const [back] = findSimilarPieces(others[1]!, [denim], 'uk', 1)
  expect(there!.score).toBeCloseTo(back!.score, 10)
})
