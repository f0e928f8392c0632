import jsQR from 'jsqr'
import { decodePDFRawStream, PDFDocument, PDFName, PDFRawStream, type PDFNumber } from 'pdf-lib'
import { SHEETS, type Card } from '../../core/cards/sheets'
import { textsOf } from '../../../tests/support/pdfTexts'
import { printBook, printCards } from './printCards'

const SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="20" height="20"><rect width="10" height="20"/></svg>'
const card = (more: Partial<Card> = {}): Card => ({
  name: 'Lobby curtain, sea green',
  fibre: 'cotton, tested',
  lines: ['144.5 ± 0.9 g/m²', '4.8 m of 137 cm width', 'washed: yes'],
  care: ['wash-40', 'bleach-never', 'tumble-low', 'iron-150', 'clean-p'],
  url: 'http://127.0.0.1:4170/stash/01a21579-3d26-76d0-8c1d-456012720fa9',
  number: '720FA9',
  drawing: SVG,
  hasSnip: true,
  ...more,
})

test.each(SHEETS.map(({ id }) => id))(
  'where no phone reaches the program, a card on %s has its number and no code',
  async (sheet) => {
    const bytes = await printCards({ cards: [card({ url: null })], sheet, skip: 0 })
    expect(await codesOf(bytes)).toEqual([])
    const [pages] = textsOf([bytes])
    expect(pages!.flatMap(({ items }) => items.map(({ str }) => str)).join(' ')).toContain('Number 720FA9')
  },
)

it('draws the care symbols on a card, in its own font where letters stand in them', async () => {
  const lettersOn = async (care: Card['care']) => {
    const [pages] = textsOf([await printCards({ cards: [card({ care, url: null })], sheet: 'a6', skip: 0 })])
    return pages!.flatMap(({ items }) => items.map(({ str }) => str)).filter((str) => /^(40|60|P)$/.test(str))
  }
  expect(await lettersOn(['wash-40', 'bleach-never', 'clean-p'])).toEqual(['40', 'P'])
  expect(await lettersOn(['wash-60-mild', 'iron-150'])).toEqual(['60'])
  expect(await lettersOn([])).toEqual([])
})

/** What the codes of a PDF say. */
async function codesOf(bytes: Uint8Array): Promise<string[]> {
  const pdf = await PDFDocument.load(bytes)
  return pdf.context.enumerateIndirectObjects().flatMap(([, object]) => {
    if (!(object instanceof PDFRawStream) || object.dict.get(PDFName.of('Subtype')) !== PDFName.of('Image')) return []
    if (object.dict.get(PDFName.of('Filter')) !== PDFName.of('FlateDecode')) return []
    const [width, height] = ['Width', 'Height'].map((key) =>
      (object.dict.get(PDFName.of(key)) as PDFNumber).asNumber(),
    ) as [number, number]
    const data = decodePDFRawStream(object).decode()
    if (data.length !== width * height * 3) return []
    const rgba = new Uint8ClampedArray(width * height * 4).fill(255)
    for (let i = 0; i < width * height; i++) for (let c = 0; c < 3; c++) rgba[i * 4 + c] = data[i * 3 + c]!
    return jsQR(rgba, width, height)?.data ?? []
  })
}

it('lets text be selected, cuts nothing off, and leads back by its code, on every sheet', async () => {
  const long = card({
    name: 'The very long name of a bundle that nobody would ever write on a card but somebody did',
  })
  const pdfs: Uint8Array[] = []
  for (const { id } of SHEETS) pdfs.push(await printCards({ cards: [card(), long], sheet: id, skip: 0 }))
  const texts = textsOf(pdfs)
  for (const [i, { id }] of SHEETS.entries()) {
    const words = texts[i]!.flatMap(({ items }) => items.map(({ str }) => str))
    const all = words.join(' ').replace(/\s+/g, ' ')
    for (const said of ['Lobby curtain', 'cotton, tested', '144.5 ± 0.9 g/m²'])
      expect([id, all]).toEqual([id, expect.stringContaining(said)])
    for (const { items, width, height } of texts[i]!)
      for (const { transform, width: own } of items) {
        const [x, y] = transform.slice(4) as [number, number]
        expect([id, x >= 0, x + own <= width, y >= 0, y <= height]).toEqual([id, true, true, true, true])
      }
    expect([id, new Set(await codesOf(pdfs[i]!))]).toEqual([id, new Set([card().url])])
  }
}, 60_000)

it('leaves out what its font has no sign for, and breaks a word that is wider than the card', async () => {
  const bytes = await printCards({
    cards: [card({ name: '綿 Cotton \u{1f9f5}', fibre: 'x'.repeat(300), drawing: '' })],
    sheet: 'stickers-30',
    skip: 29,
  })
  const [pages] = textsOf([bytes])
  expect(pages).toHaveLength(1)
  expect(pages![0]!.items.map(({ str }) => str).join('')).toContain('Cotton')
})

it('makes a book with an index that names the pages', async () => {
  const lines = Array.from({ length: 120 }, (_, i) => ({
    name: `Piece ${i}`,
    place: i < 60 ? 'Loft' : 'Hamper',
    says: 'likely wool; 480 ± 4 g/m²',
    words: [i === 119 ? 'velvet' : 'denim'],
  }))
  const [pages] = textsOf([await printBook({ lines, title: 'The stash', lead: '120 pieces', isList: false })])
  expect(pages!.length).toBeGreaterThan(3)
  const text = pages!.map(({ items }) => items.map(({ str }) => str).join(' '))
  const last = text.findIndex((page) => page.includes('Piece 119 likely') || /Piece 119\b/.test(page)) + 1
  expect(text.at(-1)).toContain(`velvet, ${last}`)
}, 30_000)

const wordsOf = (bytes: Uint8Array) =>
  textsOf([bytes])[0]!.map(({ items }) =>
    items
      .map(({ str }) => str)
      .join(' ')
      .replace(/\s+/g, ' '),
  )

it('makes a label of a box: what lies in it in place of a snip, and how many more there are', async () => {
  const lines = Array.from({ length: 60 }, (_, i) => `Curtain ${i + 1}`)
  const box = card({ name: 'Hamper 3', fibre: '60 pieces', lines, drawing: '', hasSnip: false })
  const [said] = wordsOf(await printCards({ cards: [box], sheet: 'a6', skip: 0 }))
  expect(said).toContain('Hamper 3')
  expect(said).not.toContain('Staple a snip')
  const shown = said!.match(/Curtain \d+/g)!.length
  expect(shown).toBeGreaterThan(10)
  expect(said).toContain(`and ${60 - shown} more`)
})

it('makes a checklist by location, without an index', async () => {
  const lines = [
    { name: 'Net', place: 'Loft', says: 'polyester', words: ['net'] },
    { name: 'Drape', place: 'Hamper', says: 'wool', words: ['velvet'] },
    { name: 'Bow', place: 'Loft', says: 'silk', words: ['satin'] },
  ]
  const [said] = wordsOf(await printBook({ lines, title: 'To give away', lead: '3 pieces, 2 kg', isList: true }))
  expect(said).toMatch(/To give away 3 pieces, 2 kg Loft Net polyester Bow silk Hamper Drape wool/)
  expect(said).not.toMatch(/Index|velvet/)
})
