import { anything } from '../../../../tests/support/anything'
import { dataOf, db, GONE } from '../../../../tests/support/ownPages'
import { keepPattern } from '../patterns/actions'
import { areaOf, boxOf } from '@/core/shapes/polygon'
import { allRecords } from '@/server/store/repository'
import { addFromCorners, addFromFile, addFromMeasures, changePatternPiece, dropPatternPiece } from './actions'
import { loadPieces } from './load'

const METRE = 'xmlns="http://www.w3.org/2000/svg" width="1000mm" height="1000mm" viewBox="0 0 1000 1000"'
/** Without a unit: only a test square tells how large it is. */
const UNITLESS = 'xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 1000"'
const rect = (id: string, x: number, y: number, w: number, h: number) =>
  `<path id="${id}" d="M${x} ${y} h${w} v${h} h${-w} z"/>`
const svg = (head: string, ...paths: string[]) => `<svg ${head}>${paths.join('')}</svg>`

const sent = (text: string, squareMm?: number) => {
  const form = new FormData()
  form.set('file', new Blob([text]), 'wing.svg')
  if (squareMm !== undefined) form.set('squareMm', String(squareMm))
  return form
}

async function pattern(): Promise<string> {
  const kept = await keepPattern({ name: 'Gull wing', need: { garment: 'shirt' }, lengths: [] })
  if (!kept.ok) throw new Error(JSON.stringify(kept))
  return kept.id
}
const pieces = async (id: string) => (await loadPieces(id))!.pieces
const refusal = (outcome: object) => Object.values((outcome as { errors: Record<string, string> }).errors)[0]

describe('a file of outlines', () => {
  it('brings its pieces in at the size that it says', async () => {
    const id = await pattern()
    const file = svg(METRE, rect('Wing', 10, 10, 300, 200), rect('Cuff', 500, 500, 120, 80))
    expect(await addFromFile(id, sent(file))).toEqual({ ok: true, kept: 2, notRead: [] })
    const [wing, cuff] = (await pieces(id)).sort((a, b) => areaOf(b.outline) - areaOf(a.outline))
    expect(wing).toMatchObject({ name: 'Wing', from: 'file', isAbout: false })
    expect(areaOf(wing!.outline)).toBeCloseTo(60_000, 0)
    expect(areaOf(cuff!.outline)).toBeCloseTo(9_600, 0)
  })
  it('is scaled by its test square, which is no piece', async () => {
    const id = await pattern()
    const file = svg(UNITLESS, rect('Wing', 10, 10, 300, 200), rect('Test square', 500, 500, 25, 25))
    expect(await addFromFile(id, sent(file, 50))).toMatchObject({ ok: true, kept: 1 })
    const kept = await pieces(id)
    expect(kept.map(({ name }) => name)).toEqual(['Wing'])
    const { minX, maxX } = boxOf(kept[0]!.outline)
    expect(maxX - minX).toBeCloseTo(600, 0)
  })
  it('takes the smallest for the square where none is called so', async () => {
    const id = await pattern()
    const file = svg(UNITLESS, rect('Wing', 10, 10, 300, 200), rect('Little', 500, 500, 10, 10))
    await addFromFile(id, sent(file, 20))
    const [wing] = await pieces(id)
    expect(boxOf(wing!.outline).maxX - boxOf(wing!.outline).minX).toBeCloseTo(600, 0)
  })
  it.each([
    ['a letter', 'Dear wardrobe, here is the pattern.', undefined],
    ['a drawing with nothing closed', svg(METRE, '<path d="M0 0 L10 10"/>'), undefined],
    ['nothing', '', undefined],
    ['no square, but scaled by one', svg(METRE, rect('Wing', 10, 10, 300, 200)), 50],
  ])('that is %s is refused, and nothing is kept', async (_, text, squareMm) => {
    const id = await pattern()
    const outcome = await addFromFile(id, sent(text, squareMm))
    expect(outcome.ok).toBe(false)
    expect(refusal(outcome)!.length).toBeGreaterThan(10)
    expect(await pieces(id)).toEqual([])
  })
  it('that is too large, or none at all, is refused in words', async () => {
    const id = await pattern()
    expect(refusal(await addFromFile(id, sent('x'.repeat(3_000_001))))).toContain('larger than 3 MB')
    expect(refusal(await addFromFile(id, new FormData()))).toBe('No file was sent.')
    expect(refusal(await addFromFile(id, anything('no form')))).toBe('No file was sent.')
  })
  it('for a pattern that is gone is told', async () => {
    const file = svg(METRE, rect('Wing', 10, 10, 300, 200))
    expect(await addFromFile(GONE, sent(file))).toMatchObject({ ok: false })
    expect((await allRecords(db, 'pattern-piece')).kept).toEqual([])
    expect(await loadPieces(GONE)).toBeUndefined()
  })
})

