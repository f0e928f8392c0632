import fc from 'fast-check'
import { PieceSchema, type PieceInput } from '../notebook/kinds/piece'
import { propertySheet } from '../notebook/sheet'
import { oklabDistance, oklabOf } from '../colour/oklab'
import { ageDays, facets } from './facets'
import { todosOf } from './todos'
import { isEnough } from './filter'
import { fibreSearchWords, pieceSummaryOf, type PieceSummary } from './pieceSummary'
import { StashIndex } from './stashIndex/stashIndex'
import { ASKS_NOTHING, asksSomething, SHELF_SORTS, writeQuery, type ShelfQuery } from './query'
import { readQuery } from './readQuery'

const TODAY = '2026-05-02T12:00:00.000Z'
let made = 0
function gist(input: Partial<PieceInput> = {}): PieceSummary {
  const piece = PieceSchema.parse({ name: `piece ${made}`, ...input })
  const head = { id: String(made++).padStart(4, '0'), createdAt: TODAY, touchedAt: TODAY }
  const sheet = propertySheet({ piece, measurements: [], observations: [] })
  return pieceSummaryOf(head, { piece, measurements: [] }, sheet, 0)
}
function indexOf(gists: readonly PieceSummary[]): StashIndex {
  const index = new StashIndex(TODAY)
  index.putAll(gists)
  return index
}
const ask = (gists: readonly PieceSummary[], query: Partial<ShelfQuery>, worded: Set<string> | null = null) =>
  indexOf(gists).ask({ ...ASKS_NOTHING, ...query }, worded)

describe('the gist of a piece', () => {
  it('knows by its label, and what its name means', () => {
    const silk = gist({ called: 'habotai', claim: [{ fibre: 'silk', percent: 100 }] })
    expect(silk).toMatchObject({ knowing: 'label', fibres: ['silk'], families: ['protein'], construction: 'woven' })
    expect(fibreSearchWords(silk.fibres)).toContain('silk')
    expect(fibreSearchWords(gist().fibres)).toContain('mystery')
  })
  it('is no mystery where its name says that it has no fibres, and is not to be washed', () => {
    const leather = gist({ called: 'leather' })
    expect(leather).toMatchObject({ knowing: 'likely', fibres: [] })
    expect(todosOf(leather)).not.toEqual(expect.arrayContaining(['identify']))
    expect(todosOf(leather)).not.toEqual(expect.arrayContaining(['wash']))
    // Felt is of one fibre or another: that is found out as ever.
    expect(todosOf(gist({ called: 'felt' }))).toContain('identify')
  })
  it('reckons area, mass and price where it can, and says nothing where not', () => {
    const price = { amount: 12, currency: '£', per: 'metre' } as const
    expect(gist({ widthMm: 1500, lengthMm: 2000, price })).toMatchObject({ paid: 24, perM2: 8, kg: null })
    expect(gist({ price })).toMatchObject({ paid: null, perM2: null, m2: null })
    expect(gist({ thing: 'tablecloth' }).usableM2!.value).toBeGreaterThan(1)
  })
  it('stands for itself by its first picture only where that is wanted', () => {
    const pictures = [{ name: '01a21579-3d26-76d0-8c1d-456012720fa9.jpg', says: '' }]
    expect(gist({ pictures }).picture).toBeNull()
    expect(gist({ pictures, face: 'picture' }).picture).toBe(pictures[0]!.name)
    expect(gist({ colours: ['#112233'] }).colours).toEqual(['#112233'])
  })
})

describe('filtering', () => {
  const gists = [
    gist({ name: 'a', place: 'Loft', called: 'denim', claim: [{ fibre: 'cotton', percent: 100 }], tags: ['blue'] }),
    gist({ name: 'b', place: 'Loft', called: 'jersey', claim: [{ fibre: 'wool', percent: 100 }] }),
    gist({ name: 'c', place: 'Hamper', called: 'denim' }),
  ]
  it('says of each value what it would leave, everything else being asked', () => {
    const { found, counts } = ask(gists, { chosen: { place: ['Loft'] } })
    expect(found.map(({ name }) => name)).toEqual(['a', 'b'])
    // The other place still says how many there would be.
    expect(counts.place).toEqual({ Loft: 2, Hamper: 1 })
    expect(counts.made).toEqual({ woven: 1, knit: 1 })
    expect(counts.tag).toEqual({ blue: 1 })
  })
  it('takes several values of a facet together, and several facets one within another', () => {
    expect(ask(gists, { chosen: { made: ['woven', 'knit'] } }).found).toHaveLength(3)
    expect(ask(gists, { chosen: { made: ['woven'], fibre: ['cotton'] } }).found.map(({ name }) => name)).toEqual([
      'a',
    ])
    expect(ask(gists, { chosen: { fibre: ['silk'] } }).found).toEqual([])
  })
  it('counts as if it were asked: whatever a value says it leaves, it leaves', () => {
    const value = fc.constantFrom(['made', 'woven'], ['made', 'knit'], ['place', 'Loft'], ['fibre', 'wool'])
    fc.assert(
      fc.property(fc.uniqueArray(value, { maxLength: 3 }), value, (chosen, [facet, one]) => {
        const before: Record<string, string[]> = {}
        for (const [id, v] of chosen) before[id!] = [...(before[id!] ?? []), v!]
        const said = ask(gists, { chosen: before }).counts[facet!]![one!] ?? 0
        expect(ask(gists, { chosen: { ...before, [facet!]: [one!] } }).found).toHaveLength(said)
      }),
    )
  })
  it('keeps to the words that were found, to a weight, a colour, a price', () => {
    expect(ask(gists, {}, new Set(['none'])).found).toEqual([])
    expect(ask(gists, { gsm: [250, null] }).found.map(({ name }) => name)).toEqual(['c', 'a'])
    const red = gist({ look: { warp: '#aa1122', weft: '#aa1122', accent: null, colouring: 'plain' } })
    expect(ask([...gists, red], { colour: '#b01525' }).found).toEqual([red])
    expect(ask(gists, { colour: '#0000ff' }).found).toEqual([])
    expect(ask([red], { mostPerM2: 5 }).found).toEqual([])
  })
})

