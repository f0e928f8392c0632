import { PDFDocument } from 'pdf-lib'
import { movePolygon, rectangle } from '../../core/shapes/polygon'
import { textsOf } from '../../../tests/support/pdfTexts'
import { tilesOf } from '../../core/outlines/tiles'
import { type LayPrintTask } from '../../core/formats/pdf/writeLayout'
import { printLay } from './printLay'

const task = (rest: Partial<LayPrintTask> = {}): LayPrintTask => ({
  title: 'Ferryman’s jumpsuit',
  says: 'It takes 1.80 m.',
  grounds: [
    {
      name: 'Laundry calico',
      cloth: [rectangle(1400, 1800)],
      pieces: [
        { name: 'front', outline: rectangle(500, 900), marks: [[250, 0]] },
        { name: 'back', outline: rectangle(400, 880).map(([x, y]) => [x + 600, y]), marks: [] },
      ],
    },
  ],
  order: ['Chalk a cross on the wrong side.', 'Then the large ones: front, back.'],
  paper: 'a4',
  isFullSize: false,
  ...rest,
})

it('tells the whole plan on one page, in the order of cutting', async () => {
  const [pages] = textsOf([await printLay(task())])
  expect(pages).toHaveLength(1)
  const text = pages![0]!.items.map(({ str }) => str).join(' ')
  for (const part of ['Laundry calico', '1. Chalk a cross', '2. Then the large ones', 'front', 'back'])
    expect(text).toContain(part)
})

it('prints everything at its own size, each sheet named, and refuses more than anybody glues', async () => {
  const asked = task({ isFullSize: true, paper: 'letter' })
  const bytes = await printLay(asked)
  const sheets = tilesOf(
    asked.grounds[0]!.pieces.map(({ outline }) => outline),
    'letter',
  )
  const pdf = await PDFDocument.load(bytes)
  expect(pdf.getPageCount()).toBe(1 + sheets.length)
  expect(pdf.getPage(1).getWidth()).toBeCloseTo((215.9 * 72) / 25.4, 1)
  const [pages] = textsOf([bytes])
  expect(pages![1]!.items.map(({ str }) => str).join(' ')).toMatch(/A1.*5 cm each side/)
  expect(
    pages!
      .at(-1)!
      .items.map(({ str }) => str)
      .join(' '),
  ).toMatch(/Laundry calico: [A-Z]\d/)
  const huge = Array.from({ length: 40 }, (_, i) => ({
    name: `p${i}`,
    outline: movePolygon(rectangle(1000, 9000), 400 * i, 0),
    marks: [],
  }))
  await expect(
    printLay(task({ isFullSize: true, grounds: [{ name: 'x', cloth: [], pieces: huge }] })),
  ).rejects.toThrow(RangeError)
})