describe('measures', () => {
  it('draw a piece with its allowance, and say which measure is missing', async () => {
    const id = await pattern()
    const { kinds } = (await loadPieces(id))!
    const kind = kinds.find((one) => one.id === 'rectangle')!
    const mm = Object.fromEntries(kind.measures.map((measure) => [measure.id, 400]))
    expect(await addFromMeasures(id, { kind: 'rectangle', mm, allowance: 10 })).toMatchObject({ ok: true, kept: 1 })
    const [piece] = await pieces(id)
    expect(areaOf(piece!.outline)).toBeCloseTo(420 * 420, 0)
    const less = Object.fromEntries(Object.entries(mm).slice(1))
    expect(refusal(await addFromMeasures(id, { kind: 'rectangle', mm: less, allowance: 10 }))).toBe(
      `${kind.measures[0]!.label} is missing.`,
    )
  })
  it.each([
    ['a shape that is none', { kind: 'mermaid', mm: {}, allowance: 10 }, 'no such shape'],
    ['a side of nothing', { kind: 'rectangle', mm: { width: 0 }, allowance: 10 }, 'at least 1 cm'],
    ['an allowance below nothing', { kind: 'rectangle', mm: {}, allowance: -1 }, ''],
  ])('%s is refused', async (_, input, words) => {
    const outcome = await addFromMeasures(await pattern(), input)
    expect(outcome.ok).toBe(false)
    expect(refusal(outcome)).toContain(words)
  })
})

describe('a piece', () => {
  const corners = [
    [0, 0],
    [300, 0],
    [300, 100],
    [0, 100],
  ]
  it('is changed only as the person saw it, and thrown away', async () => {
    const id = await pattern()
    await addFromCorners(id, anything({ name: 'Beak', corners }))
    const [beak] = await pieces(id)
    const { id: pieceId, revision, ...data } = beak!
    const changed = { ...data, name: 'Upper beak', count: 2, pair: true }
    expect(await changePatternPiece({ id: pieceId, revision }, changed)).toMatchObject({ ok: true })
    expect(await dataOf('pattern-piece', pieceId)).toMatchObject({ name: 'Upper beak', count: 2, pair: true })
    const late = await changePatternPiece({ id: pieceId, revision }, data)
    expect(late).toMatchObject({ ok: false, clash: { data: { name: 'Upper beak' } } })
    expect(await changePatternPiece({ id: pieceId, revision: 2 }, { ...changed, count: 0 })).toMatchObject({
      ok: false,
      errors: { count: /./ },
    })
    expect(await dropPatternPiece(pieceId)).toEqual({ ok: true })
    expect(await pieces(id)).toEqual([])
    expect(await dropPatternPiece(pieceId)).toMatchObject({ ok: false, gone: true })
  })
  it('of corners that enclose nothing is refused', async () => {
    const id = await pattern()
    const line = [corners[0], corners[1]]
    expect(await addFromCorners(id, anything({ name: 'Beak', corners: line }))).toMatchObject({ ok: false })
    expect(await addFromCorners(id, anything({ name: '', corners }))).toMatchObject({ ok: false })
    expect(await pieces(id)).toEqual([])
  })
})