describe('enough of it', () => {
  const of = (widthMm: number | null, lengthMm: number | null) =>
    isEnough({ widthMm, lengthMm, usableM2: null }, { lengthMm: 2300, widthMm: 1400 })
  it.each([
    [1400, 2300, 'yes'],
    [1500, 2299, 'no'],
    // Narrower: more length, and a little more than in proportion.
    [1120, 2900, 'no'],
    [1120, 3200, 'perhaps'],
    [800, 9000, 'no'],
    [null, 2300, 'no'],
  ])('of %s by %s: %s', (width, length, verdict) => {
    expect(of(width, length)).toBe(verdict)
  })
  it('is a perhaps where only the area is known', () => {
    const sheet = gist({ thing: 'sheet-double' })
    expect(isEnough(sheet, { lengthMm: 2300, widthMm: 1400 })).toBe('perhaps')
  })
})

describe('order', () => {
  it.each(SHELF_SORTS)('by %s is the same whichever way they came, and loses none', (sort) => {
    const gists = [
      gist({ place: 'box 10', called: 'voile', got: '2020-01-01' }),
      gist({ place: 'Box 2', called: 'denim' }),
      gist({ place: '', lengthMm: 900, widthMm: 900 }),
    ]
    const ids = (list: PieceSummary[]) =>
      indexOf(list)
        .inOrder(sort)
        .map(({ id }) => id)
    expect(ids([...gists].reverse())).toEqual(ids(gists))
    expect(ids(gists).toSorted()).toEqual(gists.map(({ id }) => id).toSorted())
  })
  it('puts box 2 before box 10, and what lies nowhere last', () => {
    const gists = ['box 10', '', 'box 2'].map((place) => gist({ place }))
    expect(
      indexOf(gists)
        .inOrder('place')
        .map(({ place }) => place),
    ).toEqual(['box 2', 'box 10', ''])
  })
})

describe('what is asked, as an address', () => {
  it('goes out and comes back', () => {
    const query: ShelfQuery = {
      ...ASKS_NOTHING,
      text: 'silk & wool',
      chosen: { fibre: ['silk', 'wool'], place: ['Loft, long shelf'] },
      gsm: [150, null],
      enough: { lengthMm: 2300, widthMm: 1400 },
      colour: '#aabbcc',
      mostPerM2: 9.5,
      sort: 'oldest',
    }
    expect(readQuery(writeQuery(query))).toEqual(query)
    expect(asksSomething(query)).toBe(true)
    expect(asksSomething({ ...ASKS_NOTHING, sort: 'name' })).toBe(false)
  })
  it('asks nothing where it makes no sense', () => {
    const nonsense =
      'fibre=unobtainium&gsm=x-y&enough=1x0&colour=red&price=-3&sort=&lot=../x&knowing=tested&knowing=no'
    expect(readQuery(new URLSearchParams(nonsense))).toEqual({ ...ASKS_NOTHING, chosen: { knowing: ['tested'] } })
  })
})

it('has words for every value of every facet', () => {
  for (const { values = [], words } of facets) for (const value of values) expect(words(value, 'us')).toMatch(/\w/)
})

it('counts days over months and leap years', () => {
  const days = (got: string) => ageDays({ got, createdAt: TODAY }, TODAY)
  expect([days('2026-05-02'), days('2026-04-30'), days('2024-02-28'), days('2020-05-02')]).toEqual([0, 2, 794, 2191])
})

it('sees colours about as an eye does', () => {
  // White is 1, 0, 0 (the source's own check), and black and white are one apart.
  expect(oklabOf('#ffffff').map((one) => Math.abs(Math.round(one * 1000) / 1000))).toEqual([1, 0, 0])
  expect(oklabDistance(oklabOf('#000000'), oklabOf('#ffffff'))).toBeCloseTo(1, 3)
  expect(oklabDistance(oklabOf('#203040'), oklabOf('#223344'))).toBeLessThan(0.03)
})
