import { AT, db, GONE, METRIC, piece } from '../../../../tests/support/ownPages'
import { textsOf } from '../../../../tests/support/pdfTexts'
import { shortNumberOf } from '@/core/pieces/shortNumber'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { addMeasurement } from '@/server/records/measurements'
import { bookPdf, cardsPdf, piecesAsked } from './load'

const SHEET = { sheet: 'a6', skip: 0, origin: 'http://127.0.0.1:4170' } as const
const asked = (text = '') => piecesAsked(new URLSearchParams(text), 'uk')
const wordsOf = (pdf: Uint8Array) =>
  textsOf([pdf])[0]!
    .flatMap(({ items }) => items.map(({ str }) => str))
    .join(' ')

/** A weighed curtain and a hemp sack in the loft, and something that lies nowhere. */
async function three(): Promise<{ curtain: string; sack: string }> {
  const curtain = await piece('Lobby curtain', {
    called: 'velvet',
    place: 'Loft',
    widthMm: 1400,
    lengthMm: 2500,
    washed: 'washed',
    care: ['wash-40'],
    claim: [{ fibre: 'viscose', percent: 100 }],
  })
  const weighing = MeasurementSchema.parse({ kind: 'weighing', grams: 320, lengthMm: 1000, widthMm: 1000 })
  await addMeasurement(db, curtain, weighing as never, 'washed', AT)
  const sack = await piece('Boot sack', {
    place: 'Loft',
    sorting: 'give-away',
    claim: [{ fibre: 'hemp', percent: 100 }],
  })
  await piece('Loose ribbon')
  return { curtain, sack }
}

describe('which pieces', () => {
  it('are those that are named, in that order, else those that the filters leave', async () => {
    const { curtain, sack } = await three()
    expect((await asked(`id=${sack}&id=${curtain}&id=${GONE}`)).map(({ name }) => name)).toEqual([
      'Boot sack',
      'Lobby curtain',
    ])
    expect((await asked('place=Loft')).map(({ name }) => name).sort()).toEqual(['Boot sack', 'Lobby curtain'])
    expect(await asked()).toHaveLength(3)
    expect(await asked('place=Cellar')).toEqual([])
  })
})

describe('cards', () => {
  it('say what a piece is, how heavy and how large, where it lies, and how to wash it', async () => {
    const { curtain } = await three()
    const text = wordsOf(await cardsPdf(await asked(`id=${curtain}`), METRIC, { ...SHEET, labels: 'pieces' }))
    for (const said of ['Lobby curtain', 'velvet', 'lies: Loft', 'washed', '40', '320', '140 cm'])
      expect(text).toContain(said)
    expect(text).not.toContain('Boot sack')
    // What is typed into the search where there is no code, or no phone.
    expect(text).toContain(`Number ${shortNumberOf(curtain)}`)
  })
  it('say it in the other units and words as well', async () => {
    const { curtain } = await three()
    const us = { units: 'imperial', words: 'us' } as const
    const gists = await piecesAsked(new URLSearchParams(`id=${curtain}`), 'us')
    const text = wordsOf(await cardsPdf(gists, us, { ...SHEET, labels: 'pieces' }))
    expect(text).toContain('oz/yd²')
    expect(text.toLowerCase()).toContain('rayon')
    expect(text).not.toContain('140 cm')
  })
  it('of a place name all that lies there, and pieces that lie nowhere have a card too', async () => {
    await three()
    const pages = textsOf([await cardsPdf(await asked(), METRIC, { ...SHEET, labels: 'places' })])[0]!
    const text = pages.flatMap(({ items }) => items.map(({ str }) => str)).join(' ')
    for (const said of ['Loft', 'Boot sack', 'Lobby curtain', 'No location', 'Loose ribbon'])
      expect(text).toContain(said)
  })
})

describe('the book', () => {
  it('has every piece by its name, and an index by fibre', async () => {
    await three()
    const text = wordsOf(await bookPdf(await asked(), METRIC, { isList: false }))
    expect(text).toContain('Stash')
    for (const said of ['Boot sack', 'Lobby curtain', 'Loose ribbon', 'hemp', 'viscose']) expect(text).toContain(said)
  })
  it('of what is given away is a list that says so', async () => {
    await three()
    const text = wordsOf(await bookPdf(await asked('sorting=give-away'), METRIC, { isList: true }))
    expect(text).toContain('To give')
    expect(text).toContain('Boot sack')
    expect(text).not.toContain('Lobby curtain')
  })
})
